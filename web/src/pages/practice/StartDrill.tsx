import { DISTINCTION_IDS, DISTINCTIONS, DRILL_ASKS, DRILL_KINDS, STOCK } from '@gleddo/core';
import { Radio, Select } from 'antd';
import { useKept } from '../../platform/kept/use-kept';
import { ButtonLink } from '../../platform/shell/ButtonLink';
import styles from './practice.module.css';

const COUNTS = [10, 20, 60];
const EVERYTHING = '';

const USUAL = { kind: 'type', count: 20, only: EVERYTHING, words: 'international', as: 'one' };

const WORDS = [
  { value: 'international', label: 'words that all use' },
  { value: 'british', label: 'British words' },
  { value: 'american', label: 'American words' },
];

/** A drill is chosen: what is asked of each name, how many, of what. */
export function StartDrill() {
  const [chosen, setChosen] = useKept('drill.chosen', USUAL);
  const put = (to: Partial<typeof USUAL>) => setChosen({ ...chosen, ...to });
  const params = new URLSearchParams({ ...chosen, count: String(chosen.count) });
  return (
    <section className="paper" aria-label="A drill">
      <h2>A drill</h2>
      <p className="quiet">
        Names of accounts, out of a stock of {STOCK.length}. What you miss comes again soon; what
        you know comes less and less.
      </p>
      <Choose chosen={chosen} put={put} />
      <ButtonLink type="primary" to={`/practice/drill?${params}`}>
        Begin the drill
      </ButtonLink>
    </section>
  );
}

type Chosen = typeof USUAL;

interface ChooseProps {
  readonly chosen: Chosen;
  put(to: Partial<Chosen>): void;
}

const Choose = ({ chosen, put }: ChooseProps) => (
  <div className={styles['choose']}>
    <Select
      aria-label="What is asked"
      value={chosen.kind}
      options={DRILL_KINDS.map((kind) => ({ value: kind, label: DRILL_ASKS[kind] }))}
      onChange={(kind: string) => put({ kind })}
    />
    <Select
      aria-label="Of what"
      value={chosen.only}
      options={[
        { value: EVERYTHING, label: 'of everything, what you miss the most' },
        ...DISTINCTION_IDS.filter((id) => DISTINCTIONS[id].mixUps.length > 0).map((id) => ({
          value: id as string,
          label: DISTINCTIONS[id].name,
        })),
      ]}
      onChange={(only: string) => put({ only })}
    />
    <Select
      aria-label="In whose words"
      value={chosen.words}
      options={WORDS}
      onChange={(words: string) => put({ words })}
    />
    <HowMany chosen={chosen} put={put} />
  </div>
);

const HowMany = ({ chosen, put }: ChooseProps) => (
  <>
    <Radio.Group
      aria-label="How many names"
      value={chosen.count}
      options={COUNTS.map((count) => ({ value: count, label: `${count} names` }))}
      onChange={(event) => put({ count: event.target.value as number })}
    />
    <Radio.Group
      aria-label="How they come"
      value={chosen.as}
      options={[
        { value: 'one', label: 'one by one' },
        { value: 'tray', label: 'as a tray' },
      ]}
      onChange={(event) => put({ as: event.target.value as string })}
    />
  </>
);
