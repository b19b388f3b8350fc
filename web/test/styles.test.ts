import { readFileSync, readdirSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import { tokensAsCss } from '../src/platform/shell/tokens';

const SRC = join(import.meta.dirname, '../src');
const read = (path: string) => readFileSync(join(SRC, path), 'utf8');

const filesIn = readdirSync(SRC, { recursive: true, encoding: 'utf8' });
const code = filesIn
  .filter((path) => /\.tsx?$/.test(path))
  .map((path) => ({ path, text: read(path) }));
const sheets = filesIn.filter((path) => path.endsWith('.css'));
const ofComponents = sheets.filter((path) => path.endsWith('.module.css'));
const ofAll = sheets.filter((path) => !path.endsWith('.module.css'));

const classesIn = (css: string) => [
  ...new Set(
    [...css.replace(/\/\*[^]*?\*\//g, '').matchAll(/\.([a-z][\w-]*)/g)].map(
      ([, name = '']) => name,
    ),
  ),
];
const ownClasses = (path: string) => classesIn(read(path).replace(/:global\([^)]*\)/g, ''));

/** Which classes of which sheet a file names; null for one that is told only as it runs. */
function* named({ path, text }: (typeof code)[number]): Generator<[string, string | null]> {
  for (const [, id = '', from = ''] of text.matchAll(
    /import (\w+) from '(\.[^']+\.module\.css)'/g,
  )) {
    const sheet = join(dirname(path), from);
    for (const [, name] of text.matchAll(new RegExp(`\\b${id}\\[(?:'([^']+)')?`, 'g')))
      yield [sheet, name ?? null];
  }
}

const scoped = ofComponents.flatMap((path) =>
  ownClasses(path).map((name) => `${basename(path, '.module.css')}-${name}`),
);
const begun = code.flatMap(({ text }) =>
  [...text.matchAll(/[`. ]([a-z]+-)\$\{/g)].map(([, start = '']) => start),
);
const isShown = (name: string) =>
  ['ant-', ...begun].some((start) => name.startsWith(start)) ||
  code.some(({ text }) => new RegExp(`['"\`. ]${name}['"\`. ]`).test(text));

const uses = code.flatMap((file) => [...named(file)]);

describe('a style sheet beside what it styles', () => {
  it.each(ofComponents)('%s has what is named, and is named for what it has', (sheet) => {
    const names = uses.filter(([of]) => of === sheet).map(([, name]) => name);
    const own = ownClasses(sheet);
    expect(names.filter((name) => name !== null && !own.includes(name))).toEqual([]);
    const isReported = names.includes(null);
    expect(isReported ? [] : own.filter((name) => !names.includes(name))).toEqual([]);
  });

  it('has a name of its own, by which its classes are told', () => {
    const names = ofComponents.map((path) => basename(path));
    expect(names).toEqual([...new Set(names)]);
  });

  it.each(ofComponents)('%s speaks of others by names that there are', (sheet) => {
    const spoken = [...read(sheet).matchAll(/:global\(([^)]*)\)/g)].flatMap(([, of = '']) =>
      classesIn(of),
    );
    expect(spoken.filter((name) => !isShown(name) && !scoped.includes(name))).toEqual([]);
  });

  it.each(ofAll)('%s styles nothing that nobody shows', (sheet) => {
    expect(classesIn(read(sheet)).filter((name) => !isShown(name))).toEqual([]);
  });
});

test('each colour and letter that a sheet names is one of the tokens, or said in a sheet', () => {
  const said = [tokensAsCss(), ...sheets.map(read), ...code.map(({ text }) => text)].flatMap(
    (text) => [...text.matchAll(/['" ](--[a-z][\w-]*)['"]?\]?:/g)].map(([, name = '']) => name),
  );
  const named = [...sheets.map(read), ...code.map(({ text }) => text)].flatMap((text) =>
    [...text.matchAll(/var\((--[a-z][\w-]*)/g)].map(([, name = '']) => name),
  );
  expect(named.length).toBeGreaterThan(50);
  expect([...new Set(named)].filter((name) => !said.includes(name))).toEqual([]);
});

test('no sheet names a colour of its own, so that each has its like in the dark; paper alone is white', () => {
  const own = sheets
    .filter((path) => !path.endsWith('print.css'))
    .filter((path) => /#[0-9a-f]{3,8}\b/i.test(read(path)));
  expect(own).toEqual([]);
});

test('each colour of the light has one of the dark', () => {
  const named = (css: string) =>
    css
      .split('\n')
      .flatMap((line) => (line.startsWith('  --') ? [line.slice(2).split(':')[0]] : []));
  const [light = '', rest = ''] = tokensAsCss().split('@media (prefers-color-scheme: dark)');
  const colours = named(light).filter((name) => name !== '--serif' && name !== '--sans');
  const [, wished = ''] = rest.split(":root[data-look='dark'] {");
  expect(named(wished.split('}')[0] ?? '')).toEqual(colours);
  expect(named(rest.split('}')[0] ?? '')).toEqual(colours);
});

/** A size in pixels beside an element, or where nothing makes it grow with the letters. */
const INLINE =
  /style=\{\{[^}]*\b(?:width|minWidth|maxWidth|height|minHeight|maxHeight|padding\w*|margin\w*|fontSize): [1-9]\d/;
const IN_FALLBACK = /var\([^)]*\dpx/;
const IN_CONTAINER = /@container[^{]*\dpx/;

it('no size is told in a way that stays behind when somebody has larger letters', () => {
  const inline = code.filter(({ text }) => INLINE.test(text)).map(({ path }) => path);
  const stays = sheets.filter(
    (path) => IN_FALLBACK.test(read(path)) || IN_CONTAINER.test(read(path)),
  );
  expect([...inline, ...stays]).toEqual([]);
});

/** Names of sides; whatever is centred at 50 % is the same from either. */
const SIDED = [
  /(?:^|[\s;{])(?:left|right):(?!\s*50%)/m,
  /(?:margin|padding|border)-(?:left|right)\b/,
  /border-(?:top|bottom)-(?:left|right)/,
  /text-align:\s*(?:left|right)/,
  /float:\s*(?:left|right)/,
  /to (?:left|right),/,
];

it.each(sheets)('%s names no left or right: a page can be read from the other side', (path) => {
  const css = read(path).replace(/\/\*[^]*?\*\//g, '');
  expect(SIDED.filter((sided) => sided.test(css)).map(String)).toEqual([]);
});

it.each(sheets)('%s gives no side another measure by its place in a list of four', (path) => {
  const fours = [...read(path).matchAll(/\b(?:margin|padding|inset):([^;]+);/g)]
    .map(([, values = '']) => values.replace('!important', '').trim().split(/\s+/))
    .filter((values) => values.length === 4 && values[1] !== values[3]);
  expect(fours).toEqual([]);
});

it('no style in the pages names a side', () => {
  const sided = /(?:padding|margin)(?:Left|Right):|textAlign: '(?:left|right)'/;
  const found = code.filter(({ path, text }) => path.endsWith('.tsx') && sided.test(text));
  expect(found.map(({ path }) => path)).toEqual([]);
});
