import { strToU8, zipSync } from 'fflate';

/** Files that mean harm, or are broken: what reads tables, books and exercises must end soon with each, and say why. */

const RELATIONS =
  '<Relationships xmlns="r"><Relationship Id="rId1" Target="worksheets/sheet1.xml"/></Relationships>';
const BOOK =
  '<workbook xmlns="m" xmlns:r="r"><sheets><sheet name="S" sheetId="1" r:id="rId1"/></sheets></workbook>';

const zipped = (files) =>
  zipSync(Object.fromEntries(Object.entries(files).map(([name, text]) => [name, strToU8(text)])));
const workbook = (sheet, rest = {}) =>
  zipped({
    'xl/workbook.xml': BOOK,
    'xl/_rels/workbook.xml.rels': RELATIONS,
    'xl/worksheets/sheet1.xml': sheet,
    ...rest,
  });
const rows = (cells) => `<worksheet><sheetData>${cells}</sheetData></worksheet>`;
const open = (content) =>
  zipped({
    mimetype: 'application/vnd.oasis.opendocument.spreadsheet',
    'content.xml': content,
  });
const table = (inner) =>
  `<o:document-content xmlns:o="urn:oasis:names:tc:opendocument:xmlns:office:1.0" xmlns:t="urn:oasis:names:tc:opendocument:xmlns:table:1.0"><o:body><o:spreadsheet><t:table>${inner}</t:table></o:spreadsheet></o:body></o:document-content>`;
const book = (rest) => JSON.stringify({ format: 'gleddo-book', version: 1, ...rest });
const cut = (bytes, end) => bytes.slice(0, Math.floor(bytes.length * end));
const marked = (bytes, at, value) => {
  const copy = new Uint8Array(bytes);
  copy[at] = value;
  return copy;
};

const plain = workbook(rows('<row r="1"><c r="A1" t="inlineStr"><is><t>Bank</t></is></c></row>'));
const account = { id: 'a', name: 'Bank', type: 'bank' };

