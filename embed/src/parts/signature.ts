import type { Mounted } from '../mount.ts';
import type { Attached } from './part.ts';

/** How large it is drawn, in units of its own; how far apart two points are at least, so that the path stays short. */
const [width, height] = [600, 200];
const apart = 3;
/** The longest path that is taken (core/form, maxLength). */
const longest = 19_900;

/** Lets signatures be drawn, by finger, pen or mouse. */
export function attach({ box }: Mounted): Attached {
  const bound = new Map<Element, AbortController>();
  const written = () => {
    for (const place of box.querySelectorAll<HTMLElement>('[data-signature]'))
      if (!bound.has(place)) bound.set(place, bind(place));
  };
  written();
  return { written, end: () => bound.forEach((one) => one.abort()) };
}

function bind(place: HTMLElement): AbortController {
  const ending = new AbortController();
  const { signal } = ending;
  const area = place.querySelector<HTMLElement>('.input');
  const path = place.querySelector('path');
  const field = place.querySelector<HTMLInputElement>('[name]');
  const typed = place.querySelector<HTMLInputElement>('[data-typed]');
  if (!area || !path || !field || !typed) return ending;
  const show = () => {
    const isDrawn = /^M\d/.test(field.value);
    path.setAttribute('d', isDrawn ? field.value : '');
    typed.value = isDrawn ? '' : field.value;
  };
  const set = (value: string) => {
    field.value = value;
    show();
    field.dispatchEvent(new Event('input', { bubbles: true }));
  };
  const pointOf = ({ clientX, clientY }: PointerEvent): [number, number] => {
    const at = area.getBoundingClientRect();
    const inside = (share: number, size: number) => Math.round(Math.min(Math.max(share, 0), 1) * size);
    return [inside((clientX - at.left) / at.width, width), inside((clientY - at.top) / at.height, height)];
  };
  let last: [number, number] | null = null;
  area.addEventListener(
    'pointerdown',
    (event) => {
      if (field.value.length > longest) return;
      area.setPointerCapture(event.pointerId);
      last = pointOf(event);
      // What was typed gives way to what is drawn.
      if (typed.value) field.value = '';
      // A dot is a stroke too.
      field.value += `M${last.join(' ')}L${last.join(' ')}`;
      show();
      event.preventDefault();
    },
    { signal },
  );
  area.addEventListener(
    'pointermove',
    (event) => {
      if (!last || field.value.length > longest) return;
      const next = pointOf(event);
      if (Math.hypot(next[0] - last[0], next[1] - last[1]) < apart) return;
      last = next;
      field.value += `L${next.join(' ')}`;
      show();
    },
    { signal },
  );
  for (const type of ['pointerup', 'pointercancel'])
    area.addEventListener(
      type,
      () => {
        if (last) set(field.value);
        last = null;
      },
      { signal },
    );
  typed.addEventListener('input', () => (field.value = typed.value.trim() && typed.value), {
    signal,
    capture: true,
  });
  place.querySelector('.again')?.addEventListener('click', () => set(''), { signal });
  // What was drawn before is there again.
  place.closest('form')?.addEventListener('change', show, { signal });
  show();
  return ending;
}
