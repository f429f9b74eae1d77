import { Inject, Injectable } from '@nestjs/common';
import type { Action } from '@sirene/core/actions';
import { longestMessage } from '@sirene/core/chat';
import { Happenings } from '../../chat/happenings.js';
import { beginConversation, visitorOf, writeMessage } from '../../chat/write-conversation.js';
import { CLOCK, type ServerClock } from '../../config.js';
import { GroupWriter } from '../../database/group-writer.js';
import { statement } from '../../database/statements.js';
import { Unwanted, type ActionHandler, type Errand, type Sent } from '../handler.js';
import { answerLines, filledText } from '../mail-words.js';

type Conversation = Extract<Action, { type: 'conversation' }>;

/** Makes a conversation of a submission, as its sender's first message. */
@Injectable()
export class ConversationHandler implements ActionHandler<Conversation> {
  constructor(
    private readonly groups: GroupWriter,
    private readonly happenings: Happenings,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** Nobody can be answered who has left no address. */
  targets({ text }: Conversation, { email }: Sent) {
    return email === '' ? [] : [{ target: email, settings: { ...(text && { text }) } }];
  }

  /** May be called more than once for a delivery: it makes one conversation. */
  async run(errand: Errand): Promise<void> {
    const { delivery, submission, person, site } = errand;
    if (!person) throw new Unwanted('Whoever sent it is not known here any more.');
    const { text = '' } = delivery.settings as Pick<Conversation, 'text'>;
    const said = filledText(text, errand).trim() || answerLines(submission.fields).join('\n');
    // Nobody holds a token for it, as a visitor of a chat does: what comes back comes by mail.
    const visitor = visitorOf(delivery.id);
    const { name, email } = person;
    const { widgetId, widgetName, page, pageTitle } = submission;
    const begun = { siteId: site.id, widgetId, widgetName, visitor, name, email, page, pageTitle };
    const id = await this.groups.add((database) => {
      const known = statement(database, 'SELECT id FROM conversation WHERE siteId = ? AND visitor = ?')
        .pluck()
        .get(site.id, visitor) as string | undefined;
      if (known !== undefined) return known;
      const at = this.clock.now();
      const made = beginConversation(database, begun, at);
      writeMessage(database, made, {
        ...{ id: delivery.id, sender: 'visitor', byId: null, name, at },
        text: said.slice(0, longestMessage),
      });
      return made;
    });
    this.happenings.happened({ id, siteId: site.id, visitor, widgetId });
  }
}
