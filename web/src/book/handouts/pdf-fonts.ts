import boldExt from '@fontsource/figtree/files/figtree-latin-ext-700-normal.woff?url';
import bold from '@fontsource/figtree/files/figtree-latin-700-normal.woff?url';
import plainExt from '@fontsource/figtree/files/figtree-latin-ext-400-normal.woff?url';
import plain from '@fontsource/figtree/files/figtree-latin-400-normal.woff?url';
import pdfMake from 'pdfmake/build/pdfmake';
import roboto from 'pdfmake/build/fonts/Roboto';
import { inLineOrder } from './line-order';
import { otherFaceOf, scriptsFor, type OtherFace } from './other-faces';

/** The application's own type, in the two parts in which it ships; behind it one that has Greek and Cyrillic, then other scripts. */
const OWN = 'Figtree';
const OWN_MORE = 'Figtree more';
const OTHERS = 'Roboto';

const FILES: Readonly<Record<string, string>> = {
  'figtree.woff': plain,
  'figtree-bold.woff': bold,
  'figtree-more.woff': plainExt,
  'figtree-more-bold.woff': boldExt,
};

const faces = (normal: string, strong: string) => ({
  normal,
  bold: strong,
  italics: normal,
  bolditalics: strong,
});

const FACES = {
  [OWN]: faces('figtree.woff', 'figtree-bold.woff'),
  [OWN_MORE]: faces('figtree-more.woff', 'figtree-more-bold.woff'),
};

async function asBase64(address: string): Promise<string> {
  const blob = await (await fetch(address)).blob();
  return new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(String(reader.result).replace(/^.*?,/, ''));
    reader.onerror = () => reject(new Error('a typeface could not be read'));
    reader.readAsDataURL(blob);
  });
}

async function load(): Promise<void> {
  pdfMake.addFontContainer(roboto);
  const files = await Promise.all(
    Object.entries(FILES).map(
      async ([name, address]) =>
        [name, { data: await asBase64(address), encoding: 'base64' }] as const,
    ),
  );
  pdfMake.addFontContainer({ vfs: Object.fromEntries(files), fonts: FACES });
}

let loading: Promise<void> | null = null;

/** The application's own type, fetched once. */
function ownReady(): Promise<void> {
  loading ??= load().catch((error: unknown) => {
    loading = null;
    throw error;
  });
  return loading;
}

/** A part of another script; it has one weight. */
async function ready({ name, address }: OtherFace): Promise<void> {
  const file = `${name}.ttf`;
  pdfMake.addFontContainer({
    vfs: { [file]: { data: await asBase64(address), encoding: 'base64' } },
    fonts: { [name]: faces(file, file) },
  });
}

/** Has the typefaces ready in which texts are set: of other scripts only the parts that hold one of their letters. */
export async function fontsReady(texts: Iterable<string>): Promise<void> {
  const others = new Map<string, OtherFace>();
  for (const text of texts)
    for (const { other } of runsOf(text)) if (other) others.set(other.name, other);
  await Promise.all([ownReady(), ...[...others.values()].map(ready)]);
}

/** What each part of the type holds. Source: the ranges that its package tells. */
const IN_OWN =
  /[\u0000-\u00ff\u0131\u0152\u0153\u02bb\u02bc\u02c6\u02da\u02dc\u2000-\u206f\u20ac\u2122\u2191\u2193\u2212\u2215]/;
const IN_MORE =
  /[\u0100-\u02ba\u02bd-\u02c5\u02c7-\u02cc\u02ce-\u02d7\u02dd-\u02ff\u1e00-\u1e9f\u1ef2-\u1eff\u20a0-\u20ab\u20ad-\u20c0]/;

/** Most texts need no other. */
const OWN_ALONE = new RegExp(`^${IN_OWN.source}*$`);

/** Greek, Cyrillic, and signs. */
const IN_OTHERS = /[\u0370-\u052f\u1f00-\u1fff\u2070-\u2bff]/;

interface Run {
  readonly text: string;
  readonly font: string;
  /** A typeface that is fetched only when it is wanted. */
  readonly other?: OtherFace | undefined;
}

function faceOf(letter: string, scripts: () => readonly string[]): Omit<Run, 'text'> {
  if (IN_OWN.test(letter)) return { font: OWN };
  if (IN_MORE.test(letter)) return { font: OWN_MORE };
  const other = IN_OTHERS.test(letter) ? null : otherFaceOf(letter, scripts());
  return other ? { font: other.name, other } : { font: OTHERS };
}

/** A text as runs of one typeface each, as they stand from the left: a letter that one does not have is set in the next. */
export function runsOf(text: string): readonly Run[] {
  if (OWN_ALONE.test(text)) return [{ text, font: OWN }];
  const runs: { text: string; font: string; other?: OtherFace | undefined }[] = [];
  const scripts = () => scriptsFor(text);
  for (const letter of inLineOrder(text)) {
    const face = faceOf(letter, scripts);
    const last = runs.at(-1);
    if (last?.font === face.font) last.text += letter;
    else runs.push({ text: letter, ...face });
  }
  return runs;
}
