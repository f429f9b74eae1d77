import { createPublicKey, randomBytes } from 'node:crypto';
import { BadRequestException, Inject, Injectable, UnauthorizedException } from '@nestjs/common';
import { jwtVerify, SignJWT } from 'jose';
import { DataSource } from 'typeorm';
import { CLOCK, type ServerClock } from '../config.js';
import { Transactions } from '../database/transactions.js';
import { SiteEntity } from '../sites/sites.entity.js';
import { Vault } from '../vault/vault.service.js';

/** Who a visitor is by the word of the site's own server. */
export interface Identity {
  id: string;
  name: string;
  email: string;
}

/** What a site's tokens are checked with: a secret that both sides know, or the public half of a pair. */
type IdentityKey = { algorithm: 'HS256'; secret: string } | { algorithm: 'EdDSA'; publicKey: string };

/** How far a client's clock may be off, s. */
const skew = 60;

/** The longest time for which a token may be valid, s: one that is stolen must not be good for ever. */
const longest = 24 * 3600;

/**
 * Members of a client's site: who they are is said in a token that the client's server signs (JSON Web Token, RFC 7519; HS256, or EdDSA
 * with Ed25519, RFC 8037), so that nobody can pose as another.
 */
@Injectable()
export class Identities {
  constructor(
    private readonly dataSource: DataSource,
    private readonly transactions: Transactions,
    private readonly vault: Vault,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /**
   * Who a token says a visitor is; `null` where there is no token.
   *
   * @throws UnauthorizedException for one that is not the site's, or whose time is over
   */
  async of(site: SiteEntity, token: string | undefined): Promise<Identity | null> {
    if (token === undefined || token === '') return null;
    const key = await this.#keyOf(site);
    if (key === null) throw new UnauthorizedException('identity: this site has no key to check it with.');
    try {
      const { payload } = await jwtVerify(token, cryptoKeyOf(key), {
        algorithms: [key.algorithm],
        currentDate: new Date(this.clock.now()),
        clockTolerance: skew,
        requiredClaims: ['sub', 'exp'],
        audience: site.key,
      });
      const { sub = '', exp = 0, name, email } = payload;
      if (exp > this.clock.now() / 1000 + longest + skew) throw new Error('is valid for more than 24 hours');
      if (sub === '' || sub.length > 200) throw new Error('names nobody');
      return { id: sub, name: textOf(name, 120), email: textOf(email, 254) };
    } catch (error) {
      throw new UnauthorizedException(`identity: ${(error as Error).message}`);
    }
  }

  /**
   * Signs a token for a member as the client's server would: with the site's secret, made where there is no key yet. `null` where
   * the site's tokens are signed with a pair, of which nothing here has the half that signs.
   *
   * @param until when it ends, ms since 1970
   */
  async vouchFor(site: SiteEntity, { id, name, email }: Identity, until: number): Promise<string | null> {
    const key = await this.#keyOf(site);
    if (key?.algorithm === 'EdDSA') return null;
    const secret = key?.secret ?? (await this.makeSecret(site));
    return new SignJWT({ name, email })
      .setProtectedHeader({ alg: 'HS256' })
      .setSubject(id)
      .setAudience(site.key)
      .setExpirationTime(Math.floor(until / 1000))
      .sign(new TextEncoder().encode(secret));
  }

  /** Makes a new secret for a site; told this once. Tokens of the key before are good for nothing from then on. */
  async makeSecret(site: SiteEntity): Promise<string> {
    const secret = randomBytes(32).toString('base64url');
    await this.#set(site, { algorithm: 'HS256', secret });
    return secret;
  }

  /** Takes a public key (Ed25519, PEM): the client's server keeps the other half, and nothing here can sign. */
  async setPublicKey(site: SiteEntity, publicKey: string): Promise<void> {
    try {
      if (createPublicKey(publicKey).asymmetricKeyType !== 'ed25519') throw new Error('another kind');
    } catch {
      throw new BadRequestException('publicKey must be an Ed25519 public key in PEM.');
    }
    await this.#set(site, { algorithm: 'EdDSA', publicKey });
  }

  /** Members are told apart by nobody any more. */
  async clear(site: SiteEntity): Promise<void> {
    await this.#store(site, null);
  }

  /** How a site's tokens are signed; `null` where they are not. */
  async kindOf(site: SiteEntity): Promise<IdentityKey['algorithm'] | null> {
    return (await this.#keyOf(site))?.algorithm ?? null;
  }

  async #keyOf(site: SiteEntity): Promise<IdentityKey | null> {
    const { identityKey } = await this.dataSource
      .getRepository(SiteEntity)
      .findOneOrFail({ select: { id: true, identityKey: true }, where: { id: site.id } });
    return identityKey === null ? null : (JSON.parse(this.vault.open(identityKey)) as IdentityKey);
  }

  #set(site: SiteEntity, key: IdentityKey): Promise<void> {
    return this.#store(site, this.vault.seal(JSON.stringify(key)));
  }

  async #store(site: SiteEntity, identityKey: string | null): Promise<void> {
    await this.transactions.write((manager) => manager.update(SiteEntity, site.id, { identityKey }));
  }
}

const cryptoKeyOf = (key: IdentityKey) =>
  key.algorithm === 'HS256' ? new TextEncoder().encode(key.secret) : createPublicKey(key.publicKey);

const textOf = (claim: unknown, most: number): string =>
  typeof claim === 'string' ? claim.slice(0, most) : '';
