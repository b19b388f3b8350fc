import { NO_VALUE, numberText } from '../table/cell-text.js';
import { unpack } from './packed.js';
import { Budget, SheetCells, type Sheet } from './sheet-cells.js';
import { xmlReader, type Sees } from './xml-reader.js';

type Attributes = Readonly<Record<string, string>>;

interface OpenSheet {
  readonly name: string;
  readonly style: string;
  readonly cells: SheetCells;
}

/** The value of a cell without its text, as it is kept beside it; null: the text is it. */
function keptValue({
  'value-type': kind,
  value,
  'date-value': day,
  'boolean-value': truth,
}: Attributes) {
  if (kind === 'date' && day !== undefined) return day.slice(0, 10);
  if (kind === 'boolean' && truth !== undefined) return truth;
  const isNumber = kind === 'float' || kind === 'currency' || kind === 'percentage';
  if (!isNumber || value === undefined || value === '') return null;
  return Number.isFinite(Number(value)) ? numberText(Number(value)) : value;
}

const timesOf = (text: string | undefined): number =>
  Math.max(1, Math.floor(Number(text ?? 1)) || 1);

/** Reads the tables of a document; what is repeated is put down as often as there is room for, and no more. */
class TablesReader {
  readonly sheets: OpenSheet[] = [];
  readonly hiddenStyles = new Set<string>();
  private readonly budget = new Budget();
  private row = 0;
  private rowTimes = 1;
  private column = 0;
  private cell: Attributes | null = null;
  private text = '';
  private paragraphs = 0;
  private depth = 0;
  private style = '';
  private readonly placed: { readonly at: number; readonly text: string }[] = [];

  readonly sees: Sees = {
    open: (tag, attributes) => this.open(tag, attributes),
    close: (tag) => this.close(tag),
    text: (text) => {
      if (this.cell && this.paragraphs > 0 && this.depth > 0) this.text += text;
    },
  };

  private open(tag: string, attributes: Attributes): void {
    if (tag === 'table') this.begin(attributes);
    else if (tag === 'style') this.style = attributes['name'] ?? '';
    else if (tag === 'table-properties' && attributes['display'] === 'false')
      this.hiddenStyles.add(this.style);
    else if (tag === 'table-row') this.rowTimes = timesOf(attributes['number-rows-repeated']);
    else if (tag === 'table-cell' || tag === 'covered-table-cell') this.beginCell(attributes);
    else if (tag === 'p') this.beginParagraph();
    else if (tag === 's') this.text += ' ';
    else if (tag === 'annotation') this.depth = 0;
  }

  private close(tag: string): void {
    if (tag === 'table-cell' || tag === 'covered-table-cell') this.endCell();
    else if (tag === 'table-row') this.endRow();
    else if (tag === 'annotation') this.depth = 1;
  }

  private begin({ name = '', 'style-name': style = '' }: Attributes): void {
    this.sheets.push({ name, style, cells: new SheetCells(this.budget) });
    this.row = 0;
    this.column = 0;
  }

  private beginCell(attributes: Attributes): void {
    this.cell = attributes;
    this.text = '';
    this.paragraphs = 0;
    this.depth = 1;
  }

  private beginParagraph(): void {
    if (this.depth === 0) return;
    if (this.paragraphs++ > 0) this.text += ' ';
  }

  private endCell(): void {
    const attributes = this.cell ?? {};
    this.cell = null;
    const isBare = attributes['formula'] !== undefined && this.text === '';
    const shown =
      keptValue(attributes) ?? (isBare && !attributes['value-type'] ? NO_VALUE : this.text);
    const times = timesOf(attributes['number-columns-repeated']);
    // Beyond what a row holds nothing is read: what fills it up is not counted out.
    const most = Math.min(times, 200);
    if (shown !== '')
      for (let i = 0; i < most; i++) this.placed.push({ at: this.column + i, text: shown });
    this.column += times;
  }

  private endRow(): void {
    const sheet = this.sheets.at(-1);
    if (sheet && this.placed.length > 0)
      for (let i = 0; i < this.rowTimes && !sheet.cells.isBeyond(this.row + i); i++)
        for (const { at, text } of this.placed) sheet.cells.put(this.row + i, at, text);
    this.placed.length = 0;
    this.row += this.rowTimes;
    this.column = 0;
  }
}

/** The sheets of an OpenDocument spreadsheet, in their order. Source: OpenDocument 1.3, part 3, 9 (tables). */
export function odsSheets(bytes: Uint8Array): Sheet[] {
  const tables = new TablesReader();
  unpack(bytes, (name) => (name === 'content.xml' ? xmlReader(tables.sees) : null));
  return tables.sheets.map(({ name, style, cells }) => ({
    ...{ name, isHidden: tables.hiddenStyles.has(style) },
    cells: cells.all(),
  }));
}
