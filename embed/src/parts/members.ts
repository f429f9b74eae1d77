import { newsOn } from '../chat/news.ts';
import { followMembers, type FollowedMembers, type ShownMembers } from '../members/follow-members.ts';
import { memberLine, type MemberLine } from '../members/member-line.ts';
import { memberPanel, type MemberPanel } from '../members/member-panel.ts';
import type { Mounted } from '../mount.ts';
import type { Attached, PartPage } from './part.ts';

/** Lets members of the site write to each other, as soon as the page says who is signed in. */
export function attach({ box }: Mounted, { chat, identify }: PartPage): Attached {
  // On a try, and where one only looks, there is nobody to write to.
  if (!chat) return { end: () => {} };
  const address = chat.address.replace(/chat$/, 'members');
  const showNews = newsOn(box);
  const panels = new Map<HTMLElement, MemberPanel>();
  let line: MemberLine | undefined;
  let followed: FollowedMembers | undefined;
  let token: string | undefined;
  let last: ShownMembers | undefined;
  const isSeen = () => panels.size > 0 && !document.hidden;

  const show = (shown: ShownMembers) => {
    last = shown;
    for (const panel of panels.values()) panel.show(shown);
    // Folded up, and in another tab, it says how much is new.
    showNews(isSeen() ? 0 : shown.threads.reduce((sum, { unread }) => sum + unread, 0));
  };
  const written = () => {
    for (const place of panels.keys()) if (!place.isConnected) panels.delete(place);
    for (const place of box.querySelectorAll<HTMLElement>('[data-members]')) {
      if (!line) place.dataset['view'] = 'out';
      if (panels.has(place)) continue;
      const panel = memberPanel(
        place,
        () => line,
        () => followed,
      );
      panels.set(place, panel);
    }
    if (last) show(last);
  };
  const begin = () => {
    const { token: given } = (identify.value ?? {}) as { token?: unknown };
    const next = typeof given === 'string' ? given : undefined;
    if (next === token && followed) return;
    followed?.end();
    token = next;
    [followed, line, last] = [undefined, undefined, undefined];
    if (next !== undefined) {
      line = memberLine(address, next);
      followed = followMembers(line, show, isSeen);
    }
    written();
  };
  begin();
  const unfollow = identify.follow(begin);
  return {
    written,
    end() {
      unfollow();
      followed?.end();
      showNews(0);
    },
  };
}
