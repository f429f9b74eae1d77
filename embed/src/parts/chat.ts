import { valueAt } from '@sirene/core/base/maps';
import { lastSeq, type ChatMessage, type ChatWords } from '@sirene/core/chat';
import { converse, type Conversation, type Shown } from '../chat/conversation.ts';
import { chatLine, type Said } from '../chat/line.ts';
import type { Mounted } from '../mount.ts';
import { newId } from '../new-id.ts';
import type { Attached, PartPage, PartWidget } from './part.ts';

/** Lets visitors write to the desk, and shows what is answered; folded up, it says how much of it is new. */
export function attach({ box }: Mounted, { chat }: PartPage, { id }: PartWidget): Attached {
  // On a try, and where one only looks, there is nobody to write to.
  if (!chat) return { end: () => {} };
  const { address, memory } = chat;
  // Made with the first message; a page that finds one goes on with the conversation.
  const isKnown = memory.read() !== undefined;
  const { token } = memory.read() ?? { token: newId() };
  const panels = new Map<HTMLElement, Panel>();
  let conversation: Conversation | undefined;
  let last: Shown | undefined;
  const showNews = newsOn(box);

  const show = (shown: Shown) => {
    last = shown;
    const { conversation: which, log } = shown;
    for (const panel of panels.values()) panel.show(shown);
    if (which === null) return;
    const isSeen = panels.size > 0 && !document.hidden;
    const { seen = {} } = memory.read() ?? {};
    const known = valueAt(seen, which) ?? 0;
    if (isSeen && lastSeq(log) > known) memory.write({ token, seen: { ...seen, [which]: lastSeq(log) } });
    showNews(isSeen ? 0 : log.messages.filter(({ from, seq }) => from === 'desk' && seq > known).length);
  };
  const begin = () => (conversation ??= converse(chatLine(address, id, token), show));
  const say = (said: Said) => {
    if (!memory.read()) memory.write({ token, seen: {} });
    begin().say(said);
  };
  const written = () => {
    for (const place of panels.keys()) if (!place.isConnected) panels.delete(place);
    for (const place of box.querySelectorAll<HTMLElement>('[data-chat]'))
      if (!panels.has(place)) panels.set(place, panelOf(place, say));
    if (isKnown || panels.size > 0) begin();
    if (last) show(last);
  };
  const looked = () => last && show(last);
  document.addEventListener('visibilitychange', looked);
  written();
  return {
    written,
    end() {
      document.removeEventListener('visibilitychange', looked);
      showNews(0);
      conversation?.end();
    },
  };
}

/** Where a conversation is shown and written into. */
interface Panel {
  show(shown: Shown): void;
}

function panelOf(place: HTMLElement, say: (said: Said) => void): Panel {
  const find = <E extends Element>(selector: string) => place.querySelector<E>(selector) as E;
  const words = JSON.parse(place.dataset['chat'] as string) as ChatWords;
  const [log, text, button, told] = [
    find<HTMLElement>('.log'),
    find<HTMLTextAreaElement>('textarea'),
    find<HTMLButtonElement>('button'),
    find<HTMLElement>('.told'),
  ];
  const asked = find<HTMLElement>('.asked') as HTMLElement | null;
  const inputs = () => [...place.querySelectorAll<HTMLInputElement>('[data-asked]')];
  const draw = drawnIn(log, words);
  const send = () => {
    const isAsked = asked && !asked.hidden;
    const lacking = isAsked && inputs().find((input) => !input.value.trim() || !input.checkValidity());
    for (const input of inputs()) {
      if (input === lacking) input.setAttribute('aria-invalid', 'true');
      else input.removeAttribute('aria-invalid');
    }
    if (lacking) return lacking.focus();
    const message = { id: newId(), text: text.value.trim() };
    if (!message.text) return text.focus();
    const answers = Object.fromEntries(inputs().map((input) => [input.dataset['asked'], input.value.trim()]));
    const { location, document } = window;
    say({
      ...{ message, name: answers['name'] ?? '', email: answers['email'] ?? '' },
      ...{ page: location.href.slice(0, 2048), title: document.title.slice(0, 300) },
    });
    text.value = '';
    text.focus();
  };
  button.addEventListener('click', send);
  text.addEventListener('keydown', (event) => {
    // While a text is composed, Enter ends that.
    if (event.key !== 'Enter' || event.shiftKey || event.isComposing) return;
    event.preventDefault();
    send();
  });
  return {
    show(shown) {
      const { log: known, state, refusal, isCut } = shown;
      if (asked) asked.hidden = state !== 'none' || known.pending.length > 0;
      const isOver = state === 'closed' && known.pending.length === 0;
      const says = refusal || (isCut ? (place.dataset['failed'] ?? '') : isOver ? words.ended : '');
      if (told.textContent !== says) told.textContent = says;
      draw(shown);
    },
  };
}

