import { valueAt } from '@sirene/core/base/maps';
import { lastSeq } from '@sirene/core/chat';
import { chatLine } from '../chat/chat-line.ts';
import { converse, type Conversation, type Shown } from '../chat/conversation.ts';
import { newsOn } from '../chat/news.ts';
import { isOwnWindow, openOwnWindow, tokenOfWindow } from '../chat/own-window.ts';
import { panelOf, type Panel, type PanelPort } from '../chat/panel.ts';
import { ring } from '../chat/sound.ts';
import type { Mounted } from '../mount.ts';
import { newId } from '../new-id.ts';
import type { Attached, PartPage, PartWidget } from './part.ts';

/** Lets visitors write to the desk, and shows what is answered; folded up, it says how much of it is new. */
export function attach({ box }: Mounted, { chat, identify }: PartPage, { id }: PartWidget): Attached {
  // On a try, and where one only looks, there is nobody to write to.
  if (!chat) return { end: () => {} };
  const { address, memory } = chat;
  const { origin } = new URL(address, location.href);
  const isAlone = isOwnWindow(origin);
  // The pages of the site on the server, beside where its chat is: /c/KEY/chat and /p/KEY.
  const pages = address.replace(/c(\/[^/]+)\/chat$/, 'p$1');
  const handed = tokenOfWindow(origin);
  // What was handed over counts, whatever another conversation left here.
  if (handed !== undefined && memory.read()?.token !== handed) memory.write({ token: handed, seen: {} });
  // Made with the first message; a page that finds one goes on with the conversation.
  const isKnown = memory.read() !== undefined;
  let { token } = memory.read() ?? { token: newId() };
  const kept = () => memory.read() ?? { token, seen: {} };
  const line = chatLine(address, id, () => token);
  const panels = new Map<HTMLElement, Panel>();
  let conversation: Conversation | undefined;
  let last: Shown | undefined;
  let rung: number | undefined;
  const showNews = newsOn(box);
  const hasSound = () =>
    [...panels.keys()].some((place) => place.querySelector('[data-tool=sound]')) || panels.size === 0;

  const show = (shown: Shown) => {
    last = shown;
    const { conversation: which, log } = shown;
    for (const panel of panels.values()) panel.show(shown);
    if (which === null) return;
    const isSeen = panels.size > 0 && !document.hidden;
    const seq = lastSeq(log);
    const known = valueAt(kept().seen, which) ?? 0;
    if (isSeen && seq > known) memory.write({ ...kept(), seen: { ...kept().seen, [which]: seq } });
    if (isSeen) conversation?.look(seq);
    const answers = log.messages.filter(({ from }) => from === 'desk');
    // What was there when the page was opened is no news to the ear.
    const heard = answers.at(-1)?.seq ?? 0;
    if (rung !== undefined && heard > rung && !isSeen && hasSound() && !kept().isMuted) ring();
    rung = Math.max(heard, rung ?? 0);
    showNews(isSeen ? 0 : answers.filter((one) => one.seq > known).length);
  };
  const begin = () => (conversation ??= converse(line, show));
  const port: PanelPort = {
    line,
    files: `${address}/files`,
    messenger: `${pages}/messenger/go?${new URLSearchParams({ widget: id, page: location.href.slice(0, 2048) }).toString()}`,
    say(said) {
      if (!memory.read()) memory.write(kept());
      const { token: identity } = (identify?.value ?? {}) as { token?: unknown };
      const { location, document: page } = window;
      begin().say({
        ...said,
        ...(typeof identity === 'string' && { identity }),
        ...{ page: location.href.slice(0, 2048), title: page.title.slice(0, 300) },
      });
    },
    ask: () => conversation?.ask(),
    ...(!isAlone && {
      openWindow() {
        memory.write(kept());
        openOwnWindow(`${pages}/window/${id}`, kept().token);
      },
    }),
    forget() {
      memory.write(undefined);
      token = newId();
      conversation?.forget();
    },
    isMuted: () => kept().isMuted === true,
    mute: (isMuted) => memory.write({ ...kept(), isMuted }),
  };
  const written = () => {
    for (const place of panels.keys()) if (!place.isConnected) panels.delete(place);
    for (const place of box.querySelectorAll<HTMLElement>('[data-chat]'))
      if (!panels.has(place)) panels.set(place, panelOf(place, port));
    if (isKnown || panels.size > 0) begin();
    if (last) show(last);
  };
  const looked = () => last && show(last);
  document.addEventListener('visibilitychange', looked);
  written();
  // There is nothing else in its own window: it is not folded up there. Once this part is attached, so that it hears of it.
  if (isAlone) setTimeout(() => box.querySelector<HTMLElement>('.launcher')?.click());
  return {
    written,
    end() {
      document.removeEventListener('visibilitychange', looked);
      showNews(0);
      conversation?.end();
    },
  };
}
