import { noLook, type Brand } from '@sirene/core/style';

/** An id for a new look that none has yet. */
export function lookId(name: string, looks: Brand['looks']): string {
  const plain = name
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^[^a-z]+|-+$/g, '')
    .slice(0, 40);
  const base = plain || 'look';
  let id = base;
  for (let count = 2; id === noLook || Object.hasOwn(looks, id); count++) id = `${base}-${count}`;
  return id;
}
