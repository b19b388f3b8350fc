import { NO_VALUE, numberText } from '../table/cell-text.js';
import { Broken, unpack, type Reader } from './packed.js';
import { Budget, SheetCells, type Sheet } from './sheet-cells.js';
import { isDateFormat, serialDate } from './spreadsheet-days.js';
import { xmlReader, type Sees } from './xml-reader.js';

const MOST_STRINGS = 500_000;

/** What a workbook says of itself before its sheets: where they are, its texts, which styles are days. */
class Parts {
  readonly sheets: { readonly name: string; readonly isHidden: boolean; readonly id: string }[] =
    [];
  readonly targets = new Map<string, string>();
  readonly texts: string[] = [];
  readonly dayStyles: boolean[] = [];
  from1904 = false;

  readerOf(name: string): Reader | null {
    if (name === 'xl/workbook.xml') return xmlReader(this.workbook());
    if (name === 'xl/_rels/workbook.xml.rels') return xmlReader(this.relations());
    if (/^xl\/sharedStrings\.xml$/i.test(name)) return xmlReader(this.strings());
    return name === 'xl/styles.xml' ? xmlReader(this.styles()) : null;
  }

  private workbook(): Sees {
    return {
      open: (tag, { name = '', state = 'visible', id = '', date1904 }) => {
        if (tag === 'sheet') this.sheets.push({ name, id, isHidden: state !== 'visible' });
        else if (tag === 'workbookPr') this.from1904 = date1904 === '1' || date1904 === 'true';
      },
    };
  }

  private relations(): Sees {
    return {
      open: (tag, { Id = '', Target = '' }) => {
        if (tag !== 'Relationship') return;
        this.targets.set(Id, Target.startsWith('/') ? Target.slice(1) : `xl/${Target}`);
      },
    };
  }

  private strings(): Sees {
    const written = new Written();
    return {
      ...written.sees,
      close: (tag) => {
        written.sees.close(tag);
        if (tag === 'si') this.texts.push(written.taken());
      },
      isDone: () => this.texts.length > MOST_STRINGS,
    };
  }

  private styles(): Sees {
    const formats = new Map<number, string>();
    let isInCells = false;
    return {
      open: (tag, { numFmtId = '', formatCode = '' }) => {
        if (tag === 'numFmt') formats.set(Number(numFmtId), formatCode);
        else if (tag === 'cellXfs') isInCells = true;
        else if (tag === 'xf' && isInCells)
          this.dayStyles.push(isDateFormat(Number(numFmtId), formats.get(Number(numFmtId)) ?? ''));
      },
      close: (tag) => {
        if (tag === 'cellXfs') isInCells = false;
      },
    };
  }
}

/** A text as it is written in runs, without what is written beside it to be pronounced. */
class Written {
  private text = '';
  private isText = false;
  private isBeside = false;

  readonly sees = {
    open: (tag: string): void => {
      if (tag === 'rPh') this.isBeside = true;
      else if (tag === 't') this.isText = !this.isBeside;
    },
    close: (tag: string): void => {
      if (tag === 'rPh') this.isBeside = false;
      else if (tag === 't') this.isText = false;
    },
    text: (text: string): void => {
      if (this.isText) this.text += text;
    },
  };

  taken(): string {
    const { text } = this;
    this.text = '';
    return text;
  }
}

/** Where a cell is: `B3` is row 2, column 1; letters that no column has are beyond all. */
function placeOf(reference: string): { readonly row: number; readonly column: number } | null {
  const found = /^([A-Z]{1,3})(\d{1,7})$/.exec(reference);
  if (!found) return null;
  let column = 0;
  for (const letter of found[1] ?? '') column = column * 26 + letter.charCodeAt(0) - 64;
  return { row: Number(found[2]) - 1, column: column - 1 };
}

/** Reads the cells of one sheet: what is shown in them, formulas by their results. */
class SheetReader {
  private row = -1;
  private column = -1;
  private kind = '';
  private style = -1;
  private value = '';
  private isValue = false;
  private isFormula = false;
  private isOver = false;
  private readonly written = new Written();

  constructor(
    private readonly parts: Parts,
    private readonly cells: SheetCells,
  ) {}

  readonly sees: Sees = {
    open: (tag, attributes) => {
      if (tag === 'row') this.beginRow(attributes['r']);
      else if (tag === 'c') this.begin(attributes);
      else if (tag === 'v') this.isValue = true;
      else if (tag === 'f') this.isFormula = true;
      else this.written.sees.open(tag);
    },
    close: (tag) => {
      if (tag === 'v') this.isValue = false;
      else if (tag === 'c') this.end();
      else if (tag === 'sheetData') this.isOver = true;
      else this.written.sees.close(tag);
    },
    text: (text) => {
      if (this.isValue) this.value += text;
      else this.written.sees.text(text);
    },
    // What comes after the cells (merges, rules, drawings) is not looked at.
    isDone: () => this.isOver || this.cells.isBeyond(this.row),
  };

  private beginRow(number: string | undefined): void {
    this.row = number === undefined ? this.row + 1 : Number(number) - 1;
    this.column = -1;
  }

  private begin({ r = '', t = 'n', s = '' }: Readonly<Record<string, string>>): void {
    const place = placeOf(r);
    this.row = place?.row ?? this.row;
    this.column = place?.column ?? this.column + 1;
    this.kind = t;
    this.style = s === '' ? -1 : Number(s);
    this.value = '';
    this.isFormula = false;
  }

  private end(): void {
    const inline = this.written.taken();
    const text = this.kind === 'inlineStr' ? inline : this.textOf(this.value);
    this.cells.put(this.row, this.column, text);
  }

  private textOf(value: string): string {
    if (value === '') return this.isFormula && this.kind !== 'str' ? NO_VALUE : '';
    if (this.kind === 's') return this.parts.texts[Number(value)] ?? '';
    if (this.kind === 'b') return value === '1' || value === 'true' ? 'true' : 'false';
    if (this.kind === 'd') return value.slice(0, 10);
    if (this.kind !== 'n') return value;
    const number = Number(value);
    if (!Number.isFinite(number)) return value;
    const isDay = this.parts.dayStyles[this.style] === true;
    return (isDay ? serialDate(number, this.parts.from1904) : null) ?? numberText(number);
  }
}

/** The sheets of an Office Open XML workbook, in their order. Source: ECMA-376, part 1, 18.3 (cells) and 18.8 (styles). */
export function xlsxSheets(bytes: Uint8Array): Sheet[] {
  const parts = new Parts();
  unpack(bytes, (name) => parts.readerOf(name));
  const budget = new Budget();
  const read = new Map<string, SheetCells>();
  const wanted = new Set(parts.sheets.map(({ id }) => parts.targets.get(id) ?? ''));
  unpack(bytes, (name) => {
    if (!wanted.has(name)) return null;
    const cells = new SheetCells(budget);
    read.set(name, cells);
    return xmlReader(new SheetReader(parts, cells).sees);
  });
  return parts.sheets.map(({ name, isHidden, id }) => ({
    ...{ name, isHidden },
    cells: cellsOf(read, parts.targets.get(id) ?? ''),
  }));
}

/** A sheet that is named and not there is a fault of the file; charts are sheets without cells. */
function cellsOf(read: ReadonlyMap<string, SheetCells>, target: string): string[][] {
  const cells = read.get(target);
  if (!cells) throw new Broken();
  return cells.all();
}
