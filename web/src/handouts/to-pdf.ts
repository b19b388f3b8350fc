import type { Handout, HandoutRow } from '@gleddo/core';
import pdfMake from 'pdfmake/build/pdfmake';

import roboto from 'pdfmake/build/fonts/Roboto';
import { isNameColumn } from './HandoutPaper';

pdfMake.addFontContainer(roboto);

const POINTS_ACROSS = 515;
const INK = '#231f2b';
const RULE = '#d8cfbc';
const PLUM = '#5a2a5c';

const HEADING = { bold: true, color: PLUM, margin: [0, 6, 0, 0] };

function cellsOf({ kind, depth, cells }: HandoutRow, { columns }: Handout): object[] {
  if (kind === 'heading' && cells.length === 1)
    return columns.map((_, i) =>
      i > 0 ? {} : { text: cells[0], colSpan: columns.length, ...HEADING },
    );
  return columns.map(({ isFigure }, i) => ({
    text: cells[i] ?? '',
    alignment: isFigure ? 'right' : 'left',
    ...(kind === 'heading' ? HEADING : {}),
    ...(depth > 0 && isNameColumn(columns, i) ? { marginLeft: depth * 10 } : {}),
  }));
}

/** A hand-out as a PDF on A4, its headings again on every page. */
export function toPdf(handout: Handout): Promise<Uint8Array> {
  const { title, company, subtitle, columns, rows } = handout;
  const total = columns.reduce((sum, { share }) => sum + share, 0);
  const room = POINTS_ACROSS - columns.length * 8;
  const heads = columns.map(({ name, isFigure }) => ({
    text: name,
    alignment: isFigure ? 'right' : 'left',
    color: '#6b6472',
    fontSize: 8,
  }));
  const document = pdfMake.createPdf({
    info: { title: `${title}, ${company}` },
    pageSize: 'A4',
    pageMargins: [40, 48, 40, 48],
    defaultStyle: { fontSize: 9.5, color: INK },
    footer: (page: number, pages: number) => ({
      text: `${company}, ${title.toLowerCase()}: page ${page} of ${pages}`,
      alignment: 'center',
      fontSize: 8,
      color: '#6b6472',
    }),
    content: [
      { text: title, fontSize: 18, bold: true },
      { text: `${company}. ${subtitle}`, margin: [0, 2, 0, 10] },
      {
        table: {
          headerRows: 1,
          widths: columns.map(({ share }) => (room * share) / total),
          body: [heads, ...rows.map((row) => cellsOf(row, handout))],
        },
        layout: {
          hLineWidth: (i: number) => (i === 1 ? 1 : i === 0 ? 0 : 0.5),
          vLineWidth: () => 0,
          hLineColor: (i: number) => (i === 1 ? INK : RULE),
        },
      },
    ],
  });
  return document.getBuffer();
}
