import { handoutOf, type HandoutKind, type HandoutWanted } from '@gleddo/core';
import { Checkbox, Radio } from 'antd';
import { useMemo, useState } from 'react';
import { useOpenBook } from '../open-book/open-book';
import { HandoutPaper } from './HandoutPaper';
import { SaveSheets } from './SaveSheets';
import styles from './handout.module.css';

const KINDS: readonly { value: HandoutKind; label: string }[] = [
  { value: 'list', label: 'The list of accounts to set up' },
  { value: 'chart', label: 'The chart of accounts' },
  { value: 'plan', label: 'The number plan' },
];

const FIRST: HandoutWanted = { kind: 'list', answers: false, order: 'name' };

/** Sheets for students: chosen on the left, seen on paper at the right, printed or saved. */
export function HandoutsView() {
  const { book } = useOpenBook();
  const [wanted, setWanted] = useState(FIRST);
  const handout = useMemo(() => handoutOf(book, wanted), [book, wanted]);
  const set = (rest: Partial<HandoutWanted>) => setWanted({ ...wanted, ...rest });
  return (
    <div className={styles['desk']}>
      <section className={`paper ${styles['choices']}`} aria-label="Sheets">
        <h2>Sheets</h2>
        <Radio.Group
          aria-label="What is handed out"
          value={wanted.kind}
          options={[...KINDS]}
          onChange={(event) => set({ kind: event.target.value as HandoutKind })}
        />
        <Checkbox
          checked={wanted.answers}
          onChange={(event) => set({ answers: event.target.checked })}
        >
          {wanted.kind === 'plan' ? 'With the accounts in their bands' : 'With the answers'}
          <span className="quiet">
            {wanted.kind === 'plan' ? '' : ': number, type, side. For you, or after the lesson'}
          </span>
        </Checkbox>
        {wanted.kind !== 'plan' && <OrderChoice wanted={wanted} set={set} />}
        <SaveSheets sheets={[handout]} name={handout.title} />
      </section>
      <HandoutPaper handout={handout} />
    </div>
  );
}

interface OrderChoiceProps {
  readonly wanted: HandoutWanted;
  set(rest: Partial<HandoutWanted>): void;
}

function OrderChoice({ wanted, set }: OrderChoiceProps) {
  return (
    <>
      <Radio.Group
        aria-label="Order"
        value={wanted.order}
        options={[
          { value: 'name', label: 'In the order of the alphabet' },
          { value: 'number', label: 'In the order of the numbers' },
        ]}
        onChange={(event) => set({ order: event.target.value as HandoutWanted['order'] })}
      />
      {!wanted.answers && wanted.order === 'number' && (
        <p className="notice">
          The order of the numbers tells which accounts stand side by side. The alphabet gives
          nothing away.
        </p>
      )}
    </>
  );
}
