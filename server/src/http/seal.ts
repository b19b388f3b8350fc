import { createCipheriv, createDecipheriv, hkdfSync, randomBytes } from 'node:crypto';
import { refuse } from './problem.js';

const CIPHER = 'aes-256-gcm';
const MARK = 'sealed.v1.';
const [IV, TAG] = [12, 16];

/** The shortest secret that a server is started with, in characters. */
export const SHORTEST_SECRET = 32;

/**
 * Keeps what must not be read from the database alone: sealed with the secret that a server is started with, for one place,
 * so that it opens nowhere else (AES-256 in Galois/Counter Mode, NIST SP 800-38D; the key by HKDF, RFC 5869). Without a
 * secret it stays as it is.
 */
export class Seal {
  private readonly key: Buffer | null;

  constructor(secret: string | null) {
    this.key =
      secret === null ? null : Buffer.from(hkdfSync('sha256', secret, '', 'gleddo, kept', 32));
  }

  /** Whether something would be kept otherwise than it is. */
  isOpen = (kept: string): boolean => this.key !== null && !kept.startsWith(MARK);

  close(text: string, place: string): string {
    if (this.key === null) return text;
    const iv = randomBytes(IV);
    const cipher = createCipheriv(CIPHER, this.key, iv).setAAD(Buffer.from(place));
    const closed = Buffer.concat([cipher.update(text, 'utf8'), cipher.final()]);
    return MARK + Buffer.concat([iv, cipher.getAuthTag(), closed]).toString('base64url');
  }

  /** What was sealed for a place; what was never sealed is answered as it is. Refused where the secret is not the one. */
  open(kept: string, place: string): string {
    if (!kept.startsWith(MARK)) return kept;
    try {
      if (this.key === null) throw new Error('no secret');
      const all = Buffer.from(kept.slice(MARK.length), 'base64url');
      const opening = createDecipheriv(CIPHER, this.key, all.subarray(0, IV))
        .setAAD(Buffer.from(place))
        .setAuthTag(all.subarray(IV, IV + TAG));
      return opening.update(all.subarray(IV + TAG), undefined, 'utf8') + opening.final('utf8');
    } catch {
      throw refuse(
        'seal.not-this-secret',
        'What this needs was sealed with another secret than the one that this server was started with (GLEDDO_SECRET). Whoever runs it has to give it that one.',
      );
    }
  }
}
