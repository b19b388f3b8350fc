import {
  accountLabel,
  companionOf,
  duplicateOf,
  isUsed,
  normalSide,
  numberUnderParent,
  placeAt,
  possibleParents,
  typeOf,
  type Account,
  type Operation,
  type Refusal as Refused,
  type Result,
} from '@gleddo/core';
import { App, Button, Select } from 'antd';
import { useMemo, useState } from 'react';
import { Link, useLocation } from 'react-router';
import { pathBeside } from '../../platform/shell/path-beside';
import { useChartState } from '../chart-state/chart-state';
import { rowAfter } from '../chart-state/chart-keys';
import { NumberField } from './NumberField';
import { PlacePicker } from './PlacePicker';
import { SlipName } from './SlipName';
import { SlipParticulars } from './SlipParticulars';
import { Refusal } from '../../platform/shell/Refusal';
import { useRetire } from './use-retire';
import { whatPlacingMoves } from './what-placing-moves';
import { useBySection } from './use-by-section';
import { StatedSide } from './StatedSide';
import { BY_LABEL } from '../../platform/figures/by-label';
import slipStyles from './slip.module.css';
import marginStyles from '../spread/margin.module.css';

type Field = 'name' | 'place' | 'number' | 'parent' | 'particulars' | 'rest';

/** Changes through the slip, with what was refused kept at the field where it was tried. */
function useSlipChanges() {
  const chartState = useChartState();
  const [refused, setRefused] = useState<{ field: Field; refusals: readonly Refused[] } | null>(
    null,
  );
  const change = (field: Field, operation: Operation | Result<Operation>): boolean => {
    const refusals = chartState.perform(operation);
    chartState.wantFocus(false);
    setRefused(refusals.length > 0 ? { field, refusals } : null);
    return refusals.length === 0;
  };
  const at = (field: Field) =>
    refused?.field === field ? (
      <Refusal says={refused.refusals.map((each) => each.says).join(' ')} />
    ) : null;
  return { change, at };
}

/** What an account is, where it stands, and what can be done with it. */
export function AccountSlip({ account }: { account: Account }) {
  const chartState = useChartState();
  const { mayChange } = chartState;
  const { change, at } = useSlipChanges();
  const [more, setMore] = useState(false);
  const { id } = account;
  return (
    <>
      <SlipName
        account={account}
        readOnly={!mayChange}
        onChange={(name) => change('name', { kind: 'rename-account', id, name })}
      />
      {at('name')}
      <div className={slipStyles['field']}>
        <PlaceFields {...{ account, change, at }} />
        {more && (
          <SlipParticulars
            account={account}
            onChange={(operation) => change('particulars', operation)}
            onOpening={(operation) => chartState.perform(operation)[0]?.says ?? null}
          />
        )}
        {at('particulars')}
      </div>
      {account.description !== null && !more && (
        <p className={`mark-says ${slipStyles['note']}`}>{account.description}</p>
      )}
      <TypeHelp account={account} />
      {at('rest')}
      <div className={marginStyles['tools']}>
        <button type="button" className="link-button" onClick={() => setMore(!more)}>
          {more ? 'Show less' : 'Opening, cash flow, note, taxes, budget'}
        </button>
        {mayChange && <MoreActions account={account} change={change} />}
      </div>
      <SlipActions account={account} change={change} />
    </>
  );
}

type ChangesAt = ReturnType<typeof useSlipChanges> & { readonly account: Account };

/** Where it stands: its place, its number, the account above it, its normal side where that is asked. */
function PlaceFields({ account, change, at }: ChangesAt) {
  const chartState = useChartState();
  const { book, mayChange, help, numbered } = chartState;
  const bySection = useBySection();
  const { id } = account;
  return (
    <>
      <label htmlFor="slip-place">Placed in</label>
      <PlacePicker
        id="slip-place"
        scheme={book.scheme}
        name={account.name}
        explained={help.types}
        asksSide={help.asksSides}
        type={account.type}
        guessed={account.guessed}
        bySection={bySection && ((section) => bySection(section, account.name))}
        moves={(type) => whatPlacingMoves(chartState, placeAt(book, id, type))}
        disabled={!mayChange}
        onChange={(type) => change('place', placeAt(book, id, type))}
      />
      {at('place')}
      {numbered && <NumberFields {...{ account, change, at }} />}
      <ParentField {...{ account, change, at }} />
      {help.asksSides && (
        <StatedSide account={account} onChange={(operation) => change('rest', operation)} />
      )}
    </>
  );
}

function NumberFields({ account, change, at }: ChangesAt) {
  const { id } = account;
  const renumber = (number: string | null) =>
    change('number', { kind: 'renumber-account', id, number });
  return (
    <>
      <label htmlFor="slip-number">Number</label>
      <NumberField account={account} onChange={renumber} />
      {at('number')}
      <NumberThatFits account={account} onTake={renumber} />
    </>
  );
}

