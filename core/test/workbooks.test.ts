import ExcelJS from 'exceljs';
import fc from 'fast-check';
import { strToU8, zipSync } from 'fflate';
import { cellsToCsv, tableIn } from '../src/index.js';

const cellsIn = (bytes: Uint8Array): readonly (readonly string[])[] => {
  const read = tableIn(bytes);
  if (!read.ok) throw new Error(read.refusals[0]?.says);
  return read.value.cells;
};
const refusalIn = (bytes: Uint8Array): string => {
  const read = tableIn(bytes);
  return read.ok ? 'read' : (read.refusals[0]?.code ?? '');
};

/** A workbook as somebody else's library writes it. */
async function written(fill: (book: ExcelJS.Workbook) => void): Promise<Uint8Array> {
  const book = new ExcelJS.Workbook();
  fill(book);
  return new Uint8Array(await book.xlsx.writeBuffer());
}

const one = (values: unknown[]) =>
  written((book) => void book.addWorksheet('List').addRow(values as ExcelJS.CellValue[]));

describe('a cell of a workbook', () => {
  it.each<[unknown, string]>([
    ['Bank', 'Bank'],
    [1010, '1010'],
    [0.1 + 0.2, '0.3'],
    [-1234.5, '-1234.5'],
    [true, 'true'],
    ['a < b & c', 'a < b & c'],
    [new Date('2027-03-31T00:00:00Z'), '2027-03-31'],
    [new Date('1999-12-31T00:00:00Z'), '1999-12-31'],
    [{ formula: 'SUM(A1:A9)', result: 42 }, '42'],
    [{ formula: 'A1&A2', result: 'Bank' }, 'Bank'],
    [{ formula: 'HYPERLINK("x")' }, '#NO VALUE!'],
    [{ formula: 'A1', result: { error: '#REF!' } }, '#REF!'],
    [{ error: '#N/A' }, '#N/A'],
    [{ richText: [{ text: 'Trade ' }, { text: 'receivables' }] }, 'Trade receivables'],
    [{ text: 'Bank', hyperlink: 'http://x.example' }, 'Bank'],
  ])('%j is read as “%s”', async (value, text) => {
    expect(cellsIn(await one(['Name', value]))).toEqual([['Name', text]]);
  });

  it('is where it was, whatever is empty before it; texts that stand twice are the same', async () => {
    const bytes = await written((book) => {
      const sheet = book.addWorksheet('List');
      sheet.getCell('C3').value = 'Bank';
      sheet.getCell('A5').value = 'Bank';
      sheet.getCell('B5').value = 12;
    });
    expect(cellsIn(bytes)).toEqual([[], [], ['', '', 'Bank'], [], ['Bank', '12']]);
  });

  it('any table comes back as it was written', async () => {
    const cell = fc.oneof(
      fc.string({ maxLength: 12 }).filter((text) => /^[\x21-\x7e](.*[\x21-\x7e])?$/.test(text)),
      fc.integer({ min: -1_000_000, max: 1_000_000 }).map(String),
    );
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.array(cell, { minLength: 1, maxLength: 5 }), { minLength: 1, maxLength: 6 }),
        async (rows) => {
          const bytes = await written((book) => void book.addWorksheet('List').addRows(rows));
          const plain = rows.map((row) => row.map((text) => text.replace(/^'(?=[=+\-@])/, '')));
          expect(cellsIn(bytes)).toEqual(plain);
        },
      ),
      { numRuns: 40 },
    );
  });
});

const OPEN = 'application/vnd.oasis.opendocument.spreadsheet';

const NAMES = [
  'xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0"',
  'xmlns:table="urn:oasis:names:tc:opendocument:xmlns:table:1.0"',
  'xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0"',
  'xmlns:style="urn:oasis:names:tc:opendocument:xmlns:style:1.0"',
].join(' ');

