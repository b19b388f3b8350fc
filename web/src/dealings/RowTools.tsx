import { Button } from 'antd';

interface RowToolsProps {
  /** What they are for, for who can't see the row. */
  readonly of: string;
  onChange(): void;
  onRemove(): void;
}

/** What can be done with the thing of a row. */
export const RowTools = ({ of, onChange, onRemove }: RowToolsProps) => (
  <>
    <Button size="small" type="text" aria-label={`Change ${of}`} onClick={onChange}>
      Change
    </Button>
    <Button size="small" type="text" aria-label={`Remove ${of}`} onClick={onRemove}>
      Remove
    </Button>
  </>
);
