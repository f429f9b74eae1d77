import {
  ConflictException,
  ForbiddenException,
  Inject,
  Injectable,
  Logger,
  NotFoundException,
  UnauthorizedException,
} from '@nestjs/common';
import { DataSource, LessThan, Not, type EntityManager } from 'typeorm';
import { CLOCK, CONFIG, type Config, type ServerClock } from '../config.js';
import { Transactions } from '../database/transactions.js';
import { Mailer } from '../mail/mailer.js';
import { newId } from '../shared/ids.js';
import { MemberEntity, PasswordResetEntity, SessionEntity, UserEntity } from './accounts.entity.js';
import type { NewAccountDto, SetUpDto } from './dto/account.dto.js';
import { checkPassword, hashPassword } from './password.js';
import { sessionMs } from './session-cookie.js';
import { hashOf, newCode, newToken, plainCode } from './tokens.js';

const resetMs = 3_600_000;

/** What an account is made of; without a password nobody can sign in to it by one. */
type Drafted = Pick<NewAccountDto, 'email' | 'name'> & { password: string | null };

export const demoUser = { email: 'designer@sirene.example', name: 'Demo designer' };

@Injectable()
export class AccountsService {
  readonly #logger = new Logger('Accounts');
  /** The code that makes the first account; of this run of the server only, and kept nowhere. */
  #setUpCode: string | null = null;

