import { Type } from '@sinclair/typebox';
import { SquarePen } from 'lucide';
import { h } from '../../base/html/index.js';
import { childList, define, elementFields, oneOf } from './definition.js';
import { formLayoutCss, formLayouts, sideBySide } from './form-layouts.js';
import { inSteps, isStep, progress, stepsCss } from './form-steps.js';

const schema = elementFields('form', {
  children: childList,
  /** How its fields and buttons stand; one below the other where nothing is said. */
  layout: Type.Optional(oneOf(formLayouts)),
  /** What the visitor reads when sending does not work. */
  failed: Type.Optional(Type.String({ maxLength: 300 })),
});

// Who sees the page, or has it read out, never meets it; programs that fill in all they find do. No field can have its name.
const trap = h(
  'div',
  { class: 'trap', 'aria-hidden': 'true' },
  h('input', { name: 'Website', tabindex: -1, autocomplete: 'off', 'data-trap': true }),
);

export const form = define({
  type: 'form',
  label: 'Form',
  icon: SquarePen,
  schema,
  role: () => 'form',
  parts: ['box'],
  container: true,
  inside: { never: ['form'] },
  create: () => ({ type: 'form', children: [] }),
  title: () => 'Form',
  properties: [
    {
      path: ['layout'],
      label: 'Form layout',
      control: 'choice',
      options: { stacked: 'Stacked', side: 'Side by side', columns: 'Two columns' },
      help: 'On small screens all stand one below the other.',
    },
    {
      path: ['failed'],
      label: 'Failure message',
      control: 'lines',
      help: 'Empty: a message in the widget’s language.',
      rare: true,
    },
  ],
  offers: [
    { label: 'Form', with: {} },
    {
      label: 'One-line signup',
      with: { layout: 'side' },
      holds: [
        {
          type: 'field',
          kind: 'email',
          key: 'email',
          label: 'E-mail address',
          labelHidden: true,
          placeholder: 'E-mail address',
          required: true,
        },
        { type: 'button', label: 'Subscribe', wide: false },
      ],
    },
  ],
  render({ failed, layout = 'stacked' }, { box, children, held, messages }) {
    const steps = held().filter(({ element }) => isStep(element));
    return h(
      'form',
      {
        ...box,
        class: `${box.class}${layout === 'stacked' ? '' : ` ${layout}`}`,
        novalidate: true,
        'data-failed': failed || messages.failed,
        'data-sending': messages.sending,
        ...(steps.length > 1 && { 'data-step-of': messages.stepOf }),
      },
      steps.length > 1 && progress(steps),
      steps.length > 1 ? inSteps(held()) : layout === 'side' ? sideBySide(held()) : children(),
      trap,
      h('div', { class: 'faults', tabindex: -1, hidden: true }, h('p', {}, messages.checkThese)),
      h('p', { class: 'status', role: 'status' }),
    );
  },
  css:
    '&>.trap{position:absolute;inset-inline-start:-9999px;height:1px;overflow:hidden}& [hidden]{display:none!important}&>.faults{font-size:.9em;outline-offset:4px}&>.faults :is(p,ul){margin:0}&>.faults ul{padding-inline-start:1.2em}&>.faults a{color:inherit}' +
    '&{display:flex;flex-direction:column;margin:0}&>.status{margin:0;font-size:.9em}&>.status:empty{display:none}',
  cssFor: ({ layout = 'stacked' }, held) => [
    ...formLayoutCss(layout, held),
    ...(held().some(isStep) ? [stepsCss] : []),
  ],
});
