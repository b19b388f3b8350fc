import { RedoOutlined, UndoOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useBookStore, useOpenBook } from '../book/open-book';
import { KeysHelp } from './KeysHelp';

const SAVING = {
  saved: 'Saved',
  saving: 'Saving …',
  waiting: 'Kept here; waiting for the server',
} as const;

/** Undo, redo, and whether everything is saved. */
export function BookTools() {
  const store = useBookStore();
  const { saving, canUndo, canRedo, answer } = useOpenBook();
  if (!answer.mayChange) return <span className="saved">Read only</span>;
  return (
    <>
      <span className={`saved ${saving}`} role="status">
        {SAVING[saving]}
      </span>
      <KeysHelp />
      <Button icon={<UndoOutlined />} disabled={!canUndo} onClick={store.undo} title="Ctrl Z">
        Undo
      </Button>
      <Button icon={<RedoOutlined />} disabled={!canRedo} onClick={store.redo} title="Ctrl Shift Z">
        Redo
      </Button>
    </>
  );
}

/** What the server said against a change after all, or that a newer book was taken over. */
export function BookSays() {
  const store = useBookStore();
  const { said } = useOpenBook();
  if (said.length === 0) return null;
  return (
    <div className="book-says" role="alert">
      {said.join(' ')}{' '}
      <Button size="small" onClick={store.dismiss}>
        Understood
      </Button>
    </div>
  );
}
