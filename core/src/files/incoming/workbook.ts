import { done, refusal, refused, type Result } from '../../model/refusal/refusal.js';
import { odsSheets } from './ods.js';
import { MOST_UNPACKED, TooLarge, unpack } from './packed.js';
import type { Sheet } from './sheet-cells.js';
import { xlsxSheets } from './xlsx.js';

const notAWorkbook = refusal(
  'file.not-a-workbook',
  (f: { what: string }) =>
    `This is ${f.what}, and no workbook can be read in it. Save the sheet as XLSX, ODS or CSV and choose that.`,
);
const workbookTooLarge = refusal(
  'file.workbook-too-large',
  (f: { most: number }) =>
    `Unpacked, this workbook is larger than ${f.most} MB, or holds more than can be looked through. Copy the sheet that is wanted into a workbook of its own.`,
);

const OPEN_DOCUMENT = 'application/vnd.oasis.opendocument.';
const LONGEST_KIND = 100;

/** What is packed in a file: the names of its parts, and what an OpenDocument says that it is. */
function packedIn(bytes: Uint8Array): {
  readonly names: ReadonlySet<string>;
  readonly kind: string;
} {
  const names = new Set<string>();
  let kind = '';
  unpack(bytes, (name) => {
    names.add(name);
    if (name !== 'mimetype') return null;
    return {
      take: (text) => {
        kind = (kind + text).slice(0, LONGEST_KIND);
      },
      end: () => undefined,
    };
  });
  return { names, kind: kind.trim() };
}

/** All sheets of a workbook: what is shown in their cells, formulas by their results. Refused where it is none. */
export function sheetsOf(bytes: Uint8Array): Result<Sheet[]> {
  try {
    const { names, kind } = packedIn(bytes);
    if (names.has('xl/workbook.xml')) return done(xlsxSheets(bytes));
    if (kind === `${OPEN_DOCUMENT}spreadsheet`) return done(odsSheets(bytes));
    const isOpen = kind.startsWith(OPEN_DOCUMENT) || names.has('content.xml');
    return refused(
      notAWorkbook({ what: isOpen ? 'an OpenDocument file of another kind' : 'a packed file' }),
    );
  } catch (error) {
    return refused(
      error instanceof TooLarge
        ? workbookTooLarge({ most: MOST_UNPACKED })
        : notAWorkbook({ what: 'a packed file that is broken' }),
    );
  }
}
