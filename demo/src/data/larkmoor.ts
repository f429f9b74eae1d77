import { srgb, type Brand } from '@sirene/core/style';
import type { Element } from '@sirene/core/elements';
import { createWidget, type WidgetDocument } from '@sirene/core/widget';

export const siteKey = 'larkmoor';

const colour = (hex: string) => ({ $value: srgb(hex) });

/** Night indigo, lamp amber, a serif for titles. */
export const brand: Partial<Brand> = {
  tokens: {
    color: {
      $type: 'color',
      ground: colour('#ffffff'),
      soft: colour('#ebe8f5'),
      ink: colour('#22223b'),
      quiet: colour('#5a5a78'),
      line: colour('#c9c4dc'),
      accent: colour('#3d3f9e'),
      'accent-strong': colour('#2a2c6b'),
      'on-accent': colour('#ffffff'),
      night: colour('#171a48'),
      lamp: colour('#ffb547'),
      danger: colour('#a8203a'),
      veil: { $value: { colorSpace: 'srgb', components: [0.05, 0.055, 0.18], alpha: 0.6 } },
    },
    font: {
      $type: 'fontFamily',
      title: { $value: ['Fraunces', 'Georgia', 'serif'] },
      text: { $value: ['Figtree', 'system-ui', 'sans-serif'] },
    },
    radius: {
      $type: 'dimension',
      field: { $value: { value: 8, unit: 'px' } },
      button: { $value: { value: 22, unit: 'px' } },
      box: { $value: { value: 14, unit: 'px' } },
    },
  },
};

function build(name: string, change: (document: WidgetDocument) => void): WidgetDocument {
  const document = createWidget(name);
  change(document);
  return document;
}

const text = (level: number, words: string): Element => ({ type: 'text', level, content: [{ text: words }] });

const field = (
  kind: 'name' | 'email' | 'long-text',
  key: string,
  label: string,
  required: boolean,
): Element => ({
  type: 'field',
  kind,
  key,
  label,
  required,
});

const submit = (label: string): Element => ({
  type: 'button',
  label,
  action: { type: 'submit' },
  wide: true,
});

function fill(document: WidgetDocument, root: string, children: Record<string, Element>): void {
  Object.assign(document.elements, children);
  const group = document.elements[root];
  if (group && 'children' in group) group.children = Object.keys(children);
}

/** A signup in the corner for those who read. */
export const skyLetter = build('Sky letter', (document) => {
  document.placement = {
    type: 'corner',
    at: 'bottom-right',
    offset: [24, 24],
    width: 392,
    closing: { button: true, escape: true, backdrop: false },
  };
  fill(document, 'opening', {
    title: text(2, 'The moor’s sky, once a month'),
    words: text(0, 'What to look for, when the dome is open, and one good story. No more than that.'),
    form: { type: 'form', children: [] },
  });
  fill(document, 'form', {
    name: field('name', 'name', 'Your name', false),
    email: field('email', 'email', 'E-mail address', true),
    send: submit('Send me the Sky letter'),
  });
  fill(document, 'thanks', {
    done: text(2, 'Thank you, and clear skies'),
    next: text(0, 'The next letter leaves on the first of the month.'),
  });
  document.elements['title'] = {
    ...text(2, 'The moor’s sky, once a month'),
    style: { box: { base: { color: '{color.accent-strong}' } } },
  } as Element;
  document.behaviour = {
    triggers: { any: [{ type: 'delay', seconds: 8 }, { type: 'scroll', share: 0.6 }, { type: 'leave' }] },
    targeting: { all: [{ type: 'address', include: ['/journal/*', '/shop/*'], exclude: [] }] },
    frequency: { per: 'visit' },
    returning: { afterClosing: 7, afterSubmitting: null },
    priority: 0,
  };
  document.afterwards = {
    visitor: { type: 'scene' },
    actions: [
      {
        type: 'notify',
        recipients: ['desk@larkmoor.example', 'letters@larkmoor.example'],
        subject: 'A new reader of the Sky letter',
      },
    ],
  };
});

/** The contact form, in the contact page. */
export const askTheObservatory = build('Ask the observatory', (document) => {
  document.kind = 'form';
  document.placement = { type: 'inline', width: 680 };
  fill(document, 'opening', {
    title: text(2, 'Ask the observatory'),
    words: text(0, 'Opening times, group visits, a light you saw last night: we answer within a day.'),
    form: { type: 'form', children: [] },
  });
  fill(document, 'form', {
    name: field('name', 'name', 'Your name', true),
    email: field('email', 'email', 'E-mail address', true),
    message: field('long-text', 'message', 'Your question', true),
    send: { type: 'button', label: 'Send the question', action: { type: 'submit' }, wide: false },
  });
  fill(document, 'thanks', {
    done: text(2, 'Your question is with us'),
    next: text(0, 'We read the mail every morning and answer within a day.'),
  });
  document.behaviour = {
    triggers: { any: [{ type: 'load' }] },
    targeting: { all: [] },
    frequency: { per: 'page' },
    returning: { afterClosing: 0, afterSubmitting: 0 },
    priority: 0,
  };
  document.afterwards = {
    visitor: { type: 'scene' },
    actions: [
      { type: 'notify', recipients: ['desk@larkmoor.example'], subject: 'A question for the observatory' },
    ],
  };
});

/** The second site has a small brand of its own. */
export const weaversBrand: Partial<Brand> = {
  tokens: {
    color: {
      $type: 'color',
      accent: colour('#7a3b2e'),
      'accent-strong': colour('#5c2a20'),
      soft: colour('#f2ece2'),
    },
  },
};
