import {
  accountOf,
  done,
  forEachAccount,
  numberedFrom,
  placeAt,
  possibleParents,
  type Book,
  type Operation,
  type Result,
} from '@gleddo/core';
import { Button, Input, Select, Space } from 'antd';
import { useState } from 'react';
import { useFollowing } from '../../platform/kept/use-following';
import { Refusal } from '../../platform/shell/Refusal';
import { whatPlacingMoves } from '../slip/what-placing-moves';
import { useBySection } from '../slip/use-by-section';
import { useChartState } from '../chart-state/chart-state';
import { PlaceSheet } from '../slip/PlaceSheet';
import { useRetire } from '../slip/use-retire';
import { BY_LABEL } from '../../platform/figures/by-label';
import styles from './chart.module.css';

const retire = (_: Book, id: string): Result<Operation> => done({ kind: 'retire-account', id });
/** What stands under others goes before them. */
const remove = (_: Book, id: string): Result<Operation> =>
  done({ kind: 'delete-account', id, children: 'refuse' });

function under(parent: string) {
  return (book: Book, id: string): Result<Operation> => {
    const account = accountOf(book, id);
    const { type = null, number = null } = account ?? {};
    return done({ kind: 'move-account', id, type, number, parent });
  };
}

/** What can be done to several accounts at once: all of it is done, or none, and undone in one step. */
export function TogetherBar() {
  const chartState = useChartState();
  const { book, together, mayChange } = chartState;
  const askRetire = useRetire();
  const [placing, setPlacing] = useState(false);
  const [refused, setRefused] = useState<string | null>(null);
  if (together.length === 0 || !mayChange) return null;
  const act = (make: (book: Book, id: string) => Result<Operation>, ids = together) => {
    const refusals = chartState.perform(forEachAccount(book, ids, make));
    setRefused(refusals[0]?.says ?? null);
    if (refusals.length === 0) chartState.takeUpTo(null);
  };
  return (
    <div className={styles['together']} role="toolbar" aria-label="Accounts taken together">
      <strong>{together.length} accounts</strong>
      <Button size="small" onClick={() => setPlacing(true)}>
        Place them …
      </Button>
      {chartState.numbered && <NumberFrom onRefused={setRefused} />}
      <UnderParent onChoose={(parent) => act(under(parent))} />
      <Button size="small" onClick={() => askRetire(together, () => act(retire))}>
        Retire
      </Button>
      <Button size="small" onClick={() => act(remove, [...together].reverse())}>
        Delete
      </Button>
      <Button size="small" type="text" onClick={() => chartState.takeUpTo(null)}>
        Let go
      </Button>
      <Refusal says={refused} className={styles['refused'] ?? ''} />
      {placing && (
        <PlaceTogether
          onClose={() => setPlacing(false)}
          onChoose={(type) => act((at, id) => placeAt(at, id, type))}
        />
      )}
    </div>
  );
}

/** Numbers them one after the other, from the first on. */
function NumberFrom({ onRefused }: { onRefused(says: string | null): void }) {
  const { book, together, perform } = useChartState();
  const first = together[0] ?? '';
  const [typed, setTyped] = useFollowing(accountOf(book, first)?.number ?? '');
  const number = () => onRefused(perform(numberedFrom(book, together, typed))[0]?.says ?? null);
  return (
    <Space.Compact size="small">
      <Input
        aria-label="Number them from"
        value={typed}
        maxLength={15}
        style={{ width: '4.375rem' }}
        onChange={(event) => setTyped(event.target.value)}
        onPressEnter={number}
      />
      <Button onClick={number}>Number from here</Button>
    </Space.Compact>
  );
}

function UnderParent({ onChoose }: { onChoose(parent: string): void }) {
  const { book, together } = useChartState();
  const parents = possibleParents(book, together[0] ?? '').filter(
    ({ id }) => !together.includes(id),
  );
  return (
    <Select
      size="small"
      aria-label="Put them under"
      placeholder="Put them under …"
      showSearch={BY_LABEL}
      style={{ width: '10.625rem' }}
      value={null}
      options={parents.map(({ id, name }) => ({ value: id, label: name }))}
      onChange={(parent: string | null) => parent !== null && onChoose(parent)}
    />
  );
}

interface PlaceTogetherProps {
  onClose(): void;
  onChoose(type: string | null): void;
}

function PlaceTogether({ onClose, onChoose }: PlaceTogetherProps) {
  const chartState = useChartState();
  const { book, together, help } = chartState;
  const bySection = useBySection();
  return (
    <PlaceSheet
      scheme={book.scheme}
      question={`Where do these ${together.length} accounts belong?`}
      type={null}
      explained={help.types}
      asksSide={help.asksSides}
      bySection={bySection && ((section) => bySection(section, ''))}
      moves={(type) =>
        whatPlacingMoves(
          chartState,
          forEachAccount(chartState.book, together, (at, id) => placeAt(at, id, type)),
        )
      }
      onClose={onClose}
      onChoose={(type) => {
        onClose();
        onChoose(type);
      }}
    />
  );
}
