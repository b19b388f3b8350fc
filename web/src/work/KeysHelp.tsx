import { Modal } from 'antd';
import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';

const KEYS: readonly (readonly [string, string])[] = [
  ['↑ ↓', 'to the next account'],
  ['← →', 'to the other page'],
  ['letters, digits', 'jump to the next account that begins so'],
  ['+', 'begin an account in this section'],
  ['Enter, F2', 'open the slip of an account; in an empty line: keep it'],
  ['Alt ↑, Alt ↓', 'move an account; past the end it goes to the next section'],
  ['Tab, Shift Tab', 'put it under the account above; take it out'],
  ['Shift ↑, Shift ↓; Ctrl click', 'take several accounts together'],
  ['Space', 'fold the accounts under a parent into its figure; open them again'],
  ['Delete', 'delete an account that nothing stands on'],
  ['Esc, then Tab', 'leave the pages with the keyboard'],
  ['Ctrl Z, Ctrl Shift Z', 'undo, redo'],
  ['Ctrl Enter', 'record the entry that is being typed'],
  ['/', 'go to an account or a page'],
];

/** `?` shows what the keys do; the button does the same. */
export function KeysHelp() {
  const [open, setOpen] = useState(false);
  useHotkeys('shift+slash, ?', () => setOpen(true), { useKey: true, preventDefault: true });
  return (
    <>
      <button type="button" className="link-button quiet" onClick={() => setOpen(true)}>
        Keys
      </button>
      <Modal
        title="What the keys do"
        open={open}
        onCancel={() => setOpen(false)}
        footer={null}
        width={560}
      >
        <table className="lines-table">
          <tbody>
            {KEYS.map(([keys, does]) => (
              <tr key={keys}>
                <td style={{ width: 170, fontWeight: 600 }}>{keys}</td>
                <td>{does}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </Modal>
    </>
  );
}
