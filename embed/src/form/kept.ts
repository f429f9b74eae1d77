import { isGroup } from '@sirene/core/base/maps';

/** What a visitor has typed into a form and where in it they are, until it is sent or the tab is closed. */
export interface Typed {
  values: Record<string, string>;
  step: number;
}

/** The name under which it is kept what was typed into a form. */
export const keptName = (widget: string, form: Element) => `${widget}:${form.getAttribute('data-e') ?? ''}`;

/** Where it is kept; storage may be forbidden, and then nothing is. */
export function typedIn(view: Window, name: string) {
  const key = `sirene:typed:${name}`;
  return {
    read(): Typed | null {
      try {
        const kept: unknown = JSON.parse(view.sessionStorage.getItem(key) as string);
        if (!isGroup(kept) || !isGroup(kept['values'])) return null;
        const texts = Object.entries(kept['values']).filter(([, value]) => typeof value === 'string');
        return { values: Object.fromEntries(texts) as Typed['values'], step: Number(kept['step']) || 0 };
      } catch {
        return null;
      }
    },
    write(typed: Typed | null): void {
      try {
        if (typed) view.sessionStorage.setItem(key, JSON.stringify(typed));
        else view.sessionStorage.removeItem(key);
      } catch {
        // Full or forbidden: it stands in the form all the same.
      }
    },
  };
}
