import FACES from 'virtual:other-scripts';

/** A typeface of another script: one part of it. */
export interface OtherFace {
  readonly name: string;
  readonly address: string;
}

type Range = readonly [from: number, to: number, face: OtherFace];

function rangesOf({ ranges, address }: (typeof FACES)[number]): Range[] {
  const name = address.replace(/^.*\/|\.ttf$/g, '');
  return ranges.split(',').map((range) => {
    const [from = 0, to = from] = range
      .slice(2)
      .split('-')
      .map((each) => parseInt(each, 16));
    return [from, to, { name, address }];
  });
}

const byScript = new Map<string, readonly Range[]>();

function rangesIn(script: string): readonly Range[] {
  const known =
    byScript.get(script) ?? FACES.filter((face) => face.script === script).flatMap(rangesOf);
  byScript.set(script, known);
  return known;
}

const SCRIPTS = [...new Set(FACES.map(({ script }) => script))];

/** Signs that several scripts share are written as the letters that stand only in one ask for. */
const ASKED_BY: readonly (readonly [string, RegExp])[] = [
  ['jp', /[\p{Script=Hiragana}\p{Script=Katakana}]/u],
  ['kr', /\p{Script=Hangul}/u],
];

/** The scripts in which a text is looked up, those that it speaks first. */
export function scriptsFor(text: string): readonly string[] {
  const first = ASKED_BY.filter(([, letters]) => letters.test(text)).map(([script]) => script);
  return [...new Set([...first, ...SCRIPTS])];
}

const known = new Map<string, OtherFace | null>();

/** The typeface that has a letter; null: none of those that ship. What was looked up once is remembered. */
export function otherFaceOf(letter: string, scripts: readonly string[]): OtherFace | null {
  const asked = `${scripts[0] ?? ''} ${letter}`;
  const before = known.get(asked);
  if (before !== undefined) return before;
  const code = letter.codePointAt(0) ?? 0;
  const found = scripts.flatMap(rangesIn).find(([from, to]) => from <= code && code <= to);
  const face = found?.[2] ?? null;
  known.set(asked, face);
  return face;
}
