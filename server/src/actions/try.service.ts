import { BadRequestException, ConflictException, Inject, Injectable } from '@nestjs/common';
import { specOfAction, type Action } from '@sirene/core/actions';
import { formFields, validateDocument } from '@sirene/core/document/widget';
import { sampleAnswer } from '@sirene/core/form';
import { DataSource, IsNull } from 'typeorm';
import { CLOCK, type ServerClock } from '../config.js';
import { Mailer } from '../mail/mailer.js';
import { PersonEntity, SubmissionEntity } from '../people/people.entity.js';
import { newId } from '../shared/ids.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import type { WidgetEntity } from '../widgets/widgets.entity.js';
import type { ActionHandler, Errand, Letter } from './handler.js';
import type { Handlers } from './handlers/registry.js';
import { HANDLERS } from './handlers/token.js';

/** Mails of one action that are shown: they differ by their recipient alone. */
const most = 3;

/** What an action would do with a submission, before there is one. */
export interface Preview {
  /** Whether the answers in it were made up, as nobody has sent the form yet. */
  isSample: boolean;
  letters: Letter[];
}

/** Lets designers see what an action sends, and try it on themselves. */
@Injectable()
export class TryService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly mailer: Mailer,
    @Inject(HANDLERS) private readonly handlers: Handlers,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** The mails that an action would send for the last submission, or one made up. */
  async preview(site: SiteEntity, widget: WidgetEntity, input: unknown): Promise<Preview> {
    const { handler, errands, isSample } = await this.#errands(site, widget, input);
    const letters: Letter[] = [];
    for (const errand of errands.slice(0, most)) {
      const letter = await handler.mail?.(errand);
      if (letter) letters.push(letter);
    }
    return { isSample, letters };
  }

  /**
   * Does what an action would do, so that nobody but who asks is written to: its mail goes to them; a server is called with what
   * says that it is a test.
   *
   * @returns to whom it went
   * @throws ConflictException where it was not taken, with what the other side said
   */
  async test(site: SiteEntity, widget: WidgetEntity, input: unknown, email: string): Promise<string> {
    const { handler, errands } = await this.#errands(site, widget, input);
    const [errand] = errands;
    if (!errand) throw new ConflictException('The action names nobody to send to yet.');
    try {
      const letter = await handler.mail?.(errand);
      if (letter) {
        await this.mailer.send({ ...letter, to: email, subject: `Test: ${letter.subject}` }, site.name);
        return email;
      }
      if (specOfAction(errand.delivery)?.tried !== 'call')
        throw new Error('Only mails and webhooks can be tested.');
      await handler.run({ ...errand, isTest: true });
      return errand.delivery.target;
    } catch (error) {
      throw new ConflictException(error instanceof Error ? error.message : String(error));
    }
  }

  async #errands(site: SiteEntity, widget: WidgetEntity, input: unknown) {
    const action = this.#checked(widget, input);
    const handler = this.handlers[action.type] as ActionHandler;
    const last = await this.dataSource.getRepository(SubmissionEntity).findOne({
      where: { siteId: site.id, widgetId: widget.id, held: IsNull() },
      order: { receivedAt: 'DESC' },
    });
    const submission = last ?? this.#madeUp(site, widget);
    const person =
      (last?.personId &&
        (await this.dataSource.getRepository(PersonEntity).findOneBy({ id: last.personId }))) ||
      null;
    const email = person?.email || (last ? '' : 'mira@stone.example');
    const sent = { form: action.form ?? '', answers: {}, email };
    const now = this.clock.now();
    const errands = handler.targets(action, sent).map(({ target, settings }): Errand => ({
      delivery: {
        ...{
          id: newId('test'),
          siteId: site.id,
          submissionId: submission.id,
          type: action.type,
          target,
          settings,
        },
        ...{ state: 'waiting', attempts: 0, dueAt: now, lastAt: null, lastError: null },
      },
      ...{ submission, person, site },
    }));
    return { handler, errands, isSample: !last };
  }

  /** The action, checked as part of the widget that it belongs to. */
  #checked({ draft }: WidgetEntity, input: unknown): Action {
    const checked = validateDocument({ ...draft, afterwards: { ...draft.afterwards, actions: [input] } });
    if (!checked.ok)
      throw new BadRequestException(
        checked.problems.map(({ path, reason }) => `${path} ${reason}`).join('; '),
      );
    return checked.document.afterwards.actions[0] as Action;
  }

  #madeUp(site: SiteEntity, { id, draft }: WidgetEntity): SubmissionEntity {
    const forms = Object.entries(draft.elements).filter(([, { type }]) => type === 'form');
    const fields = forms
      .flatMap(([form]) => formFields(draft.elements, form))
      .map((field) => ({ key: field.key, label: field.label, value: sampleAnswer(field) }));
    return {
      ...{ siteId: site.id, id: 'sample', widgetId: id, widgetName: draft.name, versionNumber: 0 },
      ...{ personId: null, fields, page: site.origins[0] ?? '', pageTitle: site.name },
      ...{ receivedAt: this.clock.now(), held: null, readAt: null, assigneeId: null },
    };
  }
}
