import { Inject, Injectable } from '@nestjs/common';
import type { LetterGone, Me } from '@gleddo/contract';
import { momentSaid } from '@gleddo/core';
import { nanoid } from 'nanoid';
import type { Logger } from 'pino';
import { AuditService } from '../audit/audit.service.js';
import { refuse } from '../http/problem.js';
import { addressOf, type Settings } from '../http/settings.js';
import { LOG, SETTINGS } from '../http/tokens.js';
import { SignInLinksService } from '../people/sign-in-links.service.js';
import { LetterBox } from './letter-box.js';

const noEmail = (name: string) =>
  refuse(
    'letter.no-email',
    `No e-mail of ${name} is known. Write it into the class list, or pass the link on yourself.`,
  );

const notTaken = () =>
  refuse(
    'letter.not-taken',
    'The mail server did not take the letter. Pass the link on yourself, or try again later.',
  );

/** Links to choose a password, by letter. What stands in a link is kept nowhere: such a letter goes at once or not at all. */
@Injectable()
export class LinkLettersService {
  constructor(
    @Inject(SETTINGS) private readonly settings: Settings,
    @Inject(LOG) private readonly log: Logger,
    private readonly links: SignInLinksService,
    private readonly box: LetterBox,
    private readonly audit: AuditService,
  ) {}

  async send(me: Me, token: string): Promise<LetterGone> {
    const { id, name, login, email, until } = await this.links.whose(token);
    if (email === '') throw noEmail(name);
    const closes = momentSaid(until.getTime(), this.settings.zone, Date.now());
    const text = `Dear ${name},

${me.name} invites you to Gleddo, where you sign in as ${login}. Choose a password, once, until ${closes}:

${addressOf(this.settings)}/link/${token}

The link is for you alone: pass it on to nobody.
`;
    const subject = 'Choose your password for Gleddo';
    await this.box
      .send({ id: `link-${nanoid()}`, to: { name, address: email }, subject, text })
      .catch((err: unknown) => {
        this.log.warn({ err }, 'a link could not be sent');
        throw notTaken();
      });
    await this.audit.write('link-sent', me.id, { aboutId: id });
    return { email, goesTo: this.box.goesTo };
  }
}
