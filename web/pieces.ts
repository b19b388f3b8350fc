import { build, type InlineConfig, type Rolldown } from 'vite';

interface Piece {
  readonly name: string;
  /** The pages that want it. */
  readonly pages: readonly string[];
  /** Whether each of them is wanted without the others: then what is its own alone stays its own. */
  readonly apart?: true;
}

/** What is fetched in one piece. Each holds what none before it does. */
const PIECES: readonly Piece[] = [
  { name: 'door', pages: ['/index.html'] },
  { name: 'within', pages: ['/inside.tsx'] },
  { name: 'open-book', pages: ['/MyTryPage.tsx', '/WorkView.tsx', '/ChartView.tsx'], apart: true },
];

type Script = Rolldown.OutputChunk;

/** The scripts that the pages would be made of if nobody said which belong together. */
async function scattered(config: InlineConfig): Promise<readonly Script[]> {
  const made = await build({
    ...config,
    configFile: false,
    logLevel: 'error',
    build: {
      ...config.build,
      write: false,
      minify: false,
      rolldownOptions: { external: /^virtual:/ },
    },
  });
  return 'output' in made ? made.output.filter((each) => each.type === 'chunk') : [];
}

/** The scripts of these pages, and all that have to be there before them. */
function wantedBy(pages: readonly string[], scripts: readonly Script[]): ReadonlySet<Script> {
  const wanted = new Set(
    pages.map((page) => {
      const script = scripts.find(({ facadeModuleId }) => facadeModuleId?.endsWith(page));
      if (!script) throw new Error(`No script begins with ${page}: see PIECES.`);
      return script;
    }),
  );
  for (const script of wanted)
    for (const other of scripts) if (script.imports.includes(other.fileName)) wanted.add(other);
  return wanted;
}

/**
 * How the scripts are put together. Left alone, what several pages share falls into a hundred small files by who shares it, each of
 * which costs a request and is pressed together badly. What a page wants is known only once the unused is gone: so the pages are
 * built twice, the first time to see it.
 */
export async function pieces(config: InlineConfig): Promise<Rolldown.CodeSplittingOptions> {
  const scripts = await scattered(config);
  const groups = PIECES.map(({ name, pages, apart }, nth) => {
    const wanted = [...wantedBy(pages, scripts)].filter(
      (script) => !(apart && script.isDynamicEntry),
    );
    const modules = new Set(wanted.flatMap((script) => script.moduleIds));
    return { name, test: (id: string) => modules.has(id), priority: PIECES.length - nth };
  });
  return { groups };
}
