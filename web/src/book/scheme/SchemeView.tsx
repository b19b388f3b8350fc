import {
  effectsOfScheme,
  faultsOfScheme,
  inWords,
  orShipped,
  renamedScheme,
  SHIPPED_SCHEMES,
  wordsOf,
  type Account,
  type Book,
  type Scheme,
} from '@gleddo/core';
import { Button, Input, Select } from 'antd';
import { useState } from 'react';
import { useBookStore, useOpenBook } from '../open-book/open-book';
import { useOtherCompanies } from '../open-book/use-other-companies';
import { useKept } from '../../platform/kept/use-kept';
import { Refusal } from '../../platform/shell/Refusal';
import { PartSheet } from './PartSheet';
import type { PartOfScheme } from './scheme-parts';
import { SchemePages } from './SchemePages';
import { BY_LABEL } from '../../platform/figures/by-label';
import styles from './scheme.module.css';

/** The scheme of a book: the tree that classifies, to be seen, copied and changed. */
export function SchemeView({ bookId }: { bookId: string }) {
  const store = useBookStore();
  const { book, answer } = useOpenBook();
  const [draft, setDraft, dropDraft] = useKept<Scheme | null>(`scheme.${bookId}`, null);
  const [chosen, choose] = useState<PartOfScheme | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const scheme = draft ? orShipped(draft) : book.scheme;
  const { mayChange } = answer;
  const parts = { book, scheme, chosen, mayChange, onChoose: choose, onChange: setDraft };
  const keep = () => {
    const { refusals } = store.change({ kind: 'change-scheme', scheme });
    setRefused(refusals[0]?.says ?? null);
    if (refusals.length === 0) dropDraft();
  };
  const leave = () => {
    dropDraft();
    setRefused(null);
  };
  return (
    <section className={`paper ${styles['view']}`} aria-label="Scheme">
      <SchemeHead {...{ bookId, scheme, mayChange }} onChange={setDraft} />
      {draft && (
        <DraftBar book={book} draft={draft} refused={refused} onKeep={keep} onDrop={leave} />
      )}
      <div className={styles['body']}>
        <SchemePages {...parts} />
        <PartSheet key={chosen?.id} {...parts} />
      </div>
    </section>
  );
}

interface SchemeHeadProps {
  readonly bookId: string;
  readonly scheme: Scheme;
  readonly mayChange: boolean;
  onChange(scheme: Scheme): void;
}

function SchemeHead({ bookId, scheme, mayChange, onChange }: SchemeHeadProps) {
  return (
    <div className={styles['head']}>
      <Input
        aria-label="Name of the scheme"
        className={styles['name']}
        variant="underlined"
        readOnly={!mayChange}
        value={scheme.name}
        maxLength={80}
        onChange={(event) => onChange(renamedScheme(scheme, event.target.value))}
      />
      {mayChange && <TakeScheme bookId={bookId} scheme={scheme} onTake={onChange} />}
    </div>
  );
}

interface TakeSchemeProps {
  readonly bookId: string;
  readonly scheme: Scheme;
  onTake(scheme: Scheme): void;
}

/** Takes over one of the schemes that come with the program, or the one of another company. */
function TakeScheme({ bookId, scheme, onTake }: TakeSchemeProps) {
  const others = useOtherCompanies(bookId);
  const words = wordsOf(scheme);
  const take = (value: string) => {
    const shipped = SHIPPED_SCHEMES.find((each) => `shipped ${each.id}` === value);
    if (shipped) onTake(inWords(shipped, words));
    else void others.take(value, (book) => onTake(inWords(book.scheme, words)));
  };
  return (
    <Select
      aria-label="Take over a scheme"
      placeholder="Take over a scheme"
      showSearch={BY_LABEL}
      value={null}
      style={{ width: '14.375rem' }}
      options={[
        {
          label: 'With the program',
          options: SHIPPED_SCHEMES.map(({ id, name }) => ({ value: `shipped ${id}`, label: name })),
        },
        {
          label: 'Of another company',
          options: others.options,
        },
      ]}
      onChange={(value: string | null) => value !== null && take(value)}
    />
  );
}

interface DraftBarProps {
  readonly book: Book;
  readonly draft: Scheme;
  readonly refused: string | null;
  onKeep(): void;
  onDrop(): void;
}

const NAMED = 4;

const listed = (accounts: readonly Account[]): string => {
  const names = accounts.slice(0, NAMED).map((each) => `“${each.name}”`);
  const more = accounts.length - names.length;
  return names.join(', ') + (more > 0 ? ` and ${more} more` : '');
};

/** What keeping the changed scheme would do to the accounts, before it is done. */
function DraftBar({ book, draft, refused, onKeep, onDrop }: DraftBarProps) {
  const faults = faultsOfScheme(draft);
  const { notPlaced, moved, takenOut } = effectsOfScheme(book, draft);
  const effects = [
    notPlaced.length > 0 && `Without a place then: ${listed(notPlaced)}.`,
    moved.length > 0 && `In another section then: ${listed(moved)}.`,
    takenOut.length > 0 && `No longer under their parent: ${listed(takenOut)}.`,
  ].filter((each) => each !== false);
  return (
    <div className={styles['draft']} role="status">
      <div>
        <Refusal says={faults.map(({ says }) => says)} />
        <Refusal says={refused} />
        {faults.length === 0 &&
          (effects.length > 0 ? (
            effects.map((says) => <p key={says}>{says}</p>)
          ) : (
            <p>Every account keeps its place.</p>
          ))}
      </div>
      <Button onClick={onDrop}>Leave it as it was</Button>
      <Button type="primary" disabled={faults.length > 0} onClick={onKeep}>
        Save the scheme
      </Button>
    </div>
  );
}
