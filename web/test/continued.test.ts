import pdfMake from 'pdfmake/build/pdfmake';
import roboto from 'pdfmake/build/fonts/Roboto';
import { ledgerSheet } from '@gleddo/core';
import { nurseryYear } from '@gleddo/core/demo';
import { Continued } from '../src/book/handouts/continued';

const ledger = ledgerSheet(nurseryYear(), { from: '2027-01-01', to: '2027-12-31' });
const headings = ledger.rows.flatMap(({ kind }, row) => (kind === 'heading' ? [row] : []));

/** The pages of one sheet or two, each by the row that it begins with. */
function laidOut(...pages: readonly (readonly [sheet: number, row: number])[]): Continued {
  const continued = new Continued([ledger, ledger]);
  pages.forEach(([sheet, row], i) =>
    [row, row + 1].forEach((each) =>
      // An empty cell comes to stand nowhere.
      continued.row([{}, { positions: [{ pageNumber: i + 1 }] }], { sheet, row: each }),
    ),
  );
  return continued;
}

describe('the head of a page', () => {
  it('says nothing where a sheet begins', () => {
    const continued = laidOut([0, 0], [1, 0]);
    expect([1, 2].map((page) => continued.on(page))).toEqual([null, null]);
  });

  it('names the sheet and the account that go on', () => {
    const second = headings[1] ?? 0;
    const continued = laidOut([0, 0], [0, second + 2], [1, 0]);
    const [named] = ledger.rows[second]?.cells ?? [];
    expect(continued.on(2)).toBe(`Ledger, continued: ${String(named)}`);
    expect(continued.on(3)).toBe(null);
  });

  it('names no account where one begins', () => {
    expect(laidOut([0, 0], [0, headings[2] ?? 0]).on(2)).toBe('Ledger, continued');
  });

  it('knows nothing of a page on which nothing was placed', () => {
    expect(laidOut([0, 0]).on(7)).toBe(null);
  });

  it('is known when the layout asks for it', async () => {
    const continued = new Continued([ledger]);
    const heads: (string | null)[] = [];
    pdfMake.addFontContainer(roboto);
    const rows = ledger.rows.map((_, row) =>
      continued.row([{ text: '' }, { text: String(row) }], { sheet: 0, row }),
    );
    const asked = (page: number) => {
      heads[page] = continued.on(page);
      return '';
    };
    const definition = { header: asked, content: [{ table: { dontBreakRows: true, body: rows } }] };
    await pdfMake.createPdf(definition).getBuffer();
    expect(heads.length).toBeGreaterThan(10);
    expect(heads[1]).toBe(null);
    for (const head of heads.slice(2)) expect(head).toMatch(/^Ledger, continued(: .+)?$/);
  });
});
