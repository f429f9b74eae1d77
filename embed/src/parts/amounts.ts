import { keptName, typedIn } from '../form/kept.ts';
import type { Mounted } from '../mount.ts';
import type { Attached, PartPage, PartWidget } from './part.ts';

const radioOf = (own: Element) => own.closest('label')?.querySelector<HTMLInputElement>('[type=radio]');

/** Lets visitors enter an amount of their own: the choice that it stands in has it for a value, and is made by entering it. */
export function attach({ box }: Mounted, _page: PartPage, widget: PartWidget): Attached {
  const chosen = ({ target }: Event) => {
    const own = target as HTMLInputElement;
    if (!own.matches('[data-amount]')) return;
    const radio = radioOf(own);
    if (!radio) return;
    radio.value = own.value.trim();
    radio.checked = true;
  };
  const restore = () => {
    for (const own of box.querySelectorAll<HTMLInputElement>('[data-amount]')) {
      const [radio, form] = [radioOf(own), own.closest('form')];
      if (!radio || !form) continue;
      const typed = typedIn(window, keptName(widget.id, form)).read()?.values[radio.name];
      const radios = [...form.querySelectorAll<HTMLInputElement>('[type=radio]')];
      const group = radios.filter(({ name }) => name === radio.name);
      if (!typed || group.some(({ value }) => value === typed)) continue;
      own.value = radio.value = typed;
      // None of them is: the form was filled in before the choice had this value. Else it is still to come.
      if (!group.some(({ checked }) => checked)) radio.checked = true;
    }
  };
  restore();
  // Before the form itself hears of it.
  for (const type of ['input', 'focusin']) box.addEventListener(type, chosen, true);
  return {
    written: restore,
    end: () => {
      for (const type of ['input', 'focusin']) box.removeEventListener(type, chosen, true);
    },
  };
}
