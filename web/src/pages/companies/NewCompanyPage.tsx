import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import {
  bookFromJson,
  bookToJson,
  SHIPPED_PLANS,
  SHIPPED_SCHEMES,
  shippedScheme,
  WORDS_NAMES,
  type Book,
  type Company,
} from '@gleddo/core';
import { Button, Radio, Select } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { counted } from '../../platform/figures/counted';
import { get, post } from '../../platform/api/client';
import { useKept } from '../../platform/kept/use-kept';
import { FromFile } from './FromFile';
import { ChartGlance } from './ChartGlance';
import { FromStarter } from './FromStarter';
import { emptyBook, likeBook, type Frame } from './begin-from';
import { faultsByField, NEW_COMPANY } from '../../book/company-fields/company-form';
import { FirstFields, OtherFields } from '../../book/company-fields/CompanyFields';
import { Refusal } from '../../platform/shell/Refusal';
import { BY_LABEL } from '../../platform/figures/by-label';
import { PageHead } from '../../platform/shell/PageHead';

type From = 'starter' | 'empty' | 'company' | 'file';

const FIRST: Frame = {
  company: NEW_COMPANY,
  scheme: SHIPPED_SCHEMES[0]?.id ?? '',
  numberPlan: SHIPPED_PLANS[0]?.id ?? '',
};

function useCreate(clear: () => void) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (book: Book) => post('companies', { book: bookToJson(book) }),
    onSuccess: async (made) => {
      clear();
      await queries.invalidateQueries({ queryKey: ['companies'] });
      await navigate(`/companies/${made.bookId}/chart`);
    },
  });
}

/** A new practice company: its particulars, its scheme and numbers, and what it begins from. */
export default function NewCompanyPage() {
  const [frame, setFrame, clear] = useKept<Frame>('new-company', FIRST);
  const [from, setFrom] = useState<From>('empty');
  const [tried, setTried] = useState(false);
  const create = useCreate(clear);
  const faults = faultsByField(frame.company);
  const faultAt = (field: string) => (tried ? faults.get(field)?.says : undefined);
  const make = (book: Book) => {
    setTried(true);
    if (faults.size === 0) create.mutate(book);
  };
  return (
    <>
      <PageHead path={{ to: '/companies', name: 'Companies' }} title="New company" />
      <main className="desk">
        <div className={from === 'empty' ? 'columns' : 'columns wide-right'}>
          <section className="paper">
            <h2>The company</h2>
            <FrameFields {...{ frame, faultAt }} onChange={setFrame} />
          </section>
          <section className="paper">
            <BeginFrom {...{ frame, from, make, busy: create.isPending }} onChoose={setFrom} />
            <Refusal of={create} />
            {tried && faults.size > 0 && <Refusal says={MISSING} />}
          </section>
        </div>
      </main>
    </>
  );
}

interface FrameFieldsProps {
  readonly frame: Frame;
  faultAt(field: string): string | undefined;
  onChange(frame: Frame): void;
}

/** What is asked of every company; all else is as usual, said in a line, until somebody wants it otherwise. */
function FrameFields({ frame, faultAt, onChange }: FrameFieldsProps) {
  const [open, setOpen] = useState(false);
  const { company } = frame;
  const fields = {
    ...{ company, faultAt },
    onChange: (changed: Company) => onChange({ ...frame, company: changed }),
  };
  return (
    <>
      <div className="field">
        <FirstFields {...fields} isBegun={false} />
      </div>
      <details
        open={open || faultAt('periods') !== undefined}
        onToggle={(event) => setOpen(event.currentTarget.open)}
      >
        <summary>Everything else: {usualSays(frame)}</summary>
        <div className="field">
          <OtherFields {...fields} />
        </div>
        <SchemeFields frame={frame} onChange={onChange} />
      </details>
    </>
  );
}

/** What stands behind the fold, in a few words. */
function usualSays({ company, scheme, numberPlan }: Frame): string {
  const plan = SHIPPED_PLANS.find(({ id }) => id === numberPlan)?.name ?? 'without numbers';
  return [
    shippedScheme(scheme)?.name ?? '',
    plan,
    company.basis === 'cash' ? 'cash basis' : 'accrual basis',
    company.posts === 'batches' ? 'entries in batches' : 'entries posted at once',
    `${company.periods} periods`,
    `${WORDS_NAMES[company.words ?? 'international']} words`,
  ]
    .join(', ')
    .toLowerCase();
}

const MISSING = 'Something is still missing on the left; it is said at its field.';

const ORIGINS: readonly { value: From; label: string }[] = [
  { value: 'empty', label: 'An empty book' },
  { value: 'starter', label: 'A starter chart' },
  { value: 'company', label: 'The accounts of another company' },
  { value: 'file', label: 'A file' },
];