interface NumberThatFitsProps {
  readonly account: Account;
  onTake(number: string): void;
}

/** Under a parent, a number behind that one’s is offered. */
function NumberThatFits({ account, onTake }: NumberThatFitsProps) {
  const { book, mayChange, help } = useChartState();
  const fits = useMemo(() => numberUnderParent(book, account.id), [book, account.id]);
  if (fits === null || !mayChange || !help.bands) return null;
  return (
    <button type="button" className="link-button second" onClick={() => onTake(fits)}>
      Give it {fits}, behind its parent
    </button>
  );
}

function ParentField({ account, change, at }: ChangesAt) {
  const { book, mayChange, numbered } = useChartState();
  const { id, type, number } = account;
  const offered = possibleParents(book, id).map((each) => ({
    value: each.id,
    label: numbered ? accountLabel(each) : each.name,
  }));
  return (
    <>
      <label htmlFor="slip-parent">Under</label>
      <Select
        id="slip-parent"
        disabled={!mayChange}
        value={account.parent ?? ''}
        showSearch={BY_LABEL}
        options={[{ value: '', label: 'no parent' }, ...offered]}
        onChange={(parent: string) =>
          change('parent', { kind: 'move-account', id, type, number, parent: parent || null })
        }
      />
      {at('parent')}
    </>
  );
}

type ChangeIt = ReturnType<typeof useSlipChanges>['change'];

/** One sentence on what such an account is, with an example and its normal side. */
function TypeHelp({ account }: { account: Account }) {
  const { book, help, withheld } = useChartState();
  const type = typeOf(book.scheme, account.type);
  if (!help.types || withheld.has('types')) return null;
  if (!type)
    return (
      <p className={slipStyles['help']}>
        <strong>Not placed</strong> — it has no statement, no section and no type yet. Its amount is
        kept in a line of its own until it is placed.
      </p>
    );
  return (
    <p className={slipStyles['help']}>
      <strong>{type.name}</strong> — {type.says} Such as: {type.examples.join(', ')}.
      {!help.asksSides &&
        ` Normal side: ${normalSide(book.scheme, type)}${
          type.contra ? ', the other side from its class' : ''
        }.`}
    </p>
  );
}

/** An account like this one; an asset's accumulated depreciation. */
function MoreActions({ account, change }: { account: Account; change: ChangeIt }) {
  const { book } = useChartState();
  const companion = companionOf(book, account.id);
  const { pathname } = useLocation();
  const documents = pathBeside(pathname, 'documents');
  return (
    <>
      <button
        type="button"
        className="link-button"
        onClick={() => change('rest', duplicateOf(book, account.id))}
      >
        Duplicate it
      </button>
      <Link to={`${documents}?show=schedules&account=${encodeURIComponent(account.id)}`}>
        Plan a schedule
      </Link>
      {companion && (
        <button type="button" className="link-button" onClick={() => change('rest', companion)}>
          Add {companion.ok ? `“${companion.value.account.name}”` : 'what it has lost so far'}
        </button>
      )}
    </>
  );
}

function SlipActions({ account, change }: { account: Account; change: ChangeIt }) {
  const chartState = useChartState();
  const { modal } = App.useApp();
  const { id, retired } = account;
  const { book, mayChange } = chartState;
  // What can’t be deleted says why.
  const asks = !isUsed(book, id) && book.accounts.some((each) => each.parent === id);
  const remove = (children: 'lift' | 'refuse') => {
    const next = rowAfter(chartState, id);
    if (change('rest', { kind: 'delete-account', id, children })) chartState.select(next, 'closed');
  };
  const askAboutChildren = () =>
    modal.confirm({
      title: `What becomes of the accounts under “${account.name}”?`,
      content: 'They keep their numbers, entries and amounts.',
      okText: 'Lift them one level and delete it',
      cancelText: 'Keep it',
      onOk: () => remove('lift'),
    });
  const askRetire = useRetire();
  const setRetired = () =>
    retired
      ? change('rest', { kind: 'bring-back-account', id })
      : askRetire([id], () => change('rest', { kind: 'retire-account', id }));
  const done = () => chartState.select(chartState.selected, 'closed');
  return (
    <div className="slip-actions">
      <Button onClick={() => chartState.open('lines')}>See its entries</Button>
      {mayChange && <Button onClick={setRetired}>{retired ? 'Bring back' : 'Retire'}</Button>}
      {mayChange && (
        <Button onClick={() => (asks ? askAboutChildren() : remove('refuse'))}>Delete</Button>
      )}
      <Button type="primary" className="last" onClick={done}>
        Done
      </Button>
    </div>
  );
}