/** Says how many answers are new: upon what unfolds the chat, and in the title of the page. */
function newsOn(box: HTMLElement): (count: number) => void {
  const page = box.ownerDocument;
  let titled = '';
  return (count) => {
    const next = count > 0 ? `(${count}) ` : '';
    // Only what changes is written: pages watch their own titles.
    if (next !== titled)
      page.title = next + page.title.slice(page.title.startsWith(titled) ? titled.length : 0);
    titled = next;
    const launcher = box.querySelector<HTMLElement>('.launcher');
    const known = launcher?.querySelector<HTMLElement>('[data-news]');
    if (count === 0) known?.remove();
    if (!launcher || count === 0) return;
    const badge = known ?? page.createElement('span');
    badge.setAttribute('data-news', '');
    badge.textContent = `(${count})`;
    badge.style.cssText =
      'position:absolute;inset-block-start:4px;inset-inline-end:4px;padding:0 5px;border-radius:9px;font:600 12px/18px system-ui;background:#b3261e;color:#fff';
    launcher.append(badge);
  };
}

/** Draws a log: what is new is added at its end, so that screen readers read that alone; what is pending stands below, paler. */
function drawnIn(log: HTMLElement, { classes }: ChatWords): (shown: Shown) => void {
  const drawn = new Map<string, HTMLElement>();
  const draw = (id: string, text: string, from: ChatMessage['from'], name: string) => {
    const line = drawn.get(id) ?? document.createElement('p');
    if (!drawn.has(id)) {
      line.className = from === 'visitor' ? classes.sent : classes.received;
      if (from === 'desk' && name) {
        const by = document.createElement('span');
        by.className = 'by';
        by.textContent = name;
        line.append(by);
      }
      line.append(text);
      drawn.set(id, line);
    }
    // What the server stored may lack the number of a card.
    if (line.lastChild?.textContent !== text) line.lastChild?.replaceWith(text);
    return line;
  };
  return ({ log: { messages, pending } }) => {
    const isAtEnd = log.scrollHeight - log.scrollTop - log.clientHeight < 40;
    const lines = [
      ...messages.map(({ id, text, from, name }) => {
        const line = draw(id, text, from, name);
        line.classList.remove('waits');
        return line;
      }),
      ...pending.map(({ id, text }) => {
        const line = draw(id, text, 'visitor', '');
        line.classList.add('waits');
        return line;
      }),
    ];
    const gone = new Set(drawn.values());
    for (const line of lines) {
      gone.delete(line);
      // Only what is not where it belongs is moved: moved lines would be read again.
      const before = lines[lines.indexOf(line) - 1];
      const isThere = line.isConnected && (!before || line.previousElementSibling === before);
      if (isThere) continue;
      if (before) before.after(line);
      else log.append(line);
    }
    for (const [id, line] of drawn)
      if (gone.has(line)) {
        line.remove();
        drawn.delete(id);
      }
    if (isAtEnd) log.scrollTop = log.scrollHeight;
  };
}
