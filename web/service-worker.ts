import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { rolldown } from 'rolldown';
import type { Plugin, Rolldown } from 'vite';

type Chunk = Rolldown.OutputChunk;
type Bundle = Rolldown.OutputBundle;

/** Where the pages of who does an exercise begin, and those that stand behind the door for all. */
const WANTED = /\/src\/(pages\/(student|practice)|book|exercise|platform|inside\.tsx)/;
/** What is saved and printed is fetched by who wants that. */
const NOT_WANTED = ['to-pdf-', 'to-workbook-', '-thread-'];
const FONTS =
  /(figtree-latin-wght-normal|source-serif-4-latin-(600|400)-(normal|italic))-[\w-]+\.woff2$/;

const isChunk = (part: Bundle[string] | undefined): part is Chunk => part?.type === 'chunk';

/** A part, and all that it can’t be without. */
function* withAll(bundle: Bundle, name: string, known: Set<string>): Generator<string> {
  const part = bundle[name];
  if (known.has(name) || !isChunk(part)) return;
  known.add(name);
  yield name;
  yield* (
    (part as Chunk & { viteMetadata?: { importedCss: Set<string> } }).viteMetadata?.importedCss ??
    []
  );
  for (const other of part.imports) yield* withAll(bundle, other, known);
}

function* pagesOf(bundle: Bundle): Generator<string> {
  const known = new Set<string>();
  for (const [name, part] of Object.entries(bundle)) {
    if (FONTS.test(name)) yield name;
    if (!isChunk(part) || NOT_WANTED.some((each) => name.includes(each))) continue;
    if (part.isEntry || WANTED.test(part.facadeModuleId ?? '')) yield* withAll(bundle, name, known);
  }
}

/** The worker by which the pages open without a line: it knows of the build which parts they need. */
export const serviceWorker = (): Plugin => ({
  name: 'service-worker',
  apply: 'build',
  enforce: 'post',
  writeBundle: {
    sequential: true,
    async handler({ dir = '' }, bundle) {
      const names = new Set(pagesOf(bundle));
      const index = createHash('sha256')
        .update(readFileSync(join(dir, 'index.html')))
        .digest('hex');
      const pages = [
        { url: '/index.html', revision: index },
        ...[...names].map((name) => ({ url: `/${name}`, revision: null })),
      ];
      const built = await rolldown({
        input: join(import.meta.dirname, 'src/platform/offline/worker.ts'),
        transform: {
          define: { PAGES: JSON.stringify(pages), 'process.env.NODE_ENV': '"production"' },
        },
      });
      await built.write({
        file: join(dir, 'worker.js'),
        format: 'iife',
        minify: true,
        codeSplitting: false,
      });
      await built.close();
    },
  },
});