const ods = (tables: string, styles = '', kind = OPEN): Uint8Array =>
  zipSync({
    mimetype: strToU8(kind),
    'content.xml': strToU8(
      `<?xml version="1.0"?><office:document-content ${NAMES}><office:automatic-styles>${styles}</office:automatic-styles><office:body><office:spreadsheet>${tables}</office:spreadsheet></office:body></office:document-content>`,
    ),
  });

const table = (rows: string, rest = ''): string =>
  `<table:table table:name="List"${rest}>${rows}</table:table>`;
const row = (cells: string, rest = ''): string =>
  `<table:table-row${rest}>${cells}</table:table-row>`;
const said = (words: string, rest = ''): string =>
  `<table:table-cell office:value-type="string"${rest}><text:p>${words}</text:p></table:table-cell>`;
const figure = (value: string, rest = ''): string =>
  `<table:table-cell office:value-type="currency" office:value="${value}"${rest}><text:p>€ ${value}</text:p></table:table-cell>`;

describe('an OpenDocument table', () => {
  it('is read: texts, figures, days, what is repeated, what is beside the point left out', () => {
    const rows = [
      row(said('Account') + said('Balance')),
      row(said('Bank &amp; cash') + figure('12.5', ' table:number-columns-repeated="2"')),
      row(
        '<table:table-cell table:number-columns-repeated="16384"/>',
        ' table:number-rows-repeated="2"',
      ),
      row(
        `${said('a<text:s/>b')}<table:table-cell office:value-type="date" office:date-value="2027-03-31T00:00:00"/><table:table-cell office:value-type="string"><office:annotation><text:p>no</text:p></office:annotation><text:p>yes</text:p></table:table-cell>`,
      ),
      row(
        '<table:table-cell table:number-columns-repeated="16384"/>',
        ' table:number-rows-repeated="1048000"',
      ),
    ];
    expect(cellsIn(ods(table(rows.join(''))))).toEqual([
      ['Account', 'Balance'],
      ['Bank & cash', '12.5', '12.5'],
      [],
      [],
      ['a b', '2027-03-31', 'yes'],
    ]);
  });

  it('a hidden one is passed over where another is a list', () => {
    const hidden =
      '<style:style style:name="ta2" style:family="table"><style:table-properties table:display="false"/></style:style>';
    const rows = (name: string) =>
      row(said('Account') + said('Debit')) +
      row(said(name) + figure('5')) +
      row(said('Till') + figure('1'));
    const both = `${table(rows('Old'), ' table:style-name="ta2"')}${table(rows('Bank'))}`;
    expect(cellsIn(ods(both, hidden))[1]).toEqual(['Bank', '5']);
  });

  it('of another kind is refused', () => {
    const text = ods('', '', 'application/vnd.oasis.opendocument.text');
    expect(refusalIn(text)).toBe('file.not-a-workbook');
  });
});

const RELATIONS =
  '<Relationships xmlns="r"><Relationship Id="rId1" Target="worksheets/sheet1.xml"/></Relationships>';
const BOOK =
  '<workbook xmlns="m" xmlns:r="r"><sheets><sheet name="S" sheetId="1" r:id="rId1"/></sheets></workbook>';
const xlsx = (sheet: string, rest: Record<string, string> = {}): Uint8Array =>
  zipSync(
    Object.fromEntries(
      Object.entries({
        'xl/workbook.xml': BOOK,
        'xl/_rels/workbook.xml.rels': RELATIONS,
        'xl/worksheets/sheet1.xml': sheet,
        ...rest,
      }).map(([name, text]) => [name, strToU8(text)]),
    ),
  );
const sheetOf = (rows: string, after = '', before = ''): string =>
  `<worksheet>${before}<sheetData>${rows}</sheetData>${after}</worksheet>`;
const bank =
  '<row r="1"><c r="A1" t="inlineStr"><is><t>Bank</t></is></c><c r="B1"><v>5</v></c></row>';

