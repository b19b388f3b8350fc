import {
  comparedLines,
  type Amount,
  type ComparedLine,
  type LooksWrong,
  type Period,
  type SectionFigures,
} from '@gleddo/core';
import { useMemo, type ReactNode } from 'react';
import { Link, useLocation } from 'react-router';
import { pathBeside } from '../../platform/shell/path-beside';
import { FigureLink } from '../../platform/figures/FigureLink';
import css from './statements.module.css';
import type { Compared } from './use-compared';
import { useNumbered } from '../open-book/withheld';
import comparedStyles from './compared.module.css';

type HeadRowProps = Compared & { says(period: Period): string };

/** Over the figures, what they are for; only needed where there are two of each. */
export function HeadRow({ choice, then, says }: HeadRowProps) {
  if (!then) return null;
  const { period, against, budget } = choice;
  return (
    <div className={`row ${comparedStyles['heads']}`}>
      <span />
      <span className="figure">{says(period)}</span>
      <span className="figure other">{budget ? 'budget' : against && says(against)}</span>
      {budget && <span className="figure other">over (under)</span>}
    </div>
  );
}

type PlainRowProps = Compared & {
  readonly name: string;
  readonly amount: Amount;
  readonly other: Amount;
  readonly className?: string;
};

/** A row that is no account: a subtotal, the profit among the equity. */
export function PlainRow(props: PlainRowProps) {
  const { name, amount, other, then, money, choice, className = '' } = props;
  return (
    <div className={`row plain ${className}`}>
      <span className="name">{name}</span>
      <span className="figure">{money(amount)}</span>
      {then && <span className="figure other">{money(other)}</span>}
      <Variance {...{ choice, money }} by={amount - other} />
    </div>
  );
}

type SectionProps = Compared & {
  readonly section: SectionFigures;
  /** The same section at the other date. */
  readonly other: SectionFigures | null;
  readonly children?: ReactNode;
};

export function StatementSection(props: SectionProps) {
  const { book, section, other, then, money, choice, depths, children } = props;
  const lines = useMemo(() => comparedLines(book, section, other), [book, section, other]);
  if (lines.length === 0 && section.total === 0 && !other?.total) return null;
  return (
    <div className="section">
      <div className="section-rows">
        <div className="row section-head">
          <span>
            {section.name}
            {section.id === 'cost-of-sales' && section.total !== 0 && (
              <HowItComesAbout choice={choice} />
            )}
          </span>
          <span className="figure">{money(section.total)}</span>
          {then && <span className="figure other">{money(other?.total ?? 0)}</span>}
          <Variance {...{ choice, money }} by={section.total - (other?.total ?? 0)} />
        </div>
        {shownOf(props, lines).map((line) => (
          <AccountRow
            key={line.account.id}
            {...props}
            line={line}
            depth={depths.get(line.account.id) ?? 0}
          />
        ))}
        {children}
      </div>
    </div>
  );
}

/** Without those at zero, where these are left out; what heads others stays. */
function shownOf({ choice, now, apparent }: Compared, lines: readonly ComparedLine[]) {
  if (choice.zeros || choice.level !== 'account') return lines;
  return lines.filter(
    ({ account, amount, other }) =>
      amount !== 0 ||
      other !== 0 ||
      apparent.has(account.id) ||
      (now.families.get(account.id) ?? 0) !== 0,
  );
}

/** By how much a figure is over its budget; below it in parentheses. */
function Variance({ choice, money, by }: Pick<Compared, 'choice' | 'money'> & { by: Amount }) {
  return choice.budget ? <span className="figure other">{money(by)}</span> : null;
}

const HowItComesAbout = ({ choice }: Pick<Compared, 'choice'>) => (
  <button
    type="button"
    className={`link-button ${css['how'] ?? ''}`}
    onClick={() => choice.set({ show: 'cost' })}
  >
    how it comes about
  </button>
);

type RowProps = SectionProps & { readonly line: ComparedLine; readonly depth: number };

/** An account's figure; what is a heading only shows, set apart, what stands under it. */
function AccountRow(props: RowProps) {
  const { book, choice, money, now, then, was, apparent, line, depth, firstId } = props;
  const { account, amount } = line;
  const numbered = useNumbered(book);
  const family = choice.level === 'account' ? now.families.get(account.id) : undefined;
  const isHeading = family !== undefined && amount === 0;
  const before = was?.amounts.get(account.id) ?? 0;
  const isMoved = was !== null && before !== amount;
  return (
    <>
      <div className={`row account ${isMoved ? css['moved'] : ''}`}>
        {numbered && <span className="no">{account.number ?? ''}</span>}
        <span
          className="name"
          style={{ paddingInlineStart: choice.level === 'account' ? `${depth}rem` : 0 }}
          title={account.name}
        >
          {account.name}
        </span>
        {!then && <span className="mark-says">{isMoved && `was ${money(before)}`}</span>}
        <span className={`figure ${isHeading ? 'of-family' : ''}`}>
          <FigureLink
            account={account.id}
            label={account.name}
            figure={money(isHeading ? family : amount)}
            first={account.id === firstId}
            onOpen={() => choice.set({ account: account.id })}
          />
        </span>
        {then && <Beside {...props} family={isHeading ? family : undefined} />}
      </div>
      {apparent.get(account.id)?.map((each) => (
        <RightAllTheSame key={each.says} of={each} />
      ))}
    </>
  );
}

/** The figure beside an account's; of a budget also what is over it, and nothing where there is none. */
function Beside({ choice, money, then, line, family }: RowProps & { family?: Amount | undefined }) {
  const { account, amount, other } = line;
  const isOfFamily = family !== undefined && other === 0;
  const beside = isOfFamily ? (then?.families.get(account.id) ?? 0) : other;
  if (choice.budget && account.budget === null && beside === 0)
    return (
      <>
        <span />
        <span />
      </>
    );
  return (
    <>
      <span className="figure other">{money(beside)}</span>
      <Variance {...{ choice, money }} by={(family ?? amount) - beside} />
    </>
  );
}

/** Why a figure that looks wrong is right, in its own place. */
function RightAllTheSame({ of }: { of: LooksWrong }) {
  const { pathname } = useLocation();
  const documents = pathBeside(pathname, 'documents');
  return (
    <p className={css['apparent']}>
      <strong>{of.title}.</strong> {of.says}{' '}
      {of.document !== null && of.document !== 'opening' && (
        <Link to={`${documents}?document=${encodeURIComponent(of.document)}`}>
          See the document
        </Link>
      )}
    </p>
  );
}
