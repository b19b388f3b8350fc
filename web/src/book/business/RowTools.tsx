import { Button } from 'antd';
import css from './business.module.css';

interface RowToolsProps {
  /** What they are for, for who can't see the row. */
  readonly of: string;
  onChange(): void;
  onRemove(): void;
}

/** What can be done with the thing of a row. */
export const RowTools = ({ of, onChange, onRemove }: RowToolsProps) => (
  <>
    <Button
      className={css['tool'] ?? ''}
      size="small"
      type="text"
      aria-label={`Change ${of}`}
      onClick={onChange}
    >
      Change
    </Button>
    <Button
      className={css['tool'] ?? ''}
      size="small"
      type="text"
      aria-label={`Remove ${of}`}
      onClick={onRemove}
    >
      Remove
    </Button>
  </>
);
