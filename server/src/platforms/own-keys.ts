import { Inject, Injectable } from '@nestjs/common';
import {
  calculateJwkThumbprint,
  exportJWK,
  generateKeyPair,
  importJWK,
  jwtVerify,
  SignJWT,
  type CryptoKey,
  type JSONWebKeySet,
  type JWK,
  type JWTPayload,
} from 'jose';
import { eq } from 'drizzle-orm';
import type { Database } from '../database/open-database.js';
import { platformKeys } from '../database/schema/index.js';
import { Seal } from '../http/seal.js';
import { DATABASE } from '../http/tokens.js';

const ALGORITHM = 'RS256';
const OWN = 'own';
const PLACE = 'key of this house';

interface Own {
  readonly key: CryptoKey;
  readonly shown: JWK & { readonly kid: string };
}

/** The key with which this house signs what it tells platforms, and what it gives out on the way in. */
@Injectable()
export class OwnKeys {
  private own: Promise<Own> | null = null;

  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly seal: Seal,
  ) {}

  /** Of the keys what anybody may know. */
  async shown(): Promise<JSONWebKeySet> {
    return { keys: [(await this.one()).shown] };
  }

  /** Signs what holds for so many seconds, for whom it is meant. */
  async sign(said: JWTPayload, audience: string, seconds: number): Promise<string> {
    const { key, shown } = await this.one();
    return new SignJWT(said)
      .setProtectedHeader({ alg: ALGORITHM, kid: shown.kid, typ: 'JWT' })
      .setAudience(audience)
      .setIssuedAt()
      .setExpirationTime(`${seconds}s`)
      .sign(key);
  }

  /** What was signed here for this, and still holds; null: it was not, or does no longer. */
  async read(token: string, audience: string): Promise<JWTPayload | null> {
    const { shown } = await this.one();
    const known = await importJWK(shown, ALGORITHM);
    try {
      return (await jwtVerify(token, known, { audience, algorithms: [ALGORITHM] })).payload;
    } catch {
      return null;
    }
  }

  private one(): Promise<Own> {
    this.own ??= this.find().catch((error: unknown) => {
      this.own = null;
      throw error;
    });
    return this.own;
  }

  /** Of several servers that begin at once, one makes it. */
  private async find(): Promise<Own> {
    const [kept] = await this.db.select().from(platformKeys);
    if (kept) return this.opened(kept.jwk);
    await this.db
      .insert(platformKeys)
      .values({ id: OWN, jwk: this.seal.close(JSON.stringify(await made()), PLACE) })
      .onConflictDoNothing();
    const [first] = await this.db.select().from(platformKeys);
    return this.opened(first?.jwk ?? '');
  }

  /** One from before there was a secret is sealed when it is used. */
  private async opened(kept: string): Promise<Own> {
    const jwk = this.seal.open(kept, PLACE);
    if (this.seal.isOpen(kept))
      await this.db
        .update(platformKeys)
        .set({ jwk: this.seal.close(jwk, PLACE) })
        .where(eq(platformKeys.id, OWN));
    return read(jwk);
  }
}

async function made(): Promise<JWK> {
  const { privateKey } = await generateKeyPair(ALGORITHM, { extractable: true });
  return exportJWK(privateKey);
}

async function read(kept: string): Promise<Own> {
  const jwk = JSON.parse(kept) as JWK;
  const { kty, n, e } = jwk;
  const open = { ...(kty && { kty }), ...(n && { n }), ...(e && { e }) } as JWK;
  const kid = await calculateJwkThumbprint(open);
  const key = (await importJWK(jwk, ALGORITHM)) as CryptoKey;
  return { key, shown: { ...open, kid, alg: ALGORITHM, use: 'sig' } };
}
