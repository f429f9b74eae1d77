import type { MemberChatWords } from '@sirene/core/chat';

const said: readonly (readonly [isMine: boolean, text: string])[] = [
  [false, 'Shall we share a lamp on Friday?'],
  [true, 'Gladly. I bring the red one.'],
];

/** Writes a thread into member chats that nobody has had, to look at. */
export function writeMembers(box: ParentNode): void {
  for (const place of box.querySelectorAll<HTMLElement>('[data-members]')) {
    const { classes } = JSON.parse(place.dataset['members'] as string) as MemberChatWords;
    place.dataset['view'] = 'thread';
    const name = place.querySelector('.with');
    if (name) name.textContent = 'Mira Stone';
    const lines = said.map(([isMine, text]) => {
      const line = document.createElement('p');
      line.className = isMine ? classes.sent : classes.received;
      line.textContent = text;
      return line;
    });
    place.querySelector('.log')?.replaceChildren(...lines);
  }
}
