// What a compiler of widgets is measured against: the HTML and the CSS of `largeDocument`, by a function that knows no other
// document. It does what the job needs, and nothing else: every text escaped, every value checked, unused rules left out.

const marks = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;', "'": '&#39;' };
const escaped = (text) => text.replace(/[&<>"']/g, (mark) => marks[mark]);
const address = (link) => (/^(https?:|\/|#|mailto:|tel:)/.test(link) ? link : null);

const colour = (value) => value.replace(/^\{color\.([a-z-]+)\}$/, 'var(--color-$1)');
const properties = {
  fontSize: 'font-size',
  radius: 'border-radius',
  background: 'background-color',
  color: 'color',
};

/** The class that an element's own values make, and its rule. */
function own(id, style, rules) {
  const base = style?.box?.base;
  if (!base) return '';
  const declarations = Object.entries(base).map(
    ([name, value]) => `${properties[name]}:${typeof value === 'number' ? `${value}px` : colour(value)}`,
  );
  rules.push(`.${id}{${declarations.join(';')}}`);
  return ` ${id}`;
}

function element(document, id, rules) {
  const one = document.elements[id];
  switch (one.type) {
    case 'group':
      return `<div data-e="${id}" class="t-group r-group${own(id, one.style, rules)} ${one.direction}">${one.children
        .map((child) => element(document, child, rules))
        .join('')}</div>`;
    case 'text': {
      const role = one.level > 0 ? 'title' : 'text';
      const tag = one.level > 0 ? `h${one.level}` : 'p';
      const words = one.content.map(({ text }) => escaped(text)).join('');
      return `<${tag} data-e="${id}" class="t-text r-${role}${own(id, one.style, rules)}" dir="auto">${words}</${tag}>`;
    }
    case 'button':
      return `<a data-e="${id}" class="t-button r-button${own(id, one.style, rules)}" href="${escaped(
        address(one.action.address),
      )}" data-act="link"><span data-text="label">${escaped(one.label)}</span></a>`;
  }
}

export function writeByHand(document) {
  const rules = [];
  const html = element(document, document.scenes.opening.root, rules);
  return { html, rules, css: rules.join('') };
}
