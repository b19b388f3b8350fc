import { Checkbox } from 'antd';
import { singleKeys, useSingleKeys } from '../../platform/keyboard/single-keys';

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
  ['F6', 'turn the page, where one is open at a time'],
  ['Ctrl Enter', 'record the entry that is being typed'],
  ['/', 'go to an account or a page'],
  ['?', 'what this page is, and this'],
  ['N, P', 'in marking: the next and the previous student'],
];

/** What the keys do, and whether single characters do something. */
export function KeysTable() {
  const areOn = useSingleKeys();
  return (
    <>
      <table className="lines-table">
        <tbody>
          {KEYS.map(([keys, does]) => (
            <tr key={keys}>
              <td style={{ width: '10.625rem', fontWeight: 600 }}>{keys}</td>
              <td>{does}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <Checkbox
        style={{ marginTop: '0.75rem' }}
        checked={areOn}
        onChange={(event) => singleKeys.turn(event.target.checked)}
      >
        Single characters (/ ? N P) do something outside of fields
      </Checkbox>
    </>
  );
}