interface BeginFromProps {
  readonly frame: Frame;
  readonly from: From;
  readonly busy: boolean;
  make(book: Book): void;
  onChoose(from: From): void;
}

/** What the new company begins from. */
function BeginFrom({ frame, from, busy, make, onChoose }: BeginFromProps) {
  const rest = { frame, make, busy };
  return (
    <>
      <h2>Begin from</h2>
      <Radio.Group
        value={from}
        onChange={(event) => onChoose(event.target.value as From)}
        options={[...ORIGINS]}
        style={{ marginBottom: '0.875rem' }}
      />
      {from === 'empty' && <FromNothing {...rest} />}
      {from === 'starter' && <FromStarter {...rest} />}
      {from === 'company' && <FromCompany company={frame.company} {...{ make, busy }} />}
      {from === 'file' && <FromFile {...rest} />}
    </>
  );
}

function SchemeFields({ frame, onChange }: { frame: Frame; onChange(frame: Frame): void }) {
  const scheme = shippedScheme(frame.scheme);
  return (
    <div className="field">
      <label htmlFor="new-scheme">Order of the statements</label>
      <Select
        id="new-scheme"
        value={frame.scheme}
        options={SHIPPED_SCHEMES.map(({ id, name }) => ({ value: id, label: name }))}
        onChange={(id: string) => onChange({ ...frame, scheme: id })}
      />
      <label htmlFor="new-plan">Account numbers</label>
      <Select
        id="new-plan"
        value={frame.numberPlan}
        options={[
          ...SHIPPED_PLANS.map((plan) => ({
            value: plan.id,
            label: `${plan.name} (${scheme?.sections[0]?.name ?? ''} from ${
              plan.bands.find((band) => band.section === scheme?.sections[0]?.id)?.from ?? ''
            })`,
          })),
          { value: '', label: 'Without numbers' },
        ]}
        onChange={(id: string) => onChange({ ...frame, numberPlan: id })}
      />
    </div>
  );
}

interface FromProps {
  readonly frame: Frame;
  readonly busy: boolean;
  make(book: Book): void;
}

const WITH_PROFITS_KEPT =
  'The book opens with the one account that a company can’t do without, for the profits kept. Everything else you set up on the chart.';
const EMPTY = 'The book opens empty. Everything is set up on the chart.';

function FromNothing({ frame, make, busy }: FromProps) {
  return (
    <>
      <p>{emptyBook(frame).accounts.length > 0 ? WITH_PROFITS_KEPT : EMPTY}</p>
      <Button type="primary" loading={busy} onClick={() => make(emptyBook(frame))}>
        Open the book
      </Button>
    </>
  );
}

interface CompanySelectProps {
  readonly value: string | null;
  onChange(bookId: string): void;
}

function CompanySelect({ value, onChange }: CompanySelectProps) {
  const companies = useQuery({
    queryKey: ['companies'],
    queryFn: () => get('companies'),
  });
  return (
    <Select
      aria-label="Company to begin from"
      style={{ width: '100%', marginBottom: '0.75rem' }}
      placeholder="Choose a company"
      showSearch={BY_LABEL}
      value={value}
      options={(companies.data ?? [])
        .filter((each) => !each.putAway)
        .map((each) => ({
          value: each.bookId,
          label: `${each.name}, ${each.accounts} accounts`,
        }))}
      onChange={onChange}
    />
  );
}

/** The chart of another company, seen before it is taken. */
function FromCompany({
  company,
  make,
  busy,
}: Pick<FromProps, 'busy' | 'make'> & { company: Company }) {
  const [bookId, setBookId] = useState<string | null>(null);
  const other = useQuery({
    queryKey: ['chart-of', bookId],
    queryFn: async () => {
      const { book } = await get(`books/${bookId ?? ''}`);
      const read = bookFromJson(book);
      if (!read.ok) throw new Error(read.refusals[0]?.says);
      return read.value;
    },
    enabled: bookId !== null,
  });
  const book = other.data && likeBook(other.data, company);
  return (
    <>
      <p>All its accounts with their places and numbers; no amounts, no entries.</p>
      <CompanySelect value={bookId} onChange={setBookId} />
      {book && <ChartGlance book={book} />}
      <div className="slip-actions">
        <Button
          type="primary"
          disabled={!book}
          loading={busy || other.isFetching}
          onClick={() => book && make(book)}
        >
          {book
            ? `Open the book with ${counted(book.accounts.length, 'account')}`
            : 'Open the book'}
        </Button>
      </div>
      <Refusal says={other.error?.message ?? null} />
    </>
  );
}
