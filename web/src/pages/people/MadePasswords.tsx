import type { MadePassword } from '@gleddo/contract';
import { cellsToCsv, signInSlips } from '@gleddo/core';
import { Button } from 'antd';
import { TableHead } from '../../platform/figures/TableHead';
import { SheetsOnRequest } from '../../book/handouts/SheetsOnRequest';
import { download, fileNameOf } from '../../book/files/download';
import styles from './people.module.css';

const NAMES = ['Name', 'Signs in as', 'Password'];

interface MadePasswordsProps {
  readonly made: readonly MadePassword[];
  /** Whose they are, for the name of the file. */
  readonly of: string;
}

/** Passwords that the program made: shown this once, to be passed on or saved. */
export function MadePasswords({ made, of }: MadePasswordsProps) {
  const rows = made.map(({ name, login, password }) => [name, login, password]);
  const save = () =>
    download(`${fileNameOf(of)}-passwords.csv`, 'text/csv', cellsToCsv([NAMES, ...rows]));
  return (
    <div className={styles['made-passwords']}>
      <p className="notice">
        {made.length === 1 ? 'This password is' : 'These passwords are'} shown only now. Pass{' '}
        {made.length === 1 ? 'it' : 'them'} on, or save {made.length === 1 ? 'it' : 'them'} first.
      </p>
      <table className="lines-table">
        <TableHead names={NAMES} />
        <tbody>
          {made.map(({ name, login, password }) => (
            <tr key={login}>
              <td>{name}</td>
              <td>{login}</td>
              <td>
                <code>{password}</code>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="slip-actions">
        <Button onClick={save}>Save as CSV</Button>
        <SheetsOnRequest
          name={`${of} passwords`}
          make={() => [signInSlips(of, window.location.origin, made)]}
        />
      </div>
    </div>
  );
}
