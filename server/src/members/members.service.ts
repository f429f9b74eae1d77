import { ConflictException, Inject, Injectable, NotFoundException } from '@nestjs/common';
import { DataSource, In, LessThan, type EntityManager } from 'typeorm';
import { MemberEntity, UserEntity, type SiteRole } from '../accounts/accounts.entity.js';
import { AccountsService } from '../accounts/accounts.service.js';
import type { NewAccountDto } from '../accounts/dto/account.dto.js';
import { hashOf, newToken } from '../accounts/tokens.js';
import { CLOCK, CONFIG, type Config, type ServerClock } from '../config.js';
import { Transactions } from '../database/transactions.js';
import { newId } from '../shared/ids.js';
import { SiteEntity } from '../sites/sites.entity.js';
import { InvitationEntity } from './members.entity.js';

const invitationMs = 7 * 86_400_000;
/** Most invitations to a site that are open at once. */
const mostOpen = 100;

@Injectable()
export class MembersService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly transactions: Transactions,
    private readonly accounts: AccountsService,
    @Inject(CONFIG) private readonly config: Config,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** The members of a site, and the invitations that are open. */
  async of(site: SiteEntity) {
    const members = await this.dataSource.getRepository(MemberEntity).findBy({ siteId: site.id });
    const users = await this.dataSource
      .getRepository(UserEntity)
      .find({ where: { id: In(members.map(({ userId }) => userId)) }, order: { createdAt: 'ASC' } });
    const roles = new Map(members.map(({ userId, role }) => [userId, role]));
    const invitations = await this.dataSource
      .getRepository(InvitationEntity)
      .find({ where: { siteId: site.id }, order: { createdAt: 'ASC' } });
    return {
      members: users.map(({ id, name, email }) => ({ id, name, email, role: roles.get(id) as SiteRole })),
      invitations: invitations
        .filter(({ expiresAt }) => expiresAt > this.clock.now())
        .map(({ id, role, createdAt, expiresAt }) => ({ id, role, createdAt, expiresAt })),
    };
  }

  /**
   * Makes an invitation, and its link; of the link’s token only the hash is kept, so that it is told this
   * once.
   */
  async invite(
    user: UserEntity,
    site: SiteEntity,
    role: SiteRole,
  ): Promise<{ link: string; expiresAt: number }> {
    const token = newToken();
    const now = this.clock.now();
    const expiresAt = now + invitationMs;
    await this.transactions.write(async (manager) => {
      await manager.delete(InvitationEntity, { expiresAt: LessThan(now) });
      const open = await manager.countBy(InvitationEntity, { siteId: site.id });
      if (open >= mostOpen)
        throw new ConflictException(`There are ${mostOpen} open invitations already. Withdraw one first.`);
      await manager.insert(InvitationEntity, {
        id: newId('invitation'),
        tokenHash: hashOf(token),
        siteId: site.id,
        invitedBy: user.id,
        role,
        createdAt: now,
        expiresAt,
      });
    });
    return { link: `${this.config.origin}/invitation/${token}`, expiresAt };
  }

  /** Withdraws an invitation. Refuses one that is not there, or has been used. */
  async withdraw(site: SiteEntity, id: string): Promise<void> {
    const { affected } = await this.transactions.write((manager) =>
      manager.delete(InvitationEntity, { siteId: site.id, id }),
    );
    if (!affected) throw new NotFoundException('There is no such invitation, or it has been used.');
  }

  /** What an invitation is to: for whoever holds its link. */
  async invitation(token: string) {
    const { siteId, invitedBy, role } = await this.#open(this.dataSource.manager, token);
    const site = await this.dataSource.getRepository(SiteEntity).findOneByOrFail({ id: siteId });
    const by = await this.dataSource.getRepository(UserEntity).findOneByOrFail({ id: invitedBy });
    return { site: site.name, by: by.name, role };
  }

  /** Makes an account for whoever holds a link, a member of its site; returns the session's token. */
  async accept(token: string, account: NewAccountDto, device: string): Promise<string> {
    // Asked first as well: nobody has a password hashed for a link that opens nothing.
    await this.#open(this.dataSource.manager, token);
    const user = await this.accounts.draft(account);
    await this.transactions.write(async (manager) => {
      await this.accounts.add(manager, user);
      await this.#use(manager, token, user);
    });
    return this.accounts.startSession(user.id, device);
  }

  /** Makes a user a member of the site that a link invites to, and uses the link up. */
  async join(token: string, user: UserEntity): Promise<void> {
    await this.transactions.write((manager) => this.#use(manager, token, user));
  }

  /** Gives a member another role. Refuses to leave a site without an owner. */
  async change(site: SiteEntity, userId: string, role: SiteRole): Promise<void> {
    await this.transactions.write(async (manager) => {
      await this.#keepAnOwner(manager, site, userId, role === 'owner');
      await manager.update(MemberEntity, { siteId: site.id, userId }, { role });
    });
  }

  /** Takes a member off a site. Refuses to leave it without an owner. */
  async remove(site: SiteEntity, userId: string): Promise<void> {
    await this.transactions.write(async (manager) => {
      await this.#keepAnOwner(manager, site, userId, false);
      await manager.delete(MemberEntity, { siteId: site.id, userId });
    });
  }

  // A site that nobody owns could not be given to anybody any more.
  async #keepAnOwner(
    manager: EntityManager,
    site: SiteEntity,
    userId: string,
    stays: boolean,
  ): Promise<void> {
    const members = await manager.findBy(MemberEntity, { siteId: site.id });
    const member = members.find((one) => one.userId === userId);
    if (!member) throw new NotFoundException('There is no such member.');
    const isLast =
      member.role === 'owner' && !members.some((one) => one.userId !== userId && one.role === 'owner');
    if (isLast && !stays)
      throw new ConflictException('A site needs an owner. Make someone else an owner first.');
  }

  async #use(manager: EntityManager, token: string, user: UserEntity): Promise<void> {
    const { id, siteId, role } = await this.#open(manager, token);
    if (await manager.existsBy(MemberEntity, { siteId, userId: user.id }))
      throw new ConflictException('You are a member of this site already.');
    await manager.insert(MemberEntity, { siteId, userId: user.id, role });
    await manager.delete(InvitationEntity, { id });
  }

  async #open(manager: EntityManager, token: string): Promise<InvitationEntity> {
    const invitation = await manager.findOneBy(InvitationEntity, { tokenHash: hashOf(token) });
    if (!invitation || invitation.expiresAt <= this.clock.now())
      throw new NotFoundException(
        'This invitation has been used, withdrawn or has expired. Ask for a new link.',
      );
    return invitation;
  }
}
