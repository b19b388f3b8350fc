import {
  figurePlaces,
  formatAmount,
  ownBook,
  type AnswerKey,
  type FigurePlace,
  type OwnFigures,
  writingOf,
  type AmountWriting,
} from '@gleddo/core';
import { Input } from 'antd';
import { useMemo, useState } from 'react';
import styles from './own-figures.module.css';

interface PlacesProps {
  readonly keyNow: AnswerKey;
  readonly seed: number;
  readonly figures: OwnFigures;
  onChange(figures: OwnFigures): void;
}

const MOST = 120;

/** The amounts of a key, and what the figures of a seed make of them. */
function useDrawn({ keyNow, figures, seed }: PlacesProps) {
  const made = useMemo(() => ownBook(keyNow.book, figures, { seed }), [keyNow, figures, seed]);
  const places = useMemo(() => figurePlaces(keyNow.book), [keyNow]);
  const drawn = useMemo(
    () => new Map(figurePlaces(made.book).map(({ at, usual }) => [at, usual])),
    [made],
  );
  return { places, drawn, faults: made.faults };
}

/** Every amount where it stands: as it was made, its formula, and what the seed makes of it. */
export function Places(props: PlacesProps) {
  const [wanted, setWanted] = useState('');
  const { places, drawn, faults } = useDrawn(props);
  const found = places.filter(({ of, name }) =>
    `${of} ${name}`.toLowerCase().includes(wanted.trim().toLowerCase()),
  );
  return (
    <>
      <Input
        aria-label="Search the amounts"
        placeholder="Search an account, an entry, a paper"
        value={wanted}
        onChange={(event) => setWanted(event.target.value)}
      />
      <PlaceTable {...props} {...{ drawn, faults }} places={found.slice(0, MOST)} />
      {found.length > MOST && (
        <p className="quiet">{found.length - MOST} more: search for what you want to change.</p>
      )}
      {faults.slice(0, 3).map(({ says }, i) => (
        <p key={i} className="is-missed">
          {says}
        </p>
      ))}
    </>
  );
}

interface PlaceTableProps extends PlacesProps {
  readonly places: readonly FigurePlace[];
  readonly drawn: ReadonlyMap<string, number>;
  readonly faults: readonly { readonly at: string; readonly says: string }[];
}

function PlaceTable({ places, drawn, faults, figures, seed, keyNow, onChange }: PlaceTableProps) {
  const formulas = new Map(figures.formulas?.map(({ at, says }) => [at, says]));
  const writing = writingOf(keyNow.book.company);
  const put = (at: string, says: string) => {
    const others = (figures.formulas ?? []).filter((each) => each.at !== at);
    onChange({ ...figures, formulas: says === '' ? others : [...others, { at, says }] });
  };
  return (
    <table className={`lines-table ${styles['places']}`}>
      <thead>
        <tr>
          <th>Where</th>
          <th className="figure">As made</th>
          <th>Formula</th>
          <th className="figure">Seed {seed}</th>
        </tr>
      </thead>
      <tbody>
        {places.map((place, i) => (
          <PlaceRow
            key={place.at}
            {...{ place, writing }}
            isFirst={place.of !== places[i - 1]?.of}
            says={formulas.get(place.at) ?? ''}
            drawn={drawn.get(place.at) ?? null}
            fault={faults.find(({ at }) => at === place.at)?.says ?? null}
            onSays={(says) => put(place.at, says)}
          />
        ))}
      </tbody>
    </table>
  );
}

interface PlaceRowProps {
  readonly place: FigurePlace;
  readonly writing: AmountWriting;
  readonly isFirst: boolean;
  readonly says: string;
  readonly drawn: number | null;
  readonly fault: string | null;
  onSays(says: string): void;
}

function PlaceRow({ place, writing, isFirst, says, drawn, fault, onSays }: PlaceRowProps) {
  const shown = (amount: number) => formatAmount(amount, writing);
  return (
    <>
      {isFirst && (
        <tr>
          <th colSpan={4} className={styles['of']}>
            {place.of}
          </th>
        </tr>
      )}
      <tr>
        <td>{place.name}</td>
        <td className="figure">{shown(place.usual)}</td>
        <td>
          <Input
            size="small"
            aria-label={`Formula of ${place.name}, ${place.of}`}
            placeholder="–"
            maxLength={500}
            status={fault === null ? '' : 'error'}
            title={fault ?? ''}
            value={says}
            onChange={(event) => onSays(event.target.value)}
          />
        </td>
        <td className="figure">{drawn === null ? '' : shown(drawn)}</td>
      </tr>
    </>
  );
}
