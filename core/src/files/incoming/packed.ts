import { Unzip, UnzipInflate } from 'fflate';

const LARGEST_UNPACKED = 40_000_000;
const MOST_PARTS = 5_000;
const STEP = 65_536;

/** In megabytes, as it is told. */
export const MOST_UNPACKED = LARGEST_UNPACKED / 1e6;

/** A packed file is, or would be when unpacked, larger than what is read. */
export class TooLarge extends Error {}

declare const TextDecoder: {
  new (): { decode(bytes?: Uint8Array, options?: { stream?: boolean }): string };
};

/** A packed file that breaks off, or lacks what it names. */
export class Broken extends Error {}

/** Takes a part of a packed file piece by piece, as text. */
export interface Reader {
  take(text: string): void;
  end(): void;
}

/**
 * Unpacks a file piece by piece, never the whole of it: each part goes to the reader that is chosen for its name; parts
 * for which there is none are not unpacked. Throws `TooLarge` where more comes out than is read, and whatever the
 * unpacking finds broken.
 */
export function unpack(bytes: Uint8Array, readerOf: (name: string) => Reader | null): void {
  if (!hasEnd(bytes)) throw new Broken();
  let size = 0;
  let parts = 0;
  let open = 0;
  const unzip = new Unzip((file) => {
    if (++parts > MOST_PARTS) throw new TooLarge();
    const reader = readerOf(file.name);
    if (!reader) return;
    const decoder = new TextDecoder();
    open++;
    file.ondata = (error, chunk, isLast) => {
      if (error) throw error;
      size += chunk.length;
      if (size > LARGEST_UNPACKED) throw new TooLarge();
      reader.take(decoder.decode(chunk, { stream: true }));
      if (!isLast) return;
      reader.take(decoder.decode());
      reader.end();
      open--;
    };
    file.start();
  });
  unzip.register(UnzipInflate);
  for (let at = 0; at < bytes.length; at += STEP)
    unzip.push(bytes.subarray(at, at + STEP), at + STEP >= bytes.length);
  if (open > 0) throw new Broken();
}

const END = [0x50, 0x4b, 0x05, 0x06];
/** The list at the end of a packed file, and a comment behind it. Source: APPNOTE 4.3.16. */
const LONGEST_END = 22 + 65_535;

function hasEnd(bytes: Uint8Array): boolean {
  const first = Math.max(0, bytes.length - LONGEST_END);
  for (let at = bytes.length - 22; at >= first; at--)
    if (END.every((byte, i) => bytes[at + i] === byte)) return true;
  return false;
}
