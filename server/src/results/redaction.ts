import { createHmac } from 'node:crypto';
import type { Note, PairShown, ShownResult } from '@gleddo/contract';
import type { Book } from '@gleddo/core';

/**
 * Ids of a key say what its accounts are called. Where it is not shown how to put a work right, other ids stand for those
 * that the work does not have; always the same for one marking, so that what belongs together still does.
 */
export class Redaction {
  private readonly own: ReadonlySet<string>;

  constructor(
    private readonly marking: string,
    { accounts, entries }: Book,
  ) {
    this.own = new Set([...accounts, ...entries].map(({ id }) => id));
  }

  private over(id: string): string {
    if (this.own.has(id)) return id;
    return `x${createHmac('sha256', this.marking).update(id).digest('hex').slice(0, 16)}`;
  }

  ref(ref: string): string {
    const at = ref.indexOf(':');
    const isNamed = at >= 0 && /^(account|opening|entry)\./.test(ref);
    return isNamed ? `${ref.slice(0, at + 1)}${this.over(ref.slice(at + 1))}` : ref;
  }

  result(result: ShownResult): ShownResult {
    const { kind, id } = result.subject;
    const isNamed = kind === 'account' || kind === 'entry';
    return {
      ...result,
      ref: this.ref(result.ref),
      subject: isNamed ? { kind, id: this.over(id) } : result.subject,
      from: result.from.map((ref) => this.ref(ref)),
    };
  }

  pair(pair: PairShown): PairShown {
    return { ...pair, keys: pair.keys.map((id) => this.over(id)) };
  }

  note(note: Note): Note {
    return { ...note, ref: note.ref === null ? null : this.ref(note.ref) };
  }
}
