import { valueAt } from '@sirene/core/base/maps';
import { keptName, typedIn } from '../form/kept.ts';
import type { Mounted } from '../mount.ts';
import type { Attached, PartPage, PartWidget } from './part.ts';

const choiceOf = (own: Element) =>
  own.closest('label')?.querySelector<HTMLInputElement>('[type=radio],[type=checkbox]');

/**
 * Lets visitors enter what is offered nowhere, an amount or another answer: the choice that it stands in has it for a value,
 * and is made by entering it.
 */
export function attach({ box }: Mounted, _page: PartPage, widget: PartWidget): Attached {
  const entered = ({ target, type }: Event) => {
    const own = target as HTMLInputElement;
    if (!own.matches('[data-entered]')) return;
    const choice = choiceOf(own);
    if (!choice) return;
    choice.value = own.value.trim();
    // Who comes to a field among radio buttons has chosen it; a checkbox is one that holds something.
    if (choice.type === 'radio') choice.checked = true;
    else if (type === 'input') choice.checked = choice.value !== '';
  };
  const restore = () => {
    for (const own of box.querySelectorAll<HTMLInputElement>('[data-entered]')) {
      const [choice, form] = [choiceOf(own), own.closest('form')];
      if (!choice || !form) continue;
      const typed =
        valueAt(typedIn(window, keptName(widget.id, form)).read()?.values ?? {}, choice.name) ?? '';
      const all = [...form.querySelectorAll<HTMLInputElement>('[type=radio],[type=checkbox]')];
      const group = all.filter(({ name }) => name === choice.name);
      const other = typed.split('\n').find((one) => group.every(({ value }) => value !== one));
      if (!other) continue;
      own.value = choice.value = other;
      // A form that has been filled in already did not find the choice by this value; one that is yet to be will.
      if (form.hasAttribute('data-begun')) choice.checked = true;
    }
  };
  restore();
  // Before the form itself hears of it.
  for (const type of ['input', 'focusin']) box.addEventListener(type, entered, true);
  return {
    written: restore,
    end: () => {
      for (const type of ['input', 'focusin']) box.removeEventListener(type, entered, true);
    },
  };
}
