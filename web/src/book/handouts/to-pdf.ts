import { cellShown, isIndented, sheetSays, type Handout, type HandoutRow } from '@gleddo/core';
import pdfMake from 'pdfmake/build/pdfmake';
import { fontsReady, runsOf } from './pdf-fonts';
import { COLOUR } from '../../platform/shell/tokens';
import { Continued, type LaidOut } from './continued';

const POINTS_ACROSS = 515;
const MARGIN = 40;
const { ink: INK, edge: RULE, plum: PLUM, quiet: QUIET } = COLOUR;

/** Figures are all as wide as each other, so that they stand under each other. */
const TABULAR = { fontFeatures: ['tnum', 'lnum'] };

const HEADING = { bold: true, color: PLUM, margin: [0, 6, 0, 0] };

function cellsOf({ kind, depth, cells }: HandoutRow, handout: Handout): LaidOut[] {
  const { columns } = handout;
  const shown = cells.map((cell) => cellShown(handout, cell));
  if (kind === 'heading' && cells.length === 1)
    return columns.map((_, i) =>
      i > 0 ? {} : { text: runsOf(shown[0] ?? ''), colSpan: columns.length, ...HEADING },
    );
  return columns.map(({ isFigure, isWhole }, i) => ({
    text: runsOf(shown[i] ?? ''),
    alignment: isFigure ? 'right' : 'left',
    ...(isFigure ? TABULAR : {}),
    ...(isFigure || isWhole ? { noWrap: true } : {}),
    ...(kind === 'heading' ? HEADING : kind === 'total' ? { bold: true } : {}),
    ...(depth > 0 && isIndented(columns, i) ? { marginLeft: depth * 10 } : {}),
  }));
}

/** Sheets as a PDF on A4, each on pages of its own, its headings again on every page; called after its sheets, or otherwise. */
export async function toPdf(sheets: readonly Handout[], called?: string): Promise<Uint8Array> {
  const title = called ?? sheets.map((sheet) => sheet.title).join(', ');
  await fontsReady([title, ...sheets.flatMap((sheet) => [...textsOf(sheet)])]);
  const continued = new Continued(sheets);
  const company = sheets[0]?.company ?? '';
  const aside = { fontSize: 8, color: QUIET };
  const document = pdfMake.createPdf({
    info: { title: `${title}, ${company}` },
    pageSize: 'A4',
    pageMargins: [MARGIN, 48, MARGIN, 48],
    defaultStyle: { font: 'Figtree', fontSize: 9.5, color: INK },
    header: (page: number) => {
      const says = continued.on(page);
      return says === null
        ? ''
        : { text: runsOf(says), margin: [MARGIN + 4, 28, MARGIN, 0], ...aside };
    },
    footer: (page: number, pages: number) => ({
      text: runsOf(`${company}, ${title.toLowerCase()}: page ${page} of ${pages}`),
      alignment: 'center',
      ...aside,
    }),
    content: sheets.map((sheet, at) => contentOf(sheet, at, continued)),
  });
  return document.getBuffer();
}

function* textsOf(sheet: Handout): Generator<string> {
  yield* [sheet.title, sheetSays(sheet)];
  for (const { name } of sheet.columns) yield name;
  for (const { cells } of sheet.rows) for (const cell of cells) yield cellShown(sheet, cell);
}

function contentOf(handout: Handout, at: number, continued: Continued): object[] {
  const { title, columns, rows } = handout;
  const total = columns.reduce((sum, { share }) => sum + share, 0);
  const room = POINTS_ACROSS - columns.length * 8;
  const heads = columns.map(({ name, isFigure }) => ({
    text: runsOf(name),
    alignment: isFigure ? 'right' : 'left',
    color: QUIET,
    fontSize: 8,
  }));
  return [
    { text: runsOf(title), fontSize: 18, bold: true, ...(at > 0 ? { pageBreak: 'before' } : {}) },
    { text: runsOf(sheetSays(handout)), margin: [0, 2, 0, 10] },
    {
      table: {
        headerRows: 1,
        keepWithHeaderRows: 1,
        dontBreakRows: true,
        widths: columns.map(({ share }) => (room * share) / total),
        body: [
          heads,
          ...rows.map((of, row) => continued.row(cellsOf(of, handout), { sheet: at, row })),
        ],
      },
      layout: {
        hLineWidth: (i: number) => (i === 1 ? 1 : i === 0 ? 0 : 0.5),
        vLineWidth: () => 0,
        hLineColor: (i: number) => (i === 1 ? INK : RULE),
      },
    },
  ];
}
