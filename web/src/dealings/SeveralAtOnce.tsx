import { listCellsOf, type Listed, type Operation } from '@gleddo/core';
import { Button, Input, Upload } from 'antd';
import { useMemo, useState, type ReactNode } from 'react';
import { useOpenBook } from '../book/open-book';
import { counted } from '../figures/counted';
import { readChosen, type Cells } from '../files/use-table-file';
import { useKept } from '../kept/use-kept';
import { Refusal } from '../shell/Refusal';
import { useChange } from './use-change';

interface SeveralAtOnceProps<T> {
  /** Under which name what is pasted is kept. */
  readonly name: string;
  /** What a row is: one, and several. */
  readonly noun: readonly [one: string, several: string];
  readonly says: string;
  read(cells: Cells): Listed<T>;
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

const NO_TABLE = 'This file is a whole book, not a list. Choose a table.';

/** What was pasted or chosen, as cells, or why it can't be read. */
function useListCells(name: string) {
  const { answer } = useOpenBook();
  const [text, setText, clear] = useKept(`${answer.id}.${name}`, '');
  const [refused, setRefused] = useState<readonly string[]>([]);
  const pasted = useMemo(() => (text.trim() === '' ? null : listCellsOf(text)), [text]);
  const [chosen, setChosen] = useState<Cells | null>(null);
  const choose = async (file: File): Promise<void> => {
    const read = await readChosen(file);
    setChosen(read.kind === 'cells' ? read.cells : null);
    setRefused(read.kind === 'refused' ? read.says : read.kind === 'book' ? [NO_TABLE] : []);
  };
  return {
    ...{ text, choose },
    cells: chosen ?? pasted,
    says: refused,
    type(typed: string) {
      setChosen(null);
      setRefused([]);
      setText(typed);
    },
    forget() {
      setChosen(null);
      clear();
    },
  };
}

/** Several things of a list in one step, from a spreadsheet or a file; what was understood is seen before. */
export function SeveralAtOnce<T extends { readonly name: string }>(props: SeveralAtOnceProps<T>) {
  const { name, noun, says, read, children } = props;
  const list = useListCells(name);
  const { change, refused } = useChange();
  const found = list.cells && read(list.cells);
  const add = ({ things }: Listed<T>) => {
    const operations = things.map(({ thing }) => props.put(thing));
    const steps = inSteps(operations);
    if (steps.every((step) => change({ kind: 'several', operations: step }))) list.forget();
  };
  return (
    <section aria-label={`Several ${noun[1]} at once`} style={{ marginTop: 18 }}>
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
      <Refusal says={[...list.says, ...(found?.faults ?? []), ...refused]} />
      {found && found.things.length > 0 && (
        <Understood {...{ found, noun, understood: props.understood }} onAdd={() => add(found)} />
      )}
    </section>
  );
}

const ChooseTable = ({ onChoose }: { onChoose(file: File): void }) => (
  <Upload
    accept=".csv,.tsv,.txt,.xlsx"
    showUploadList={false}
    beforeUpload={(file) => {
      onChoose(file);
      return false;
    }}
  >
    <Button>Choose a file</Button>
  </Upload>
);

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
        style={{ marginTop: 10 }}
      >
        <table className="lines-table">
          <tbody>
            {found.things.map(({ row, isNew, thing }) => (
              <tr key={row}>
                <td>{thing.name}</td>
                <td className="quiet">{understood(thing)}</td>
                <td className="mark-says">{isNew ? 'new' : 'changed'}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <Button type="primary" onClick={onAdd}>
        {does.charAt(0).toUpperCase() + does.slice(1)}
      </Button>
    </>
  );
}
