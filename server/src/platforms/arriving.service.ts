import { createHash, randomBytes } from 'node:crypto';
import { Inject, Injectable } from '@nestjs/common';
import type { ArrivalRefusal } from '@gleddo/contract';
import { lt } from 'drizzle-orm';
import { createRemoteJWKSet, jwtVerify, type JWTPayload } from 'jose';
import { nanoid } from 'nanoid';
import type { Database } from '../database/open-database.js';
import { platformNonces } from '../database/schema/index.js';
import { DATABASE } from '../http/tokens.js';
import { launchIn, type Launch } from './launch.js';
import { OwnKeys } from './own-keys.js';
import { PlatformsService, type Platform } from './platforms.service.js';
import { RefusedArrival } from './refused-arrival.js';

/** In seconds. */
const ON_THE_WAY = 600;
const OLDEST_TOKEN = 300;
const CLOCKS_DIFFER = 60;
const KEYS_WITHIN = 5_000;
const STATE = 'on the way';

export type Sent = Readonly<Record<string, unknown>>;

/** Somebody whom a platform vouches for. */
export interface Arrival {
  readonly platform: Platform;
  readonly launch: Launch;
}

/** What jose says of a token, rather than of the keys that could not be asked for. */
const OF_TOKEN = /^ERR_(?:JWS|JWT|JOSE_ALG|JWKS_NO_MATCHING)/;

function whyOf(code = ''): ArrivalRefusal {
  if (code === 'ERR_JWT_EXPIRED') return 'old';
  return OF_TOKEN.test(code) ? 'forged' : 'silent';
}

type Keys = ReturnType<typeof createRemoteJWKSet>;

const textIn = (sent: Sent, name: string): string | null => {
  const value = sent[name];
  return typeof value === 'string' && value !== '' && value.length <= 20_000 ? value : null;
};

export const markOf = (browser: string): string =>
  createHash('sha256').update(browser).digest('base64url');

/** What a browser keeps on its way to a platform and back: whoever begins it ends it. */
export const newBrowser = (): string => randomBytes(24).toString('base64url');

/** The way in from a platform, as the standard has it (OpenID Connect, implicit flow begun by a third party). */
@Injectable()
export class ArrivingService {
  private readonly keys = new Map<string, Keys>();

  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly platforms: PlatformsService,
    private readonly own: OwnKeys,
  ) {}

  /** The address at the platform where it says who somebody is. */
  async begin(sent: Sent, browser: string): Promise<string> {
    const issuer = textIn(sent, 'iss');
    const platform = issuer && (await this.platforms.of(issuer, textIn(sent, 'client_id')));
    const hint = textIn(sent, 'login_hint');
    if (!platform || hint === null) throw new RefusedArrival('unknown');
    const nonce = nanoid();
    const said = { nonce, platform: platform.id, browser: markOf(browser) };
    const state = await this.own.sign(said, STATE, ON_THE_WAY);
    const at = new URL(platform.signInUrl);
    const message = textIn(sent, 'lti_message_hint');
    const asked = {
      ...{ scope: 'openid', response_type: 'id_token', response_mode: 'form_post' },
      ...{ prompt: 'none', client_id: platform.clientId, login_hint: hint, state, nonce },
      ...{ redirect_uri: this.platforms.ours.launch },
      ...(message !== null && { lti_message_hint: message }),
    };
    for (const [name, value] of Object.entries(asked)) at.searchParams.set(name, value);
    return at.href;
  }

  /** Whom the platform vouches for: what it says is signed by it, meant for us, new, and comes in the browser that asked. */
  async end(sent: Sent, browser: string | undefined): Promise<Arrival> {
    const state = await this.own.read(textIn(sent, 'state') ?? '', STATE);
    if (!state) throw new RefusedArrival('old');
    if (browser === undefined || state['browser'] !== markOf(browser))
      throw new RefusedArrival('browser');
    const platform = await this.platforms.byId(String(state['platform']));
    if (!platform) throw new RefusedArrival('unknown');
    const claims = await this.claimsIn(textIn(sent, 'id_token') ?? '', platform);
    if (claims['nonce'] !== state['nonce']) throw new RefusedArrival('forged');
    const launch = launchIn(claims, platform.deployment);
    await this.spend(String(claims['nonce']));
    return { platform, launch };
  }

  private async claimsIn(token: string, platform: Platform): Promise<JWTPayload> {
    const { issuer, clientId } = platform;
    const isFor = { issuer, audience: clientId, algorithms: ['RS256'] };
    const isNew = { maxTokenAge: OLDEST_TOKEN, clockTolerance: CLOCKS_DIFFER };
    const claims = await jwtVerify(token, this.keysOf(platform), {
      ...{ ...isFor, ...isNew, requiredClaims: ['exp', 'iat', 'sub', 'nonce'] },
    }).then(
      ({ payload }) => payload,
      (error: { code?: string }) => {
        throw new RefusedArrival(whyOf(error.code));
      },
    );
    const { aud, azp } = claims;
    if ((Array.isArray(aud) && aud.length > 1) || azp !== undefined)
      if (azp !== clientId) throw new RefusedArrival('other');
    return claims;
  }

  private keysOf({ keysUrl }: Platform): Keys {
    const known = this.keys.get(keysUrl);
    if (known) return known;
    const keys = createRemoteJWKSet(new URL(keysUrl), { timeoutDuration: KEYS_WITHIN });
    this.keys.set(keysUrl, keys);
    return keys;
  }

  /** What came in once does not come in again, at whichever server. */
  private async spend(nonce: string): Promise<void> {
    const until = new Date(Date.now() + 2 * ON_THE_WAY * 1_000);
    const [first] = await this.db
      .insert(platformNonces)
      .values({ nonce, until })
      .onConflictDoNothing()
      .returning();
    if (!first) throw new RefusedArrival('old');
    await this.db.delete(platformNonces).where(lt(platformNonces.until, new Date()));
  }
}