/** Name and bytes of each; they are made when they are asked for. */
export const HOSTILE_FILES = [
  ['nothing.csv', () => new Uint8Array()],
  ['nul.csv', () => new Uint8Array(40_000)],
  ['one-quote.csv', () => strToU8(`"${'Bank,5\n'.repeat(200_000)}`)],
  ['quotes.csv', () => strToU8('"'.repeat(600_001))],
  ['columns.csv', () => strToU8('5,'.repeat(900_000))],
  ['one-line.csv', () => strToU8('Bank '.repeat(1_500_000))],
  ['rows.csv', () => strToU8(`Account,Balance\n${'Bank,5\n'.repeat(300_000)}`)],
  ['blanks.csv', () => strToU8(`Account,Balance\n${`1${' '.repeat(3_000)}x,5\n`.repeat(300)}`)],
  ['long-names.csv', () => strToU8(`Account,Balance\n${`${'Ab'.repeat(900)},5\n`.repeat(800)}`)],
  ['half-letters.csv', () => new Uint8Array([0xff, 0xfe, 0x00, 0xd8, 0x41])],
  ['not-utf8.csv', () => new Uint8Array(4_000).fill(0xc3)],
  ['formulas.csv', () => strToU8('Account,Balance\n=HYPERLINK("x"),=1+1\n@SUM(A1),\uff1d2\n')],
  ['digits.csv', () => strToU8(`Account,Balance\nBank,${'9'.repeat(200_000)}\n`)],
  ['exponent.csv', () => strToU8('Account,Balance\nBank,1e999999\nTill,-1e-999999\n')],
  ['picture.xlsx', () => new Uint8Array([0x89, 0x50, 0x4e, 0x47, 13, 10, 26, 10, 0, 0])],
  ['program.xlsx', () => strToU8(`MZ${'\u0000'.repeat(2_000)}`)],
  ['print.xlsx', () => strToU8('%PDF-1.7\n1 0 obj\n')],
  ['cut.xlsx', () => cut(plain, 0.5)],
  ['cut-end.xlsx', () => cut(plain, 0.97)],
  ['spoilt.xlsx', () => marked(plain, Math.floor(plain.length / 3), 0)],
  ['other-zip.xlsx', () => zipped({ 'readme.txt': 'hello' })],
  ['nothing-packed.xlsx', () => zipSync({})],
  [
    'many-files.xlsx',
    () => zipped(Object.fromEntries(Array.from({ length: 20_000 }, (_, i) => [`f${i}`, '']))),
  ],
  ['80-megabytes.xlsx', () => workbook(rows(' '.repeat(80_000_000)))],
  [
    'strings.xlsx',
    () =>
      workbook(rows('<row><c t="s"><v>0</v></c></row>'.repeat(200_000)), {
        'xl/sharedStrings.xml': `<sst><si><t>${'x'.repeat(3_000)}</t></si></sst>`,
      }),
  ],
  [
    'merged.xlsx',
    () =>
      workbook(
        `${rows('').replace('</worksheet>', '')}<mergeCells><mergeCell ref="A1:XFD1048576"/></mergeCells></worksheet>`,
      ),
  ],
  ['far-cell.xlsx', () => workbook(rows('<row r="1048576"><c r="XFD1048576"><v>1</v></c></row>'))],
  [
    'all-cells.xlsx',
    () => workbook(rows(`<row r="1">${'<c><v>1</v></c>'.repeat(16_000)}</row>`.repeat(120))),
  ],
  [
    'entities.xlsx',
    () =>
      workbook(
        `<!DOCTYPE x [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;&a;&a;&a;&a;&a;">]>${rows('<row><c t="inlineStr"><is><t>&b;</t></is></c></row>')}`,
      ),
  ],
  ['outside.xlsx', () => workbook(`<!DOCTYPE x SYSTEM "file:///etc/passwd">${rows('')}`)],
  ['nested.xlsx', () => workbook('<a>'.repeat(400_000))],
  [
    'attributes.xlsx',
    () =>
      workbook(rows(`<row ${Array.from({ length: 60_000 }, (_, i) => `a${i}="1"`).join(' ')}/>`)),
  ],
  ['not-xml.xlsx', () => workbook('<<<>>>&&&')],
  [
    'repeated.ods',
    () =>
      open(
        table(
          '<t:table-row t:number-rows-repeated="2000000000"><t:table-cell t:number-columns-repeated="2000000000" o:value-type="float" o:value="1"/></t:table-row>',
        ),
      ),
  ],
  ['nested.ods', () => open('<t:table>'.repeat(300_000))],
  ['deep.json', () => strToU8(`${'['.repeat(200_000)}${']'.repeat(200_000)}`)],
  [
    'deep-book.json',
    () =>
      strToU8(
        `{"format":"gleddo-book","version":1,"accounts":${'{"a":'.repeat(50_000)}1${'}'.repeat(50_000)}}`,
      ),
  ],
  [
    'proto.json',
    () =>
      strToU8(
        '{"format":"gleddo-book","version":1,"__proto__":{"accounts":[]},"constructor":{"name":1}}',
      ),
  ],
  ['twice.json', () => strToU8(book({ accounts: [account, account, account] }))],
  [
    'circle.json',
    () =>
      strToU8(
        book({
          accounts: [
            { ...account, parent: 'b' },
            { ...account, id: 'b', parent: 'a' },
          ],
        }),
      ),
  ],
  [
    'wide.json',
    () =>
      strToU8(
        book({ accounts: Array.from({ length: 60_000 }, (_, i) => ({ ...account, id: `a${i}` })) }),
      ),
  ],
  [
    'amount.json',
    () =>
      strToU8(
        book({
          accounts: [account],
          opening: { date: '2026-12-31', balances: [{ account: 'a', debit: '9'.repeat(400) }] },
        }),
      ),
  ],
  ['broken.json', () => strToU8('{"format":"gleddo-book","version":1,"accounts":[')],
  ['newer.json', () => strToU8(book({}).replace('"version":1', '"version":99'))],
];
