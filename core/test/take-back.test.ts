import fc from 'fast-check';
import {
  apply,
  AUTHOR,
  sameUndoing,
  standing,
  takeBack,
  writeBook,
  type Book,
  type DoneStep,
  type Operation,
} from '../src/index.js';
import { anyOperation } from './arbitrary-operation.js';
import { shop } from './builder.js';

/** A book that people change, one step behind the other. */
class Worked {
  now: Book = shop();
  readonly steps: DoneStep[] = [];
  private count = 0;

  do(operation: Operation, isMine = true, undoes: string | null = null): boolean {
    const applied = apply(this.now, operation);
    if (!applied.ok) return false;
    this.now = applied.value.book;
    const token = `t${++this.count}`;
    this.steps.push({ token, undoes, isMine, operation, inverse: applied.value.inverse });
    return true;
  }

  /** What came of *undo* or *do again*: null when it was done, else the reason; `none` when there is nothing. */
  press(what: 'undo' | 'redo'): string | null {
    const step = standing(this.steps)[what];
    if (!step) return 'none';
    const taken = takeBack(this.now, this.steps, { step, rules: AUTHOR });
    if (!taken.ok) return taken.refusals[0]?.code ?? '';
    this.do(step.inverse, true, step.token);
    return null;
  }

  nameOf = (id: string) => this.now.accounts.find((each) => each.id === id)?.name;
}

const rename = (id: string, name: string): Operation => ({ kind: 'rename-account', id, name });

describe('undo and do again, told from the steps', () => {
  it('go back and forth through one’s own changes', () => {
    const book = new Worked();
    book.do(rename('bank', 'One'));
    book.do(rename('bank', 'Two'));
    expect([book.press('undo'), book.nameOf('bank')]).toEqual([null, 'One']);
    expect([book.press('undo'), book.nameOf('bank')]).toEqual([null, 'Bank']);
    expect(book.press('undo')).toBe('none');
    expect([book.press('redo'), book.nameOf('bank')]).toEqual([null, 'One']);
    expect([book.press('redo'), book.nameOf('bank')]).toEqual([null, 'Two']);
    expect(book.press('redo')).toBe('none');
    expect([book.press('undo'), book.nameOf('bank')]).toEqual([null, 'One']);
  });

  it('something new ends what could be done again', () => {
    const book = new Worked();
    book.do(rename('bank', 'One'));
    book.press('undo');
    book.do(rename('sales', 'Takings'));
    expect(book.press('redo')).toBe('none');
    expect(book.press('undo')).toBeNull();
    expect(book.nameOf('sales')).toBe('Sales of goods');
    expect(book.press('undo')).toBe('none');
  });

  it('never touch what others did, nor write over it', () => {
    const book = new Worked();
    book.do(rename('bank', 'Mine'));
    book.do(rename('bank', 'Theirs'), false);
    expect(book.press('undo')).toBe('undo.changed-since');
    expect(book.nameOf('bank')).toBe('Theirs');
    const step = book.steps[0] as DoneStep;
    expect(standing(book.steps, new Set([step.token])).undo).toBeNull();
  });

  it('are done where others changed something else', () => {
    const book = new Worked();
    book.do(rename('bank', 'Mine'));
    book.do(rename('sales', 'Theirs'), false);
    expect([book.press('undo'), book.nameOf('bank'), book.nameOf('sales')]).toEqual([
      null,
      'Bank',
      'Theirs',
    ]);
    book.do(rename('bank', 'Theirs, too'), false);
    expect(book.press('redo')).toBe('undo.changed-since');
  });

  it('are done where others gave back what stood there', () => {
    const book = new Worked();
    book.do(rename('bank', 'Mine'));
    book.do(rename('bank', 'Theirs'), false);
    book.do(rename('bank', 'Mine'), false);
    expect([book.press('undo'), book.nameOf('bank')]).toEqual([null, 'Bank']);
  });

  it('the order of accounts makes no undoing another', () => {
    const at = (index: number): Operation => ({
      ...{ kind: 'move-account', id: 'bank', type: 'bank', parent: null, number: '1010' },
      index,
    });
    expect(sameUndoing(at(3), at(4))).toBe(true);
    expect(sameUndoing(at(3), rename('bank', 'Other'))).toBe(false);
  });

  it('all undone is how it was, all done again is how it is (a property)', () => {
    fc.assert(
      fc.property(fc.array(anyOperation(shop()), { maxLength: 8 }), (operations) => {
        const book = new Worked();
        const done = operations.filter((each) => book.do(each)).length;
        const after = writeBook(book.now);
        for (let i = 0; i < done; i++) expect(book.press('undo')).toBeNull();
        expect([book.press('undo'), writeBook(book.now)]).toEqual(['none', writeBook(shop())]);
        for (let i = 0; i < done; i++) expect(book.press('redo')).toBeNull();
        expect([book.press('redo'), writeBook(book.now)]).toEqual(['none', after]);
      }),
      { numRuns: 200 },
    );
  });
});
