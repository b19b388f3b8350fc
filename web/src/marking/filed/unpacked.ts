import { unzipSync } from 'fflate';

const MOST_FILES = 500;
const LARGEST_UNPACKED = 100_000_000;

/** A file that was dropped or chosen. */
export interface Given {
  readonly name: string;
  readonly bytes: Uint8Array;
}

const isPile = (name: string): boolean => /\.zip$/i.test(name);
const isMeant = (name: string): boolean => !name.endsWith('/') && !/(^|\/)(\.|__MACOSX)/.test(name);

/** What a pile holds, and what of it was left out, with the reason. */
export interface Unpacked {
  readonly files: readonly Given[];
  readonly leftOut: readonly { readonly name: string; readonly says: string }[];
}

const TOO_MUCH = `A ZIP is unpacked up to ${MOST_FILES} files and ${LARGEST_UNPACKED / 1e6} MB. Choose this file by itself.`;
const BROKEN = 'This ZIP can’t be unpacked. Pack the files again, or choose them one by one.';

const ownName = (path: string): string => path.split('/').at(-1) ?? path;

/** The files of a pile that was packed, each by its own name; other files are as they are. */
export function unpacked({ name, bytes }: Given): Unpacked {
  if (!isPile(name)) return { files: [{ name, bytes }], leftOut: [] };
  const leftOut: { name: string; says: string }[] = [];
  let size = 0;
  let count = 0;
  const filter = (file: { name: string; originalSize: number }): boolean => {
    if (!isMeant(file.name)) return false;
    size += file.originalSize;
    count += 1;
    const isTaken = size <= LARGEST_UNPACKED && count <= MOST_FILES;
    if (!isTaken) leftOut.push({ name: ownName(file.name), says: TOO_MUCH });
    return isTaken;
  };
  try {
    const files = Object.entries(unzipSync(bytes, { filter }));
    return {
      files: files.map(([path, inside]) => ({ name: ownName(path), bytes: inside })),
      leftOut,
    };
  } catch {
    return { files: [], leftOut: [{ name, says: BROKEN }] };
  }
}
