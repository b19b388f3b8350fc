import {
  createRemoteJWKSet,
  exportJWK,
  generateKeyPair,
  importJWK,
  jwtVerify,
  SignJWT,
  type CryptoKey,
  type JWK,
  type JWTPayload,
} from 'jose';
import { need } from './refusal.js';

const ALGORITHM = 'RS256';
const KEY_ID = 'hillside-1';
const LONGEST = 600;

/** The platform's own keys, and what it gives out and takes by them. */
export class Signing {
  private readonly used = new Set<string>();

  private constructor(
    private readonly key: CryptoKey,
    private readonly shown: JWK,
    private readonly stranger: CryptoKey,
  ) {}

  static async begin(): Promise<Signing> {
    const { privateKey, publicKey } = await generateKeyPair(ALGORITHM);
    const other = await generateKeyPair(ALGORITHM);
    const shown = { ...(await exportJWK(publicKey)), kid: KEY_ID, alg: ALGORITHM, use: 'sig' };
    return new Signing(privateKey, shown, other.privateKey);
  }

  keys = (): { readonly keys: readonly JWK[] } => ({ keys: [this.shown] });

  /** A token of who somebody is; by the hand of a stranger, or of long ago, where that is wanted. */
  identity(
    claims: JWTPayload,
    { isForged = false, age = 0 }: { readonly isForged?: boolean; readonly age?: number } = {},
  ): Promise<string> {
    const at = Math.floor(Date.now() / 1_000) - age;
    return new SignJWT(claims)
      .setProtectedHeader({ alg: ALGORITHM, kid: KEY_ID })
      .setIssuedAt(at)
      .setExpirationTime(at + 300)
      .sign(isForged ? this.stranger : this.key);
  }

  access(clientId: string, scopes: readonly string[]): Promise<string> {
    return this.identity({ sub: clientId, scope: scopes.join(' '), aud: 'services' });
  }

  /** The scopes of an access token that was given out here. */
  async scopesIn(header: string | undefined): Promise<readonly string[]> {
    const token = /^Bearer (\S+)$/.exec(header ?? '')?.[1];
    need(token, 'There is no access token.', 401);
    const known = await importJWK(this.shown, ALGORITHM);
    const { payload } = await jwtVerify(token, known, { audience: 'services' });
    return String(payload['scope']).split(' ');
  }

  /** Whether the tool asks: signed by it, for this address, new, and used once. */
  async judgeAssertion(
    assertion: string,
    tool: { readonly clientId: string; readonly keysUrl: string; readonly audience: string },
  ): Promise<void> {
    const keys = createRemoteJWKSet(new URL(tool.keysUrl));
    const { payload, protectedHeader } = await jwtVerify(assertion, keys, {
      ...{ issuer: tool.clientId, subject: tool.clientId, audience: tool.audience },
      ...{ algorithms: [ALGORITHM], requiredClaims: ['exp', 'iat', 'jti'] },
    });
    need(protectedHeader.kid, 'The assertion names no key.', 401);
    const { exp = 0, iat = 0, jti = '' } = payload;
    need(exp - iat <= LONGEST, 'The assertion holds for too long.', 401);
    need(!this.used.has(jti), 'The assertion was used before.', 401);
    this.used.add(jti);
  }
}
