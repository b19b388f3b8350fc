import {
  blankParty,
  subledgersOf,
  DOCUMENT_KINDS,
  KIND_FACTS,
  type Book,
  type DocumentKind,
  type Party,
  type PartyKind,
} from '@gleddo/core';
import { Input } from 'antd';
import { DayField } from '../../platform/figures/DayField';
import { BY_LABEL } from '../../platform/figures/by-label';
import { QuickSelect } from '../../platform/figures/QuickSelect';
import { useBookStore } from '../open-book/open-book';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import css from '../business/business.module.css';
import {
  withKind,
  withParty,
  type DocumentDraft,
  type DraftChange,
} from '../business/document-draft';
import entryStyles from '../journal/entry.module.css';

interface DocumentHeadsProps {
  readonly book: Book;
  readonly draft: DocumentDraft;
  onChange(change: DraftChange): void;
}

const KINDS = DOCUMENT_KINDS.map((kind) => ({ value: kind, label: KIND_FACTS[kind].name }));

/** What kind of document, of which day, of whom. */
export function DocumentHeads({ book, draft, onChange }: DocumentHeadsProps) {
  const set = (rest: Partial<DocumentDraft>) => onChange((now) => ({ ...now, ...rest }));
  const { party } = KIND_FACTS[draft.kind];
  return (
    <div className={`${entryStyles['heads']} ${css['heads'] ?? ''}`}>
      <div>
        <label htmlFor="document-kind">What happened</label>
        <QuickSelect
          id="document-kind"
          value={draft.kind}
          options={KINDS}
          showSearch={BY_LABEL}
          style={{ width: '100%' }}
          onChange={(kind: DocumentKind) => onChange((now) => withKind(book, now, kind))}
        />
      </div>
      <div>
        <label htmlFor="document-day">Day</label>
        <DayField
          id="document-day"
          value={draft.date}
          onChange={(date) => set({ date })}
          style={{ width: '100%' }}
        />
      </div>
      {party === 'none' ? <div /> : <PartyField {...{ book, draft, onChange }} wanted={party} />}
      <div>
        <label htmlFor="document-reference">Reference</label>
        <Input
          id="document-reference"
          value={draft.reference}
          maxLength={60}
          onChange={(event) => set({ reference: event.target.value })}
        />
      </div>
    </div>
  );
}

const PARTY_LABELS = {
  customer: 'Customer',
  supplier: 'Supplier',
  either: 'Customer or supplier',
} as const;

const NEW = 'new:';

/** What was typed as a new party, where none has that name. */
function asNew(name: string, kind: PartyKind, parties: readonly Party[]) {
  const isKnown = parties.some((each) => each.name.toLowerCase() === name.toLowerCase());
  return name === '' || isKnown ? [] : [{ value: `${NEW}${name}`, label: `New ${kind}: ${name}` }];
}

/** Whom it is of; a name that is not there yet is kept as a new one. */
function PartyField({
  book,
  draft,
  wanted,
  onChange,
}: DocumentHeadsProps & { readonly wanted: PartyKind | 'either' }) {
  const store = useBookStore();
  const [typed, setTyped] = useState('');
  const parties = subledgersOf(book).parties.filter(
    ({ kind }) => wanted === 'either' || kind === wanted,
  );
  const added = wanted === 'either' ? [] : asNew(typed.trim(), wanted, parties);
  const choose = (value: string) => {
    if (!value.startsWith(NEW) || wanted === 'either')
      return onChange((now) => withParty(book, now, value));
    const party = { ...blankParty(wanted), id: `p-${nanoid(10)}`, name: value.slice(NEW.length) };
    const { refusals } = store.change({ kind: 'put-party', party });
    if (refusals.length === 0) onChange((now) => withParty(book, now, party.id));
  };
  return (
    <div>
      <label htmlFor="document-party">{PARTY_LABELS[wanted]}</label>
      <QuickSelect
        id="document-party"
        style={{ width: '100%' }}
        placeholder="Name"
        value={parties.some(({ id }) => id === draft.party) ? draft.party : null}
        showSearch={{ ...BY_LABEL, onSearch: setTyped }}
        options={[...parties.map(({ id, name: label }) => ({ value: id, label })), ...added]}
        onChange={(value: string | null) => value !== null && choose(value)}
      />
    </div>
  );
}
