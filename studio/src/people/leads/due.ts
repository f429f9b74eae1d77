import type { BoardLead } from '../../shared/api/index.ts';

const day = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'short', timeZone: 'UTC' });

/** A day such as 2026-12-24, as people write it. */
export const shortDay = (iso: string): string => day.format(new Date(`${iso}T00:00:00Z`));

/** Whether the day on which something about a lead was due has gone by, where the reader is. */
export function isOverdue({ dueOn }: Pick<BoardLead, 'dueOn'>, now = new Date()): boolean {
  const today = [now.getFullYear(), now.getMonth() + 1, now.getDate()]
    .map((part) => String(part).padStart(2, '0'))
    .join('-');
  return dueOn !== null && dueOn < today;
}
