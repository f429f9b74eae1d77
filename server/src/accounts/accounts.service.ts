import { createHash, randomBytes } from 'node:crypto';
import { Inject, Injectable, UnauthorizedException } from '@nestjs/common';
import { DataSource, LessThan } from 'typeorm';
import { CLOCK, CONFIG, type Config, type ServerClock } from '../config.js';
import { Transactions } from '../database/transactions.js';
import { newId } from '../shared/ids.js';
import { MemberEntity, SessionEntity, UserEntity } from './accounts.entity.js';
import { checkPassword, hashPassword } from './password.js';

const sessionMs = 14 * 86_400_000;

export const demoUser = { email: 'designer@sirene.example', name: 'Demo designer' };

@Injectable()
export class AccountsService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly transactions: Transactions,
    @Inject(CONFIG) private readonly config: Config,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** Makes an account; without a password nobody can sign in to it by one. */
  async create(email: string, name: string, password: string | null): Promise<UserEntity> {
    const passwordHash = password === null ? null : await hashPassword(password);
    const user = { id: newId('user'), email, name, passwordHash, createdAt: this.clock.now() };
    return this.transactions.write((manager) => manager.save(UserEntity, user));
  }

  byEmail(email: string): Promise<UserEntity | null> {
    return this.dataSource.getRepository(UserEntity).findOneBy({ email });
  }

  async signIn(email: string, password: string): Promise<string> {
    const user = await this.byEmail(email);
    if (!(await checkPassword(password, user?.passwordHash ?? null)) || !user) {
      throw new UnauthorizedException(
        'That address and password do not belong together. Check both and try again.',
      );
    }
    return this.#startSession(user.id);
  }

  async signInToDemo(): Promise<string> {
    const user = this.config.demo ? await this.byEmail(demoUser.email) : null;
    if (!user) throw new UnauthorizedException('There is no demo account here. Sign in with your own.');
    return this.#startSession(user.id);
  }

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

  async sitesOf(user: UserEntity): Promise<string[]> {
    const members = await this.dataSource.getRepository(MemberEntity).findBy({ userId: user.id });
    return members.map(({ siteId }) => siteId);
  }

  async #startSession(userId: string): Promise<string> {
    const token = randomBytes(32).toString('base64url');
    const now = this.clock.now();
    await this.transactions.write(async (manager) => {
      await manager.delete(SessionEntity, { expiresAt: LessThan(now) });
      await manager.insert(SessionEntity, { tokenHash: hashOf(token), userId, expiresAt: now + sessionMs });
    });
    return token;
  }
}

const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');
