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

/** The files of a pile that was packed, each by its own name; other files are as they are. */
export function unpacked({ name, bytes }: Given): Given[] {
  if (!isPile(name)) return [{ name, bytes }];
  let size = 0;
  let count = 0;
  try {
    const files = unzipSync(bytes, {
      filter: (file) => {
        size += file.originalSize;
        count += 1;
        return isMeant(file.name) && size <= LARGEST_UNPACKED && count <= MOST_FILES;
      },
    });
    return Object.entries(files).map(([path, inside]) => ({
      name: path.split('/').at(-1) ?? path,
      bytes: inside,
    }));
  } catch {
    return [{ name, bytes }];
  }
}
