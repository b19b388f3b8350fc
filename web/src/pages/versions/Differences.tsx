import { EXERCISE_PARTS, partSays, type Named } from '@gleddo/core';
import { Checkbox } from 'antd';
import { ChangedText } from './ChangedText';
import { differentFields } from './told-value';
import type { Difference } from './use-other-version';
import styles from './versions.module.css';

interface DifferencesProps {
  readonly of: readonly Difference[];
  readonly named: Named;
  readonly chosen: ReadonlySet<string>;
  onChoose(at: string, isChosen: boolean): void;
}

/** Each part that stands otherwise, to be ticked: what it is, and what would go and come. */
export const Differences = ({ of, ...rest }: DifferencesProps) => (
  <ul className={styles['list']} aria-label="What differs">
    {of.map((each) => (
      <Part key={each.change.at} of={each} {...rest} />
    ))}
  </ul>
);

interface PartProps extends Omit<DifferencesProps, 'of'> {
  readonly of: Difference;
}

const happens = ({ was, now }: Difference['change']): string =>
  was === undefined ? 'comes in' : now === undefined ? 'is taken out' : 'changes';

function Part({ of: { change, isBoth }, named, chosen, onChoose }: PartProps) {
  const { at, was, now } = change;
  const what = partSays(EXERCISE_PARTS, { at, json: now ?? was, named });
  return (
    <li>
      <Checkbox checked={chosen.has(at)} onChange={({ target }) => onChoose(at, target.checked)}>
        <strong>{what.charAt(0).toUpperCase() + what.slice(1)}</strong> {happens(change)}
      </Checkbox>
      {isBoth && (
        <p className={styles['both']}>You have changed this, too: yours would be written over.</p>
      )}
      {(at.endsWith('/') ? [] : differentFields(was, now, named)).map(({ name, here, there }) => (
        <div key={name} className={styles['field']}>
          {name !== '' && <span className="quiet">{name}</span>}
          <ChangedText {...{ here, there }} />
        </div>
      ))}
    </li>
  );
}