  constructor(
    private readonly dataSource: DataSource,
    private readonly transactions: Transactions,
    private readonly mailer: Mailer,
    @Inject(CONFIG) private readonly config: Config,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** Makes an account; without a password nobody can sign in to it by one. */
  async create(email: string, name: string, password: string | null): Promise<UserEntity> {
    const user = await this.draft({ email, name, password });
    return this.transactions.write((manager) => manager.save(UserEntity, user));
  }

  /** An account that is not written yet: hashing its password takes longer than a transaction may. */
  async draft({ email, name, password }: Drafted): Promise<UserEntity> {
    const passwordHash = password === null ? null : await hashPassword(password);
    return { id: newId('user'), email, name, passwordHash, createdAt: this.clock.now() };
  }

  /** Whether nobody has an account yet: then the studio begins with making one. */
  async isEmpty(): Promise<boolean> {
    return !(await this.dataSource.getRepository(UserEntity).exists());
  }

  /** A code that makes the first account; `null` once there is one. The code before no longer does. */
  async offerSetUp(): Promise<string | null> {
    this.#setUpCode = (await this.isEmpty()) ? newCode() : null;
    return this.#setUpCode;
  }

  /** Makes the first account, by the code that the server printed, and signs in to it. */
  async setUp({ code, ...account }: SetUpDto, device: string): Promise<string> {
    const isRight = this.#setUpCode !== null && plainCode(code) === plainCode(this.#setUpCode);
    if (!isRight)
      throw new ForbiddenException(
        'That is not the code. It is in the server’s output, and is new each time the server starts.',
      );
    const user = await this.draft(account);
    await this.transactions.write(async (manager) => {
      if (await manager.exists(UserEntity))
        throw new ConflictException('There is an account already. Sign in.');
      await manager.insert(UserEntity, user);
    });
    this.#setUpCode = null;
    return this.startSession(user.id, device);
  }

  /** Writes an account inside a transaction that has more to write; the address must be free. */
  async add(manager: EntityManager, user: UserEntity): Promise<void> {
    if (await manager.existsBy(UserEntity, { email: user.email }))
      throw new ConflictException(
        'There is an account with this address already. Sign in with it, then open the link again.',
      );
    await manager.insert(UserEntity, user);
  }

  /** The user with an e-mail address, or `null`. */
  byEmail(email: string): Promise<UserEntity | null> {
    return this.dataSource.getRepository(UserEntity).findOneBy({ email });
  }

  /**
   * Starts a session by address and password; returns its token. Refuses both in the same words, whichever
   * is wrong.
   */
  async signIn(email: string, password: string, device: string): Promise<string> {
    const user = await this.byEmail(email);
    if (!(await checkPassword(password, user?.passwordHash ?? null)) || !user) {
      throw new UnauthorizedException('Wrong e-mail address or password. Check both and try again.');
    }
    return this.startSession(user.id, device);
  }

  /** Starts a session of the demo account, where this server offers one; returns its token. */
  async signInToDemo(device: string): Promise<string> {
    const user = this.config.demo ? await this.byEmail(demoUser.email) : null;
    if (!user) throw new UnauthorizedException('There is no demo account here. Sign in with your own.');
    return this.startSession(user.id, device);
  }

  /** Ends the session whose token is given. */
  async signOut(token: string): Promise<void> {
    await this.transactions.write((manager) => manager.delete(SessionEntity, { tokenHash: hashOf(token) }));
  }

  /** The user whose session a token is, or `null` when there is none or it has ended. */
  async userOf(token: string | undefined): Promise<UserEntity | null> {
    if (!token) return null;
    const session = await this.dataSource
      .getRepository(SessionEntity)
      .findOneBy({ tokenHash: hashOf(token) });
    if (!session || session.expiresAt <= this.clock.now()) return null;
    return this.dataSource.getRepository(UserEntity).findOneBy({ id: session.userId });
  }

  /** The ids of the sites that a user is a member of. */
  async sitesOf(user: UserEntity): Promise<string[]> {
    const members = await this.dataSource.getRepository(MemberEntity).findBy({ userId: user.id });
    return members.map(({ siteId }) => siteId);
  }

  /** The sessions of a user that have not ended, newest first. */
  async sessionsOf(
    user: UserEntity,
    token: string,
  ): Promise<{ id: string; createdAt: number; device: string; current: boolean }[]> {
    const sessions = await this.dataSource
      .getRepository(SessionEntity)
      .find({ where: { userId: user.id }, order: { createdAt: 'DESC' } });
    return sessions
      .filter(({ expiresAt }) => expiresAt > this.clock.now())
      .map(({ id, createdAt, device, tokenHash }) => ({
        id,
        createdAt,
        device,
        current: tokenHash === hashOf(token),
      }));
  }

  /** Ends one of a user’s own sessions by its id. Refuses one that is not there. */
  async endSession(user: UserEntity, id: string): Promise<void> {
    const { affected } = await this.transactions.write((manager) =>
      manager.delete(SessionEntity, { userId: user.id, id }),
    );
    if (!affected) throw new NotFoundException('There is no such session, or it has ended.');
  }

  /** Changes what a user is called. */
  async rename(user: UserEntity, name: string): Promise<void> {
    await this.transactions.write((manager) => manager.update(UserEntity, { id: user.id }, { name }));
  }

  /** Sets a new password, and ends every other session. */
  async changePassword(user: UserEntity, current: string, next: string, token: string): Promise<void> {
    if (!(await checkPassword(current, user.passwordHash)))
      throw new ForbiddenException('The current password is wrong. Check it and try again.');
    const passwordHash = await hashPassword(next);
    await this.transactions.write(async (manager) => {
      await manager.update(UserEntity, { id: user.id }, { passwordHash });
      await manager.delete(SessionEntity, { userId: user.id, tokenHash: Not(hashOf(token)) });
    });
  }

  /** Sends a link that sets a new password, where the address has an account. Who asks is not told which has one. */
  async askReset(email: string): Promise<void> {
    const user = await this.byEmail(email);
    if (!user) return;
    const token = newToken();
    const now = this.clock.now();
    await this.transactions.write(async (manager) => {
      await manager.delete(PasswordResetEntity, { expiresAt: LessThan(now) });
      // The last link that was asked for is the one that works.
      await manager.delete(PasswordResetEntity, { userId: user.id });
      await manager.insert(PasswordResetEntity, {
        tokenHash: hashOf(token),
        userId: user.id,
        expiresAt: now + resetMs,
      });
    });
    const mail = {
      to: user.email,
      subject: 'Reset your Sirene password',
      text: [
        `Hello ${user.name},`,
        '',
        'someone asked for a new password for your Sirene account. To choose one, open this link within an hour:',
        '',
        `${this.config.origin}/reset/${token}`,
        '',
        'If it was not you, ignore this e-mail: your password stays as it is.',
      ].join('\n'),
    };
    // Not waited for: how long the mail server takes would tell which addresses have an account.
    this.mailer
      .send(mail)
      .catch((error: unknown) => this.#logger.error('A password reset could not be sent', error));
  }

  /** Sets a new password by a link that was sent; ends all sessions, and starts one. */
  async reset(token: string, password: string, device: string): Promise<string> {
    const passwordHash = await hashPassword(password);
    const userId = await this.transactions.write(async (manager) => {
      const reset = await manager.findOneBy(PasswordResetEntity, { tokenHash: hashOf(token) });
      if (!reset || reset.expiresAt <= this.clock.now())
        throw new NotFoundException('This link has been used or has expired. Ask for a new one.');
      await manager.delete(PasswordResetEntity, { userId: reset.userId });
      await manager.update(UserEntity, { id: reset.userId }, { passwordHash });
      await manager.delete(SessionEntity, { userId: reset.userId });
      return reset.userId;
    });
    return this.startSession(userId, device);
  }

  /** Starts a session, and returns its token. */
  async startSession(userId: string, device: string): Promise<string> {
    const token = newToken();
    const now = this.clock.now();
    await this.transactions.write(async (manager) => {
      await manager.delete(SessionEntity, { expiresAt: LessThan(now) });
      await manager.insert(SessionEntity, {
        tokenHash: hashOf(token),
        userId,
        expiresAt: now + sessionMs,
        id: newId('session'),
        createdAt: now,
        device: device.slice(0, 300),
      });
    });
    return token;
  }
}
