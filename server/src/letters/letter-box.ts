import { mkdirSync } from 'node:fs';
import { writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { Inject, Injectable } from '@nestjs/common';
import { createTransport } from 'nodemailer';
import type { Settings } from '../http/settings.js';
import { SETTINGS } from '../http/tokens.js';

/** A letter that goes out. */
export interface Outgoing {
  /** The name of its file, where it goes into the folder. */
  readonly id: string;
  readonly to: { readonly name: string; readonly address: string };
  readonly subject: string;
  readonly text: string;
}

/** A mail server that does not answer by then is tried again later. */
const LONGEST = 20_000;

/** Where letters go: to the mail server that the settings name, else as files into a folder. */
@Injectable()
export class LetterBox {
  private readonly server: ReturnType<typeof serverAt> | null;

  constructor(@Inject(SETTINGS) private readonly settings: Settings) {
    const { smtp } = settings.letters;
    this.server = smtp === null ? null : serverAt(smtp);
  }

  get goesTo(): 'mail' | 'folder' {
    return this.server === null ? 'folder' : 'mail';
  }

  /** Throws where the mail server or the disk does not take it. */
  async send({ id, to, subject, text }: Outgoing): Promise<void> {
    const letter = { from: this.settings.letters.from, to, subject, text };
    if (this.server) await this.server.sendMail(letter);
    else await this.keep(id, letter);
  }

  private async keep(id: string, letter: object): Promise<void> {
    const { outbox } = this.settings.letters;
    const written = createTransport({ streamTransport: true, buffer: true });
    const { message } = await written.sendMail(letter);
    mkdirSync(outbox, { recursive: true });
    await writeFile(join(outbox, `${id}.eml`), message as Buffer, { mode: 0o600 });
  }
}

const serverAt = (url: string) =>
  createTransport({ url, connectionTimeout: LONGEST, socketTimeout: LONGEST });
