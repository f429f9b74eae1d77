import type { ChatDraft, ChatFile, ChatMessage, ChatWords } from '@sirene/core/chat';
import type { Shown } from './conversation.ts';

/** What browsers draw of what is sent. */
const isPicture = ({ type }: ChatFile): boolean => /^image\/(jpeg|png|webp|gif)$/.test(type);

/**
 * Draws a log: what is new is added at its end, so that screen readers read that alone; what is pending stands below, paler.
 *
 * @param files the address under which files are fetched
 */
export function drawnIn(log: HTMLElement, { classes }: ChatWords, files: string): (shown: Shown) => void {
  const drawn = new Map<string, HTMLElement>();

  const draw = ({ id, text, file }: ChatDraft, from: ChatMessage['from'], name: string) => {
    const known = drawn.get(id);
    if (known) {
      // A file can be fetched once its message is stored.
      if (file && !known.querySelector('a'))
        known.lastChild?.replaceWith(linkTo(file, `${files}/${file.id}`));
      // What the server stored may lack the number of a card.
      if (!file && known.lastChild?.textContent !== text) known.lastChild?.replaceWith(text);
      return known;
    }
    const line = document.createElement('p');
    line.className = from === 'visitor' ? classes.sent : classes.received;
    if (from === 'desk' && name) {
      const by = document.createElement('span');
      by.className = 'by';
      by.textContent = name;
      line.append(by);
    }
    line.append(file ? linkTo(file, `${files}/${file.id}`) : text);
    line.dataset['said'] = '';
    drawn.set(id, line);
    return line;
  };

  return ({ log: { messages, pending } }) => {
    const isAtEnd = log.scrollHeight - log.scrollTop - log.clientHeight < 40;
    const lines = [
      ...messages.map((one) => {
        const line = draw(one, one.from, one.name);
        line.classList.remove('waits');
        return line;
      }),
      ...pending.map((one) => {
        const line = draw({ id: one.id, text: one.text }, 'visitor', '');
        line.classList.add('waits');
        return line;
      }),
    ];
    const gone = new Set(drawn.values());
    let before: HTMLElement | undefined;
    for (const line of lines) {
      gone.delete(line);
      // Only what is not where it belongs is moved: moved lines would be read again.
      const isThere = line.isConnected && (!before || line.previousElementSibling === before);
      if (!isThere && before) before.after(line);
      else if (!isThere) log.append(line);
      before = line;
    }
    for (const [id, line] of drawn)
      if (gone.has(line)) {
        line.remove();
        drawn.delete(id);
      }
    if (isAtEnd) log.scrollTop = log.scrollHeight;
  };
}

function linkTo(file: ChatFile, address: string): HTMLElement {
  const link = document.createElement('a');
  Object.assign(link, { href: address, target: '_blank', rel: 'noopener' });
  if (!isPicture(file)) {
    link.textContent = file.name;
    return link;
  }
  const picture = document.createElement('img');
  Object.assign(picture, { src: address, alt: file.name, loading: 'lazy' });
  link.append(picture);
  return link;
}
