import { cellsToCsv, handoutToTable, sheetSays, type Handout } from '@gleddo/core';
import { Button } from 'antd';
import { useState } from 'react';
import { download, fileNameOf, saveBytes } from '../files/download';
import { Refusal } from '../../platform/shell/Refusal';
import styles from './handout.module.css';

type Format = 'pdf' | 'xlsx' | 'csv';

interface SaveSheetsProps {
  readonly sheets: readonly Handout[];
  /** What the file is called after. */
  readonly name: string;
  /** The table that is saved as CSV, where it is not the sheets’ own. */
  readonly csv?: () => string;
}

async function save(format: Format, { sheets, csv }: SaveSheetsProps, name: string): Promise<void> {
  if (format === 'pdf') saveBytes(`${name}.pdf`, await (await import('./to-pdf')).toPdf(sheets));
  else if (format === 'xlsx')
    saveBytes(`${name}.xlsx`, await (await import('./to-workbook')).toWorkbook(sheets));
  else
    download(`${name}.csv`, 'text/csv', csv?.() ?? cellsToCsv(cellsOf(sheets), sheets[0]?.writing));
}

/** Sheets in one table: each below what it is of. */
const cellsOf = (sheets: readonly Handout[]): string[][] =>
  sheets.flatMap((sheet, i) => [
    ...(i === 0 ? [] : [[]]),
    [sheet.title],
    [sheetSays(sheet)],
    [],
    ...handoutToTable(sheet),
  ]);

/** Prints sheets, or saves them; the writers of PDF and workbooks are fetched when first needed. */
export function SaveSheets(props: SaveSheetsProps) {
  const { sheets, name } = props;
  const [making, setMaking] = useState<Format | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const company = sheets[0]?.company ?? '';
  const file = [company, name].filter(Boolean).map(fileNameOf).join('-');
  const begin = async (format: Format) => {
    setMaking(format);
    setRefused(null);
    try {
      await save(format, props, file);
    } catch {
      setRefused('The file could not be made just now. Try again, or print the sheet instead.');
    }
    setMaking(null);
  };
  const button = (format: Format) => (
    <Button loading={making === format} onClick={() => void begin(format)}>
      Save as {format.toUpperCase()}
    </Button>
  );
  return (
    <>
      <div className={styles['actions']}>
        <Button type="primary" onClick={() => window.print()}>
          Print
        </Button>
        {button('pdf')}
        {button('xlsx')}
        {button('csv')}
      </div>
      <Refusal says={refused} />
    </>
  );
}
