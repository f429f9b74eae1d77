import { largestChatFile } from '@sirene/core/chat';
import { newId } from '../new-id.ts';
import { report } from '../report.ts';
import type { Shown } from './conversation.ts';
import { drawnIn } from './draw-log.ts';
import { RefusedMessage, type ChatLine, type Deed, type Said } from './line.ts';
import { questionsIn } from './questions.ts';
import { showIn, wordsOf, write } from './show-panel.ts';

/** Where a conversation is shown and written into. */
export interface Panel {
  show(shown: Shown): void;
}

/** What a panel is connected with. */
export interface PanelPort {
  line: ChatLine;
  files: string;
  /** The address that leads to the site's messenger. */
  messenger: string;
  say(said: Omit<Said, 'page' | 'title'>): void;
  /** How it stands is asked anew. */
  ask(): void;
  /** Opens it in a window of its own; left out in that. */
  openWindow?: () => void;
  /** This browser knows nothing of it any more. */
  forget(): void;
  isMuted(): boolean;
  mute(isMuted: boolean): void;
}

/** So often it is told that somebody is writing, ms. */
const typingMs = 3000;

/** Connects a chat's markup with its conversation: what is written there is said, and what is told is shown. */
export function panelOf(place: HTMLElement, port: PanelPort): Panel {
  const { line, files, say, ask } = port;
  const find = <E extends Element>(selector: string) => place.querySelector<E>(selector) as E;
  const words = wordsOf(place);
  const [log, text, told] = [
    find<HTMLElement>('.log'),
    find<HTMLTextAreaElement>('textarea'),
    find<HTMLElement>('.told'),
  ];
  const draw = drawnIn(log, words, files);
  const answers = questionsIn(place);
  let last: Shown | undefined;
  let news = '';
  let typedAt = -Infinity;

  /** Says once what has been done, until something else happens. */
  const announce = (content: string) => {
    news = content;
    write(told, content);
  };
  const isBeginning = () => last === undefined || (last.state === 'none' && last.log.pending.length === 0);
  /** What was answered, or nothing once the visitor has been led to what lacks. */
  const asked = () => {
    if (!isBeginning()) return { name: '', email: '', answers: [] };
    const found = answers();
    if (!(found instanceof Element)) return found;
    if (found.type === 'checkbox') announce(words.agree);
    found.focus();
    return null;
  };
  const send = () => {
    const answered = asked();
    if (!answered) return;
    const message = { id: newId(), text: text.value.trim() };
    if (!message.text) return text.focus();
    news = '';
    say({ message, ...answered });
    text.value = '';
    typedAt = -Infinity;
    text.focus();
  };
  const sendFile = async (file: File | undefined) => {
    if (!file) return;
    const answered = asked();
    if (!answered) return;
    announce('');
    try {
      if (file.size > largestChatFile) throw new RefusedMessage(words.badFile);
      const sent = await line.send(file);
      say({ message: { id: newId(), text: sent.name, file: sent }, ...answered });
    } catch (error) {
      announce(words.badFile);
      if (!(error instanceof RefusedMessage)) report(error);
    }
  };
  const tell = (deed: Exclude<Deed, 'typing'>, more: object, done: string, after = ask) => {
    line
      .tell(deed, more)
      .then(() => {
        announce(done);
        after();
      })
      .catch((error: unknown) => {
        announce(error instanceof RefusedMessage ? error.message : (place.dataset['failed'] ?? ''));
      });
  };

  find<HTMLButtonElement>('.write > button').addEventListener('click', send);
  text.addEventListener('keydown', (event) => {
    // While a text is composed, Enter ends that.
    if (event.key !== 'Enter' || event.shiftKey || event.isComposing) return;
    event.preventDefault();
    send();
  });
  text.addEventListener('input', () => {
    const now = performance.now();
    if (isBeginning() || now - typedAt < typingMs) return;
    typedAt = now;
    // Of no weight: what is lost of it is told with the next key.
    line.tell('typing').catch(() => undefined);
  });

  const picker = place.querySelector<HTMLInputElement>('[data-file]');
  if (picker) {
    const take = (list: FileList | undefined) => {
      sendFile(list?.[0]).catch(report);
    };
    picker.addEventListener('change', () => {
      take(picker.files ?? undefined);
      picker.value = '';
    });
    place.addEventListener('dragover', (event) => {
      event.preventDefault();
      place.classList.add('drop');
    });
    place.addEventListener('dragleave', () => place.classList.remove('drop'));
    place.addEventListener('drop', (event) => {
      event.preventDefault();
      place.classList.remove('drop');
      take(event.dataTransfer?.files);
    });
    text.addEventListener('paste', (event) => {
      const pasted = event.clipboardData?.files;
      if (!pasted?.length) return;
      event.preventDefault();
      take(pasted);
    });
  }

  for (const star of place.querySelectorAll<HTMLElement>('[data-rate]'))
    star.addEventListener('click', () =>
      tell('rating', { rating: Number(star.dataset['rate']) }, words.thanks),
    );
  const onTool = (tool: string, call: (button: HTMLElement) => void) => {
    const button = place.querySelector<HTMLElement>(`[data-tool=${tool}]`);
    button?.addEventListener('click', () => call(button));
    return button;
  };
  place.querySelector('[data-messenger]')?.setAttribute('href', port.messenger);
  const { openWindow } = port;
  if (openWindow) onTool('window', openWindow);
  onTool('forget', () => tell('forget', {}, '', port.forget));
  onTool('end', () => tell('end', {}, ''));
  onTool('transcript', () => tell('transcript', {}, words.mailed));
  onTool('print', () => printed(log));
  const sound = onTool('sound', () => {
    port.mute(!port.isMuted());
    named();
  });
  const named = () => {
    if (sound) sound.textContent = port.isMuted() ? words.unmute : words.mute;
  };
  named();

  const greeting = log.querySelector<HTMLElement>('[data-after]');
  if (greeting) {
    greeting.hidden = true;
    setTimeout(() => (greeting.hidden = false), Number(greeting.dataset['after']) * 1000);
  }

  return {
    show(shown) {
      if (last && last.state !== shown.state) news = '';
      last = shown;
      // Each time: what is written anew has lost it.
      place.toggleAttribute('data-alone', !openWindow);
      showIn(place, words, shown, news);
      draw(shown);
    },
  };
}

/** Prints what was said, and nothing else of the page. */
function printed(log: HTMLElement): void {
  const frame = document.createElement('iframe');
  frame.style.cssText = 'position:fixed;width:0;height:0;border:0;visibility:hidden';
  document.body.append(frame);
  const page = frame.contentWindow as Window;
  const copy = page.document.importNode(log, true);
  copy.style.cssText = 'font:15px/1.5 system-ui;white-space:pre-wrap';
  page.document.body.append(copy);
  page.onafterprint = () => frame.remove();
  page.print();
}
