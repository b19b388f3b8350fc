import { Inject, Injectable } from '@nestjs/common';
import type { Me, SecondFactorOffered } from '@gleddo/contract';
import { and, eq, isNull, lt, or } from 'drizzle-orm';
import { Secret, TOTP } from 'otpauth';
import { AuditService } from '../audit/audit.service.js';
import type { Database } from '../database/open-database.js';
import { people } from '../database/schema/index.js';
import { refuse } from '../http/problem.js';
import { Seal } from '../http/seal.js';
import { DATABASE } from '../http/tokens.js';

const ISSUER = 'Gleddo';
const SECONDS = 30;
/** A clock may be one step off, either way. Source: RFC 6238, 5.2. */
const STEPS_OFF = 1;

const totpOf = (secret: string, label = ''): TOTP =>
  new TOTP({ issuer: ISSUER, label, secret: Secret.fromBase32(secret), period: SECONDS });

/** The step of time that a code is of; null where it is of none near now. */
function stepOf(secret: string, code: string): number | null {
  const token = code.replace(/\s/g, '');
  if (!/^\d{6}$/.test(token)) return null;
  const off = totpOf(secret).validate({ token, window: STEPS_OFF });
  return off === null ? null : Math.floor(Date.now() / 1000 / SECONDS) + off;
}

const placeOf = (personId: string): string => `second factor of ${personId}`;

const wrongCode = () =>
  refuse(
    'second-factor.wrong',
    'These are not the six digits that your device shows now. Wait for the next ones, then type those.',
    'code',
  );

/** What a person’s device shows besides the password: asked for at signing in, where they want that. */
@Injectable()
export class SecondFactor {
  constructor(
    @Inject(DATABASE) private readonly db: Database,
    private readonly audit: AuditService,
    private readonly seal: Seal,
  ) {}

  /** A secret to be put into a device; it counts once the device has shown its first code. */
  offer(login: string): SecondFactorOffered {
    const secret = new Secret({ size: 20 }).base32;
    return { secret, address: totpOf(secret, login).toString() };
  }

  async turnOn(me: Me, secret: string, code: string): Promise<void> {
    const step = stepOf(secret, code);
    if (step === null) throw wrongCode();
    await this.db
      .update(people)
      .set({ totpSecret: this.seal.close(secret, placeOf(me.id)), totpStep: step })
      .where(eq(people.id, me.id));
    await this.audit.write('second-factor-on', me.id, { aboutId: me.id });
  }

  async turnOff(personId: string, byId = personId): Promise<void> {
    const off = await this.db
      .update(people)
      .set({ totpSecret: null, totpStep: null })
      .where(and(eq(people.id, personId)))
      .returning({ id: people.id });
    if (off.length > 0) await this.audit.write('second-factor-off', byId, { aboutId: personId });
  }

  /** One from before there was a secret is sealed when it is used. */
  private sealed({ id, totpSecret }: typeof people.$inferSelect, secret: string) {
    const isOpen = totpSecret !== null && this.seal.isOpen(totpSecret);
    return isOpen ? { totpSecret: this.seal.close(secret, placeOf(id)) } : {};
  }

  /** Refuses who can’t show a code that was not shown before; each counts once, whichever server is asked. */
  async judge(person: typeof people.$inferSelect, code: string | undefined): Promise<void> {
    if (person.totpSecret === null) return;
    if (code === undefined || code.trim() === '')
      throw refuse(
        'sign-in.needs-code',
        'Type the six digits, too, that your second device shows now.',
        'code',
      );
    const secret = this.seal.open(person.totpSecret, placeOf(person.id));
    const step = stepOf(secret, code);
    if (step === null) throw wrongCode();
    const isNew = or(isNull(people.totpStep), lt(people.totpStep, step));
    const used = await this.db
      .update(people)
      .set({ totpStep: step, ...this.sealed(person, secret) })
      .where(and(eq(people.id, person.id), isNew))
      .returning({ id: people.id });
    if (used.length === 0) throw wrongCode();
  }
}
