import { InputNumber, Radio } from 'antd';
import styles from '../making/exercises.module.css';

interface GoOnRulesProps {
  /** Points for each skipped step; null: what it gives earns nothing. */
  readonly cost: number | null;
  onCost(cost: number | null): void;
}

/** What going on from a later step costs. */
export function GoOnRules({ cost, onCost }: GoOnRulesProps) {
  return (
    <div className={styles['ask-rules']}>
      <Radio.Group
        aria-label="What going on costs"
        value={cost === null ? 'all' : 'some'}
        onChange={(event) => onCost(event.target.value === 'all' ? null : 0)}
        options={[
          { value: 'all', label: 'What it gives earns nothing' },
          { value: 'some', label: 'Less is lost' },
        ]}
      />
      {cost !== null && (
        <label>
          <InputNumber
            size="small"
            min={0}
            max={1000}
            precision={0}
            value={cost}
            onChange={(value) => onCost(value ?? 0)}
          />{' '}
          points for each step that is skipped
        </label>
      )}
      <p className="quiet">It stands in the marked work, from where to where.</p>
    </div>
  );
}