describe('a hostile workbook', () => {
  const all = 'A1:XFD1048576';
  it.each<[string, () => Uint8Array]>([
    [
      'a merge of all cells',
      () => xlsx(sheetOf(bank, `<mergeCells><mergeCell ref="${all}"/></mergeCells>`)),
    ],
    [
      'a rule for all cells',
      () =>
        xlsx(sheetOf(bank, `<dataValidations><dataValidation sqref="${all}"/></dataValidations>`)),
    ],
    [
      'a billion columns',
      () => xlsx(sheetOf(bank, '', '<cols><col min="1" max="1000000000"/></cols>')),
    ],
    [
      'a cell at the end of the world',
      () => xlsx(sheetOf(`${bank}<row r="1048576"><c r="XFD1048576"><v>1</v></c></row>`)),
    ],
    ['rows that go back', () => xlsx(sheetOf(`${bank}<row r="-5"><c r="A0"><v>1</v></c></row>`))],
  ])('with %s is read by its cells alone', (_, bytes) => {
    expect(cellsIn(bytes())[0]).toEqual(['Bank', '5']);
  });

  const many = (count: number, text: string): string => text.repeat(count);
  it.each<[string, () => Uint8Array, string]>([
    ['39 MB of nothing', () => xlsx(sheetOf(many(39_000_000, ' '))), 'table.empty'],
    ['80 MB of nothing', () => xlsx(sheetOf(many(80_000_000, ' '))), 'file.workbook-too-large'],
    [
      'long texts that stand everywhere',
      () =>
        xlsx(sheetOf(many(400_000, '<c t="s"><v>0</v></c><row/>')), {
          'xl/sharedStrings.xml': `<sst><si><t>${'x'.repeat(2_000)}</t></si></sst>`,
        }),
      'file.workbook-too-large',
    ],
    ['no end', () => xlsx('<worksheet><sheetData>'), 'file.not-a-workbook'],
    [
      'entities of its own',
      () =>
        xlsx(
          `<!DOCTYPE x [<!ENTITY a "aaaa">]>${sheetOf('<c t="inlineStr"><is><t>&a;</t></is></c>')}`,
        ),
      'file.not-a-workbook',
    ],
    [
      '6,000 parts',
      () =>
        zipSync(
          Object.fromEntries(Array.from({ length: 6_000 }, (_, i) => [`p${i}`, new Uint8Array(1)])),
        ),
      'file.workbook-too-large',
    ],
    [
      'a cell repeated a million times in a million rows',
      () =>
        ods(
          table(
            row(
              said('Bank', ' table:number-columns-repeated="1000000"'),
              ' table:number-rows-repeated="1000000"',
            ),
          ),
        ),
      'file.workbook-too-large',
    ],
    ['its end cut off', () => xlsx(sheetOf(bank)).slice(0, 300), 'file.not-a-workbook'],
    ['its last byte cut off', () => xlsx(sheetOf(bank)).slice(0, -30), 'file.not-a-workbook'],
    [
      'a sheet that is not there',
      () =>
        zipSync({
          'xl/workbook.xml': strToU8(BOOK),
          'xl/_rels/workbook.xml.rels': strToU8(RELATIONS),
        }),
      'file.not-a-workbook',
    ],
  ])('with %s is refused', (_, bytes, code) => {
    expect(refusalIn(bytes())).toBe(code);
  });
});

describe('a cell that a spreadsheet would run', () => {
  it.each([
    '=1+1',
    '+1',
    '-x',
    '@sum',
    '＝1+1',
    '＋x',
    '－x',
    '＠x',
    '\u200b=1',
    ' =1',
    '\t=1',
    'a\t=1',
  ])('%j is written so that none does, and is read again as it was', (cell) => {
    const csv = cellsToCsv([['Name', cell]]);
    const fields = csv.trimEnd().split(',').slice(1).join(',').replaceAll('"', '');
    expect(fields.split('\t')).toHaveLength(1);
    expect(/^[\s\u200b]*[=+\-@＝＋－＠]/.test(fields)).toBe(false);
    const read = cellsIn(new TextEncoder().encode(csv));
    expect(read[0]?.[1]?.replace(/\s/g, '')).toBe(cell.replace(/\s/g, ''));
  });
});
