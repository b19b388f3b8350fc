import type { Guide, SourceSheet } from '../../model/exercise-shapes/guide.js';

/** A guide whose pictures are told otherwise: by the name under which each is kept, or by themselves; null takes one away. */
export function withPictures(guide: Guide, described: (picture: string) => string | null): Guide {
  if (!guide.sheets?.some(({ picture }) => picture !== undefined)) return guide;
  const changed = ({ picture, ...sheet }: SourceSheet): SourceSheet => {
    const now = picture === undefined ? null : described(picture);
    return now === null ? sheet : { ...sheet, picture: now };
  };
  return { ...guide, sheets: guide.sheets.map(changed) };
}

/** What stands for the pictures of a guide, each once. */
export const picturesOf = ({ sheets = [] }: Guide): readonly string[] => [
  ...new Set(sheets.flatMap(({ picture }) => picture ?? [])),
];
