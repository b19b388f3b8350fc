import {
  accountLabel,
  defensible,
  type AcceptedFile,
  type Account,
  type Book,
  type Weighing,
} from '@gleddo/core';
import { Input, Select } from 'antd';
import { BY_LABEL } from '../../platform/figures/by-label';
import { defended } from './defended';
import { OwnPoints } from './OwnPoints';
import styles from './also-right.module.css';

interface AccountRuleProps {
  readonly account: Account;
  readonly book: Book;
  readonly rule: AcceptedFile | null;
  readonly weighing: Weighing;
  onChange(rule: AcceptedFile): void;
  onPoints(ref: string, points: number | null): void;
}

const NEXT_TO = 'next-to ';
const NUMBERS = [
  { value: 'in-band', label: 'in its band' },
  { value: 'exact', label: 'exactly this' },
  { value: 'any', label: 'any' },
];

type Asked = 'asked-for' | 'optional' | 'forbidden';

const ASKED_FOR: { value: Asked; label: string }[] = [
  { value: 'asked-for', label: 'asked for' },
  { value: 'optional', label: 'may be left out' },
  { value: 'forbidden', label: 'not to be set up' },
];

function askedFor({ forbidden, required }: AcceptedFile, { retired }: Account): Asked {
  if (forbidden) return 'forbidden';
  return (required ?? !retired) ? 'asked-for' : 'optional';
}

const ruleOfAsked = (asked: Asked): Partial<AcceptedFile> => ({
  required: asked === 'asked-for',
  forbidden: asked === 'forbidden',
});

/** What else is right for one account of the key. */
export function AccountRule(props: AccountRuleProps) {
  const { account, book, rule, weighing, onChange, onPoints } = props;
  const now: AcceptedFile = rule ?? { account: account.id };
  const change = (rest: Partial<AcceptedFile>) => onChange({ ...now, ...rest });
  const { name } = account;
  return (
    <tr>
      <td>{accountLabel(account)}</td>
      <td className={styles['names']}>
        <Names {...{ account, book, now, change }} />
      </td>
      <td className={styles['types']}>
        <Types {...{ account, book, now, change }} />
      </td>
      <td>
        <NumberRule {...{ account, book, now, change }} />
      </td>
      <td>
        <AskedFor {...{ account, book, now, change }} />
      </td>
      <td>
        <OwnPoints
          groups={['account.', 'opening.']}
          id={account.id}
          {...{ name, weighing }}
          onChange={onPoints}
        />
      </td>
      <td>
        <Input
          size="small"
          aria-label={`Why, for ${name}`}
          maxLength={500}
          value={now.reason ?? ''}
          onChange={({ target }) => change({ reason: target.value })}
        />
      </td>
    </tr>
  );
}

function AskedFor({ account, now, change }: PartProps) {
  return (
    <Select
      size="small"
      style={{ width: '8.875rem' }}
      aria-label={`Whether ${account.name} is asked for`}
      value={askedFor(now, account)}
      options={ASKED_FOR}
      onChange={(asked) => change(ruleOfAsked(asked))}
    />
  );
}

interface PartProps {
  readonly account: Account;
  readonly book: Book;
  readonly now: AcceptedFile;
  change(rest: Partial<AcceptedFile>): void;
}

function Names({ account, now, change }: PartProps) {
  const { names = [], otherNames = [] } = now;
  return (
    <>
      <Tags
        label={`Other names of ${account.name}`}
        placeholder="another name, Enter"
        value={names}
        onChange={(next) => change({ names: next })}
      />
      {otherNames.length > 0 && (
        <>
          <span className="quiet">These say something else:</span>
          <Tags
            label={`Names that are not ${account.name}`}
            placeholder="a name, Enter"
            value={otherNames}
            onChange={(next) => change({ otherNames: next })}
          />
        </>
      )}
    </>
  );
}

interface TagsProps {
  readonly label: string;
  readonly placeholder: string;
  readonly value: readonly string[];
  onChange(next: string[]): void;
}

const Tags = ({ label, placeholder, value, onChange }: TagsProps) => (
  <Select
    mode="tags"
    size="small"
    style={{ width: '100%' }}
    aria-label={label}
    open={false}
    suffixIcon={null}
    placeholder={placeholder}
    value={[...value]}
    onChange={onChange}
  />
);

/** Other types, with those offered that can be defended. */
function Types({ account, book: { scheme }, now, change }: PartProps) {
  const types = now.types ?? [];
  const offered = defensible(scheme, account.type).filter(({ id }) => !types.includes(id));
  return (
    <>
      <Select
        mode="multiple"
        size="small"
        style={{ width: '100%' }}
        aria-label={`Other types of ${account.name}`}
        showSearch={BY_LABEL}
        value={[...types]}
        options={scheme.types
          .filter(({ id }) => id !== account.type)
          .map(({ id, name }) => ({ value: id, label: name }))}
        onChange={(next: string[]) => change({ types: next })}
      />
      {offered.map(({ id, name }) => (
        <button
          key={id}
          type="button"
          className={`link-button ${styles['offer']}`}
          onClick={() => change(defended(scheme, account.type, { now, also: id }))}
        >
          {name} can be defended, too
        </button>
      ))}
    </>
  );
}

function NumberRule({ account, book, now, change }: PartProps) {
  const { number = 'in-band' } = now;
  if (account.number === null) return null;
  const others = book.accounts.filter(({ id }) => id !== account.id);
  return (
    <Select
      size="small"
      style={{ width: '9.375rem' }}
      aria-label={`The number of ${account.name}`}
      showSearch={BY_LABEL}
      value={typeof number === 'string' ? number : `${NEXT_TO}${number.nextTo}`}
      options={[
        ...NUMBERS,
        ...others.map(({ id, name }) => ({ value: `${NEXT_TO}${id}`, label: `behind ${name}` })),
      ]}
      onChange={(value: string) =>
        change({
          number: value.startsWith(NEXT_TO)
            ? { nextTo: value.slice(NEXT_TO.length) }
            : (value as 'exact' | 'in-band' | 'any'),
        })
      }
    />
  );
}
