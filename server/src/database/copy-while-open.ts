import { randomBytes } from 'node:crypto';
import { cpSync, readFileSync, writeFileSync } from 'node:fs';
import { connect } from 'node:net';
import { join } from 'node:path';

/** With which a copy is asked for: whoever may read the data folder may have it. */
const WORD = 'copy-word';

export const DATABASE_IN = 'database';

/** A word that only those know who may read the folder. */
export function writeWord(folder: string): string {
  const word = randomBytes(24).toString('base64url');
  writeFileSync(join(folder, WORD), word, { mode: 0o600 });
  return word;
}

export const copyFolder = (from: string, to: string): void =>
  cpSync(join(from, DATABASE_IN), join(to, DATABASE_IN), { recursive: true });

/** Asks the process that has a data folder for a copy of it; false where nobody has it. Throws where it refuses. */
export function askForCopy(name: string, folder: string, to: string): Promise<boolean> {
  return new Promise((resolve, reject) => {
    const peer = connect(name);
    let said = '';
    peer.on('connect', () => {
      const word = readFileSync(join(folder, WORD), 'utf8');
      peer.write(`${JSON.stringify({ word, to })}\n`);
    });
    peer.on('data', (part) => (said += part.toString()));
    peer.on('end', () =>
      said === 'done' ? resolve(true) : reject(new Error(said || 'No copy was made.')),
    );
    peer.on('close', () => reject(new Error('Whoever has the folder made no copy.')));
    peer.on('error', ({ code }: NodeJS.ErrnoException) =>
      code === 'ECONNREFUSED' || code === 'ENOENT'
        ? resolve(false)
        : reject(new Error(String(code))),
    );
  });
}
