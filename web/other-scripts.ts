import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import subsetFont from 'subset-font';
import type { Plugin } from 'vite';

/** The scripts that stand behind the application's own type, on paper; last those whose packages name letters that they do not have. */
const SCRIPTS = [
  ...['arabic', 'hebrew', 'devanagari', 'bengali', 'tamil'],
  ...['thai', 'armenian', 'georgian', 'sc', 'jp', 'kr'],
];

const NAME = 'virtual:other-scripts';

interface Subset {
  readonly script: string;
  readonly ranges: string;
  readonly file: string;
}

/** The parts in which a script ships: by the package, those of its own letters alone. */
function subsetsOf(script: string): Subset[] {
  const at = createRequire(import.meta.url).resolve(
    `@fontsource-variable/noto-sans-${script}/unicode.json`,
  );
  const ranges = JSON.parse(readFileSync(at, 'utf8')) as Record<string, string>;
  return Object.entries(ranges)
    .filter(([part]) => part === script || part.startsWith('['))
    .map(([part, those]) => ({
      script,
      ranges: those,
      file: join(
        dirname(at),
        'files',
        `noto-sans-${script}-${part.replace(/[[\]]/g, '')}-wght-normal.woff2`,
      ),
    }));
}

const ofRange = (range: string): string => {
  const [from = 0, to = from] = range
    .slice(2)
    .split('-')
    .map((each) => parseInt(each, 16));
  return String.fromCodePoint(...Array.from({ length: to - from + 1 }, (_, i) => from + i));
};

/** A part as paper takes it: not compressed, and of one weight. */
const plain = async ({ file, ranges }: Subset): Promise<Uint8Array> =>
  subsetFont(readFileSync(file), ranges.split(',').map(ofRange).join(''), {
    targetFormat: 'truetype',
    variationAxes: { wght: 400 },
  });

/** Lays each part of each script beside the pages, to be fetched when a paper has one of its letters. */
export const otherScripts = (): Plugin => ({
  name: 'other-scripts',
  resolveId: (id) => (id === NAME ? `\0${NAME}` : null),
  async load(id) {
    if (id !== `\0${NAME}`) return null;
    const faces = [];
    for (const subset of SCRIPTS.flatMap(subsetsOf)) {
      const { script, ranges } = subset;
      const source = await plain(subset);
      const hash = createHash('sha256').update(source).digest('hex').slice(0, 10);
      const fileName = `assets/${script}-${hash}.ttf`;
      this.emitFile({ type: 'asset', fileName, source });
      faces.push({ script, ranges, address: `/${fileName}` });
    }
    return `export default ${JSON.stringify(faces)};`;
  },
});
