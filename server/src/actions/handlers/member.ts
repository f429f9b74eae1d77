import { HttpException, Injectable } from '@nestjs/common';
import type { Action, MemberDeed } from '@sirene/core/actions';
import type { MessageKey } from '@sirene/core/base/messages';
import { isGroup } from '@sirene/core/base/maps';
import { ServiceClient, ServiceError } from '../../services/service-client.js';
import { ServicesService } from '../../services/services.service.js';
import type { SiteEntity } from '../../sites/sites.entity.js';
import type { ActionHandler, Asked, Verdict } from '../handler.js';

type Member = Extract<Action, { type: 'member' }>;

/** What a member service may answer beside yes, and what that says of which field. */
const refusals: ReadonlyMap<number, { refused: MessageKey; kind: string }> = new Map([
  [403, { refused: 'wrongPassword', kind: 'password' }],
  [409, { refused: 'addressTaken', kind: 'email' }],
  [422, { refused: 'weakPassword', kind: 'password' }],
  [429, { refused: 'tooManyTries', kind: 'password' }],
]);

const fields: Readonly<Record<MemberDeed, readonly string[]>> = {
  'sign-in': ['email', 'password'],
  register: ['name', 'email', 'password'],
  reset: ['email'],
};

/** Asks the site's member service, while the visitor waits; passwords go there and are kept nowhere. */
@Injectable()
export class MemberHandler implements ActionHandler<Member> {
  constructor(
    private readonly services: ServicesService,
    private readonly client: ServiceClient,
  ) {}

  /** All of it is done when the form is decided on. */
  targets() {
    return [];
  }

  async decide({ does, page = '' }: Member, site: SiteEntity, { id, entered }: Asked): Promise<Verdict> {
    const account = await this.services.of(site, 'members');
    if (!account) throw new HttpException('No member service is set up for this site.', 503);
    const body = Object.fromEntries(fields[does].map((kind) => [kind, entered(kind)]));
    const asked = { requestKey: id, body };
    const { status, told } = await this.client
      .post('The member service', account, `/${does}`, asked, [...refusals.keys()])
      .catch((error: unknown) => {
        throw error instanceof ServiceError ? new HttpException(error.message, 503) : error;
      });
    const refusal = refusals.get(status);
    if (refusal) return refusal;
    const { code, member } = isGroup(told) ? told : {};
    return {
      // Who registers is new, and is kept as anybody who sends a form; who only comes in is no submission.
      isAnswered: does !== 'register',
      next: page !== '' && typeof code === 'string' ? withCode(page, code) : null,
      member: isGroup(member) ? { id: String(member['id']), name: String(member['name']) } : null,
    };
  }

  run(): Promise<void> {
    return Promise.resolve();
  }
}

function withCode(page: string, code: string): string {
  const url = new URL(page);
  url.searchParams.set('code', code);
  return url.href;
}
