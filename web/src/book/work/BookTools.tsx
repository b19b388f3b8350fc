import { RedoOutlined, UndoOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useBookStore, useOpenBook } from '../open-book/open-book';
import styles from './book-tools.module.css';

const SAVING = {
  saved: 'Saved',
  saving: 'Saving …',
  waiting: 'Kept here; waiting for the server',
} as const;

const NOT_HEARD = 'No connection; kept here';

/** Undo, redo, and whether everything is saved. */
export function BookTools() {
  const store = useBookStore();
  const { saving, isConnected, canUndo, canRedo, answer } = useOpenBook();
  const isCutOff = saving === 'saved' && !isConnected;
  if (!answer.mayChange) return <span className="saved">Read only</span>;
  return (
    <>
      <span className={`saved ${isCutOff ? 'waiting' : saving}`} role="status">
        {isCutOff ? NOT_HEARD : SAVING[saving]}
      </span>
      <Button icon={<UndoOutlined />} disabled={!canUndo} onClick={store.undo} title="Ctrl Z">
        Undo
      </Button>
      <Button icon={<RedoOutlined />} disabled={!canRedo} onClick={store.redo} title="Ctrl Shift Z">
        Redo
      </Button>
    </>
  );
}

/** Why something was not done after all, and what others changed meanwhile. */
export function BookSays() {
  const { said, news } = useOpenBook();
  return (
    <>
      <Said lines={said} role="alert" />
      <Said lines={news} role="status" />
    </>
  );
}

function Said({ lines, role }: { lines: readonly string[]; role: 'alert' | 'status' }) {
  const store = useBookStore();
  if (lines.length === 0) return null;
  return (
    <div className={`${styles['says']} is-${role}`} role={role}>
      {lines.join(' ')}{' '}
      <Button size="small" onClick={store.dismiss}>
        Understood
      </Button>
    </div>
  );
}
