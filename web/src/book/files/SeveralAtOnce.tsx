import { apply, listCellsOf, type Listed, type Operation } from '@gleddo/core';
import { Button, Input } from 'antd';
import { useMemo, type ReactNode } from 'react';
import { useBookStore, useOpenBook } from '../open-book/open-book';
import { counted } from '../../platform/figures/counted';
import { ChooseTable } from './ChooseTable';
import { usePastedCells } from './use-pasted-cells';
import type { Cells } from './use-table-file';
import { Refusal } from '../../platform/shell/Refusal';
import { useChange } from '../open-book/use-change';

interface SeveralAtOnceProps<T> {
  /** Under which name what is pasted is kept. */
  readonly name: string;
  /** What a row is: one, and several. */
  readonly noun: readonly [one: string, several: string];
  readonly says: string;
  read(cells: Cells): Listed<T>;
  /** What has to be done before any of it is put. */
  readonly first?: readonly Operation[];
  put(thing: T): Operation;
  /** What was understood of it, beside its name. */
  understood(thing: T): string;
  readonly children?: ReactNode;
}

/** More than this many changes are no one step. */
const MOST_AT_ONCE = 400;

const inSteps = (operations: readonly Operation[]): Operation[][] =>
  Array.from({ length: Math.ceil(operations.length / MOST_AT_ONCE) }, (_, i) =>
    operations.slice(i * MOST_AT_ONCE, (i + 1) * MOST_AT_ONCE),
  );

/** Rows that are shown before they are added. */
const SHOWN = 100;

const NO_TABLE = 'This file is a whole book, not a list. Choose a table.';

const MOST_SAID = 8;

const saidOf = (faults: readonly string[]): string[] => [
  ...faults.slice(0, MOST_SAID),
  ...(faults.length > MOST_SAID ? [`${faults.length - MOST_SAID} more rows can’t be read.`] : []),
];

const asCells = (text: string) => ({ ok: true, value: listCellsOf(text) }) as const;

/** Several things of a list in one step, from a spreadsheet or a file; what was understood is seen before. */
export function SeveralAtOnce<T extends { readonly name: string }>(props: SeveralAtOnceProps<T>) {
  const { name, noun, says, read, first = [], children } = props;
  const { book, answer } = useOpenBook();
  const store = useBookStore();
  const list = usePastedCells({ name: `${answer.id}.${name}`, ofBook: NO_TABLE, read: asCells });
  const { change, refused } = useChange();
  const found = useMemo(() => list.cells && read(list.cells), [list.cells, read]);
  const add = ({ things }: Listed<T>) => {
    const operations = [...first, ...things.map(({ thing }) => props.put(thing))];
    // All of it or nothing: what could not be done as a whole is not begun.
    const whole = apply(book, { kind: 'several', operations }, store.rules);
    if (!whole.ok) return void change(whole.refusals.map(({ says }) => says).join(' '));
    for (const step of inSteps(operations)) change({ kind: 'several', operations: step });
    list.forget();
  };
  return (
    <section aria-label={`Several ${noun[1]} at once`} style={{ marginTop: '1.125rem' }}>
      <h3>Several at once</h3>
      <p className="quiet">{says}</p>
      {children}
      <Input.TextArea
        aria-label={`${noun[1]}, one a line`}
        autoSize={{ minRows: 3, maxRows: 8 }}
        style={{ margin: '8px 0' }}
        value={list.text}
        onChange={(event) => list.type(event.target.value)}
      />
      <ChooseTable onChoose={(file) => void list.choose(file)} />
      <Refusal says={[...list.says, ...saidOf(found?.faults ?? []), ...refused]} />
      {found && found.things.length > 0 && (
        <Understood {...{ found, noun, understood: props.understood }} onAdd={() => add(found)} />
      )}
    </section>
  );
}

interface UnderstoodProps<T> extends Pick<SeveralAtOnceProps<T>, 'noun' | 'understood'> {
  readonly found: Listed<T>;
  onAdd(): void;
}

function Understood<T extends { readonly name: string }>(props: UnderstoodProps<T>) {
  const { found, noun, understood, onAdd } = props;
  const added = found.things.filter(({ isNew }) => isNew).length;
  const changed = found.things.length - added;
  const does = [
    ...(added > 0 ? [`Add ${counted(added, noun[0], noun[1])}`] : []),
    ...(changed > 0 ? [`change ${changed}`] : []),
  ].join(', ');
  return (
    <>
      <div
        className="understood"
        role="region"
        aria-label="Row by row"
        tabIndex={0}
        style={{ marginTop: '0.625rem' }}
      >
        <table className="lines-table">
          <tbody>
            {found.things.slice(0, SHOWN).map(({ row, isNew, thing }) => (
              <tr key={row}>
                <td>{thing.name}</td>
                <td className="quiet">{understood(thing)}</td>
                <td className="mark-says">{isNew ? 'new' : 'changed'}</td>
              </tr>
            ))}
          </tbody>
        </table>
        {found.things.length > SHOWN && (
          <p className="quiet">and {found.things.length - SHOWN} more, understood alike.</p>
        )}
      </div>
      <Button type="primary" onClick={onAdd}>
        {does.charAt(0).toUpperCase() + does.slice(1)}
      </Button>
    </>
  );
}
