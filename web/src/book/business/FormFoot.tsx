import { Button } from 'antd';
import { Refusal } from '../../platform/shell/Refusal';
import css from './business.module.css';
import entryStyles from '../journal/entry.module.css';

interface FormFootProps {
  /** Whether something that is there already is changed. */
  readonly isChange: boolean;
  readonly refused: readonly string[];
  readonly says?: string;
  onLeave(): void;
}

/** The end of a form: what comes of it, and what keeps it. */
export function FormFoot({ isChange, refused, says = '', onLeave }: FormFootProps) {
  return (
    <>
      <div className={`${css['whole'] ?? ''} ${entryStyles['foot']}`}>
        <span className="mark-says" role="status">
          {says}
        </span>
        <span style={{ marginInlineStart: 'auto' }} />
        {isChange && <Button onClick={onLeave}>Leave it as it was</Button>}
        <Button type="primary" htmlType="submit">
          {isChange ? 'Save' : 'Add'}
        </Button>
      </div>
      <Refusal className={css['whole'] ?? ''} says={refused} />
    </>
  );
}
