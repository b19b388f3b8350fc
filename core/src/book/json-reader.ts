import { refusal, type Refusal } from '../refusal/refusal.js';

export const jsonUnknownKey = refusal(
  'file.unknown-key',
  (f: { key: string }) => `“${f.key}” is not known here. Take it out, or check its spelling.`,
);
export const jsonMissing = refusal(
  'file.missing',
  (f: { key: string }) => `“${f.key}” is missing. Add it.`,
);
export const jsonWrongKind = refusal(
  'file.wrong-kind',
  (f: { wanted: string; found: string }) => `Here stands ${f.found}; it must be ${f.wanted}.`,
);
export const jsonBroken = refusal(
  'file.broken',
  (f: { why: string }) => `This is not readable as JSON (${f.why}). Save the file again and retry.`,
);
export const jsonTooLarge = refusal(
  'file.too-large',
  (f: { limit: number }) =>
    `The file is larger than ${f.limit} MB, more than a book can need. Check that it is the right file.`,
);

/** The largest exchange file taken, in characters. */
export const LARGEST_FILE = 20_000_000;
/** The longest list taken from a file. */
export const LONGEST_LIST = 100_000;

type Json = Record<string, unknown>;

const kindOf = (value: unknown): string => {
  if (value === null) return 'null';
  if (Array.isArray(value)) return 'a list';
  return typeof value === 'object' ? 'an object' : `a ${typeof value}`;
};

/**
 * Walks through a parsed JSON document, gathering every fault with its path; a value that is wrong
 * reads as an empty one, so that reading goes on and all faults are found at once.
 */
export class JsonReader {
  readonly faults: Refusal[] = [];

  fault(found: Refusal): void {
    this.faults.push(found);
  }

  object(value: unknown, path: string, known: readonly string[]): Json {
    if (typeof value !== 'object' || value === null || Array.isArray(value)) {
      this.fault(jsonWrongKind({ wanted: 'an object', found: kindOf(value) }, path));
      return {};
    }
    for (const key of Object.keys(value))
      if (!known.includes(key)) this.fault(jsonUnknownKey({ key }, join(path, key)));
    return value as Json;
  }

  list(of: Json, key: string, path: string): unknown[] {
    const value = of[key];
    if (value === undefined) return [];
    if (Array.isArray(value) && value.length <= LONGEST_LIST) return value;
    this.fault(jsonWrongKind({ wanted: 'a list', found: kindOf(value) }, join(path, key)));
    return [];
  }

  /** A text that must be there; empty when it is not. */
  text(of: Json, key: string, path: string): string {
    if (of[key] === undefined) {
      this.fault(jsonMissing({ key }, join(path, key)));
      return '';
    }
    return this.optionalText(of, key, path) ?? '';
  }

  optionalText(of: Json, key: string, path: string): string | null {
    const value = of[key];
    if (value === undefined) return null;
    if (typeof value === 'string' && value.length <= 2000) return value;
    this.fault(jsonWrongKind({ wanted: 'a text', found: kindOf(value) }, join(path, key)));
    return null;
  }

  flag(of: Json, key: string, path: string, otherwise = false): boolean {
    const value = of[key];
    if (value === undefined) return otherwise;
    if (typeof value === 'boolean') return value;
    this.fault(jsonWrongKind({ wanted: 'true or false', found: kindOf(value) }, join(path, key)));
    return otherwise;
  }

  whole(of: Json, key: string, path: string, otherwise: number, from: number, to: number): number {
    const value = of[key];
    if (value === undefined) return otherwise;
    if (typeof value === 'number' && Number.isInteger(value) && value >= from && value <= to)
      return value;
    const wanted = `a whole number from ${from} to ${to}`;
    const found = typeof value === 'number' ? String(value) : kindOf(value);
    this.fault(jsonWrongKind({ wanted, found }, join(path, key)));
    return otherwise;
  }

  oneOf<T extends string>(of: Json, key: string, path: string, among: readonly T[], usual: T): T {
    const value = this.optionalText(of, key, path);
    if (value === null) return usual;
    const found = among.find((each) => each === value);
    if (found !== undefined) return found;
    const wanted = `one of ${among.join(', ')}`;
    this.fault(jsonWrongKind({ wanted, found: `“${value}”` }, join(path, key)));
    return usual;
  }
}

export const join = (path: string, key: string | number): string =>
  typeof key === 'number' ? `${path}[${key}]` : path === '' ? key : `${path}.${key}`;
