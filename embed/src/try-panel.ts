import { explain, titleOfName, type Clock, type Session, type SiteRules } from '@sirene/core/behaviour';
import { escapeHtml } from '@sirene/core/base/html';
import { reasonLines, type ReasonLine } from '@sirene/core/review/reasons';
import { writeHtml } from './markup.ts';
import { endTry } from './try.ts';

/** How often what it says is brought up to date, ms. */
const everyMs = 500;

const css = `:host{all:initial!important;position:fixed!important;inset:auto auto 12px 12px!important;z-index:2147483647!important}
*{box-sizing:border-box}
section{font:13px/1.4 system-ui,sans-serif;color:#16242c;background:#fff;border:1px solid #dad5c8;border-radius:6px;width:340px;max-width:calc(100vw - 24px);max-height:min(60vh,520px);display:flex;flex-direction:column;box-shadow:0 6px 24px #0003}
header{display:flex;gap:8px;align-items:center;padding:8px 12px;border-bottom:1px solid #dad5c8;background:#f6f3ec;border-radius:6px 6px 0 0}
header b{flex:1}
div.body{overflow:auto;padding:8px 12px}
button,input{font:inherit;color:inherit;background:#fff;border:1px solid #dad5c8;border-radius:4px;padding:3px 8px;min-height:26px}
button{cursor:pointer}
:focus-visible{outline:2px solid #0e6470;outline-offset:1px}
details{border-bottom:1px solid #eee8da;padding:4px 0}
summary{cursor:pointer;display:flex;justify-content:space-between;gap:8px;min-height:24px;align-items:center}
ul{list-style:none;margin:2px 0 2px;padding-inline-start:10px}
li::before{content:"● ";color:#356e45}li.no::before{color:#9b1c31}li.idle::before{color:#a9b6bd}
i{font-style:normal;color:#50616b}
form{display:flex;gap:6px;align-items:center;flex-wrap:wrap;padding:8px 12px;border-top:1px solid #dad5c8}
label{display:flex;gap:6px;align-items:center}
@media (prefers-color-scheme:dark){section,button,input{background:#16242c;color:#f6f3ec;border-color:#3a4a53}header{background:#1f2f38;border-color:#3a4a53}details,form{border-color:#3a4a53}i{color:#a9b6bd}li::before{color:#7cc08d}li.no::before{color:#f08a9b}}`;

// What does not hold in a group that does keeps nothing away.
const line = ({ holds, wanted, found, parts }: ReasonLine, settled = false): string =>
  `<li${holds ? '' : ` class="${settled ? 'idle' : 'no'}"`}>${escapeHtml(wanted)}${found === undefined ? '' : ` <i>· now ${escapeHtml(found)}</i>`}${
    parts.length > 0 ? `<ul>${parts.map((part) => line(part, holds)).join('')}</ul>` : ''
  }</li>`;

/** Which of the widgets are there, and why; a clock that can be set, and a memory that can be forgotten. In a page that is tried. */
export class TryPanel {
  readonly #root: ShadowRoot;
  #written = '';

  /** @param forget begins anew as a visitor who was never here */
  constructor(
    private readonly site: SiteRules,
    private readonly session: Session,
    clock: Clock & { set(time: number): void },
    forget: () => void,
  ) {
    this.#root = stand(
      `<section aria-label="Sirene try"><header><b>Try: drafts on this page</b><button type="button" data-do="fold" aria-expanded="true">Hide</button></header>
      <div class="body"></div>
      <form><label>Clock <input type="datetime-local" step="1" aria-label="Clock"></label><button type="submit">Set</button>
      <button type="button" data-do="forget">Forget visitor</button><button type="button" data-do="end">End try</button></form></section>`,
    );
    const form = this.#find<HTMLFormElement>('form');
    const input = this.#find<HTMLInputElement>('input');
    input.value = localText(clock.now());
    form.addEventListener('submit', (event) => {
      event.preventDefault();
      const time = new Date(input.value).getTime();
      if (Number.isNaN(time)) return;
      clock.set(time);
      session.send({ type: 'tick' });
      this.#write();
    });
    this.#root.addEventListener('click', ({ target }) => {
      const deed = target instanceof HTMLElement ? target.dataset['do'] : undefined;
      if (deed === 'forget') forget();
      if (deed === 'end') {
        endTry(window);
        location.reload();
      }
      if (deed === 'fold') this.#fold(target as HTMLElement);
    });
    this.#write();
    setInterval(() => this.#write(), everyMs);
  }

  /** Says on the page why there is no try. */
  static refused(reason: string): void {
    const root = stand(
      `<section role="alert" aria-label="Sirene try"><header><b>${escapeHtml(reason)}</b><button type="button">Close</button></header></section>`,
    );
    root.querySelector('button')?.addEventListener('click', () => root.host.remove());
  }

  #find<E extends Element>(selector: string): E {
    return this.#root.querySelector(selector) as E;
  }

  #fold(button: HTMLElement): void {
    const body = this.#find<HTMLElement>('.body');
    const form = this.#find<HTMLElement>('form');
    const folds = !body.hidden;
    for (const one of [body, form]) {
      one.hidden = folds;
      one.style.display = folds ? 'none' : '';
    }
    button.textContent = folds ? 'Show' : 'Hide';
    button.setAttribute('aria-expanded', String(!folds));
  }

  #write(): void {
    const state = this.session.state();
    const slugOf = (id: string) => this.site.widgets.find((one) => one.id === id)?.slug ?? '';
    const html = this.site.widgets
      .map(({ id, slug }) => {
        const explanation = explain(this.site, state, id);
        if (!explanation) return '';
        const lines = reasonLines(explanation, { slugOf })
          .map((one) => line(one))
          .join('');
        return `<details data-w="${escapeHtml(slug)}"><summary><span>${escapeHtml(titleOfName(slug).slice(1, -1))}</span><i>${
          explanation.open ? 'shown' : 'not shown'
        }</i></summary><ul>${lines}</ul></details>`;
      })
      .join('');
    if (html === this.#written) return;
    this.#written = html;
    const body = this.#find<HTMLElement>('.body');
    const opened = new Set(
      Array.from(body.querySelectorAll<HTMLElement>('details[open]'), (one) => one.dataset['w']),
    );
    writeHtml(body, html);
    for (const one of body.querySelectorAll<HTMLDetailsElement>('details'))
      one.open = opened.has(one.dataset['w']);
  }
}

function stand(html: string): ShadowRoot {
  const host = document.createElement('div');
  const root = host.attachShadow({ mode: 'open' });
  const sheet = new CSSStyleSheet();
  sheet.replaceSync(css);
  root.adoptedStyleSheets = [sheet];
  const inside = document.createElement('div');
  root.append(inside);
  writeHtml(inside, html);
  document.documentElement.append(host);
  return root;
}

/** An instant as a field for date and time wants it, by the visitor's own clock. */
const localText = (at: number): string =>
  new Date(at - new Date(at).getTimezoneOffset() * 60_000).toISOString().slice(0, 19);
