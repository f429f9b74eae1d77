import type { MemberChatWords } from '@sirene/core/chat';
import { newId } from '../new-id.ts';
import { report } from '../report.ts';
import type { FollowedMembers, ShownMembers } from './follow-members.ts';
import { RefusedMember, type Member, type MemberLine } from './member-line.ts';

/** Where a member's threads are shown and written into. */
export interface MemberPanel {
  show(shown: ShownMembers): void;
}

/** How long after the last key it is searched, ms. */
const searchMs = 250;

/**
 * Connects a member chat's markup with its line.
 *
 * @param line that of who is signed in now; nobody's where nobody is
 */
export function memberPanel(
  place: HTMLElement,
  line: () => MemberLine | undefined,
  followed: () => FollowedMembers | undefined,
): MemberPanel {
  const find = <E extends HTMLElement>(selector: string) => place.querySelector<E>(selector) as E;
  const words = JSON.parse(place.dataset['members'] as string) as MemberChatWords;
  const [search, list, log, told, text, reason] = [
    find<HTMLInputElement>('[data-find]'),
    find('.threads'),
    find('.log'),
    find('.told'),
    find<HTMLTextAreaElement>('textarea'),
    find<HTMLFormElement>('.reason'),
  ];
  let last: ShownMembers | undefined;
  let found: readonly Member[] | null = null;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let searches = 0;
  let name = '';
  let news = '';
  /** What was sent last and has not arrived for all that is known: tried again, it is the same message. */
  let unsure: { id: string; to: string; text: string } | undefined;

  const say = (content: string) => {
    news = content;
    if (last) show(last);
  };
  /** Does something, and says why where it is refused. */
  const attempt = (work: () => Promise<void>) => {
    work().catch((error: unknown) => {
      say(error instanceof RefusedMember ? error.message : words.failed);
      if (!(error instanceof RefusedMember)) report(error);
    });
  };
  const open = (other: Member | null) => {
    [name, news, found] = [other?.name ?? '', '', null];
    search.value = '';
    reason.hidden = true;
    log.replaceChildren();
    followed()?.open(other?.id ?? null);
    (other ? text : search).focus();
  };
  const send = () => {
    const to = last?.open;
    const written = text.value.trim();
    if (!to || !written) return text.focus();
    if (unsure?.to !== to || unsure.text !== written) unsure = { id: newId(), to, text: written };
    const { id } = unsure;
    attempt(async () => {
      await line()?.say(to, { id, text: written });
      unsure = undefined;
      if (text.value.trim() === written) text.value = '';
      say('');
      followed()?.ask();
    });
  };
  const entry = (member: Member, more: string, isNew: boolean) => {
    const button = document.createElement('button');
    button.type = 'button';
    button.dataset['of'] = member.id;
    button.classList.toggle('new', isNew);
    const under = document.createElement('span');
    under.textContent = more;
    button.append(member.name, under);
    button.addEventListener('click', () => open(member));
    const item = document.createElement('li');
    item.append(button);
    return item;
  };
  let drawnList = '';
  const drawList = (threads: ShownMembers['threads']) => {
    const rows =
      found?.map((member) => [member, '', false] as const) ??
      threads.map(({ other, last: { text: said }, unread }) => {
        const more = `${unread > 0 ? `(${unread}) ` : ''}${said || words.removed}`;
        return [other, more, unread > 0] as const;
      });
    const sign = JSON.stringify(rows);
    if (sign === drawnList) return;
    drawnList = sign;
    const focused = list.querySelector<HTMLElement>(':focus')?.dataset['of'];
    list.replaceChildren(...rows.map((row) => entry(...row)));
    // Who is at one of them stays there.
    if (focused !== undefined)
      [...list.querySelectorAll<HTMLElement>('[data-of]')]
        .find(({ dataset }) => dataset['of'] === focused)
        ?.focus();
  };

  search.addEventListener('input', () => {
    clearTimeout(timer);
    const at = ++searches;
    const wanted = search.value.trim();
    if (wanted === '') {
      found = null;
      return say('');
    }
    timer = setTimeout(
      () =>
        attempt(async () => {
          const all = (await line()?.find(wanted)) ?? [];
          if (at !== searches) return;
          found = all;
          say(all.length === 0 ? words.nobody : '');
        }),
      searchMs,
    );
  });
  find<HTMLButtonElement>('.write > button').addEventListener('click', send);
  text.addEventListener('keydown', (event) => {
    if (event.key !== 'Enter' || event.shiftKey || event.isComposing) return;
    event.preventDefault();
    send();
  });
  const tools = { back: find('[data-tool=back]'), block: find('[data-tool=block]') };
  tools.back.addEventListener('click', () => open(null));
  tools.block.addEventListener('click', () => {
    const other = last?.open;
    if (other)
      attempt(async () => {
        await line()?.block(other, !isBlocked());
        followed()?.ask();
      });
  });
  find('[data-tool=report]').addEventListener('click', () => {
    reason.hidden = !reason.hidden;
    if (!reason.hidden) reason.querySelector('input')?.focus();
  });
  reason.addEventListener('submit', (event) => {
    event.preventDefault();
    const input = reason.querySelector('input') as HTMLInputElement;
    const other = last?.open;
    const why = input.value.trim();
    if (!other || !why) return input.focus();
    attempt(async () => {
      await line()?.report(other, why);
      input.value = '';
      reason.hidden = true;
      say(words.reported);
    });
  });
  const isBlocked = () =>
    last?.threads.some(({ other, isBlocked: is }) => is && other.id === last?.open) === true;

  /** What is new is added at the end, so that screen readers read that alone; what was removed says so in its place. */
  const draw = ({ messages }: ShownMembers) => {
    const drawn = new Map([...log.children].map((one) => [one.getAttribute('data-id'), one]));
    const isAtEnd = log.scrollHeight - log.scrollTop - log.clientHeight < 40;
    for (const { id, text: said, isMine, isRemoved } of messages) {
      const before = drawn.get(id);
      if (before && isRemoved) before.textContent = words.removed;
      if (before) continue;
      const one = document.createElement('p');
      one.className = isMine ? words.classes.sent : words.classes.received;
      one.dataset['id'] = id;
      one.textContent = isRemoved ? words.removed : said;
      log.append(one);
    }
    if (isAtEnd) log.scrollTop = log.scrollHeight;
  };
  const show = (shown: ShownMembers) => {
    last = shown;
    const { threads, open: other, isCut, refusal } = shown;
    place.dataset['view'] = refusal ? 'none' : other === null ? 'list' : 'thread';
    tools.block.textContent = isBlocked() ? words.unblock : words.block;
    find('.with').textContent = name;
    const state =
      other !== null && isBlocked()
        ? words.blocked
        : other === null && !found && threads.length === 0
          ? words.none
          : '';
    const said = refusal || (isCut ? words.failed : news || state);
    if (told.textContent !== said) told.textContent = said;
    if (other === null) drawList(threads);
    draw(shown);
  };
  return { show };
}
