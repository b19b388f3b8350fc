import {
  chartOf,
  statementName,
  statementOfClass,
  type Book,
  type Section,
  type StatementId,
} from '@gleddo/core';
import styles from './glance.module.css';

/** A chart at a glance: both pages with their accounts, nothing to be done to them. */
export function ChartGlance({ book }: { book: Book }) {
  return (
    <div className={styles['pages']} role="region" aria-label="The chart at a glance" tabIndex={0}>
      {(['balance-sheet', 'profit-and-loss'] as const).map((statement) => (
        <GlancePage key={statement} book={book} statement={statement} />
      ))}
    </div>
  );
}

function GlancePage({ book, statement }: { book: Book; statement: StatementId }) {
  const sections = book.scheme.sections.filter(
    (each) => statementOfClass(each.class) === statement,
  );
  return (
    <section aria-label={statementName(book.scheme, statement)}>
      <h3>{statementName(book.scheme, statement)}</h3>
      {sections.map((section) => (
        <GlanceSection key={section.id} book={book} section={section} />
      ))}
    </section>
  );
}

function GlanceSection({ book, section }: { book: Book; section: Section }) {
  const rows = chartOf(book).get(section.id) ?? [];
  if (rows.length === 0) return null;
  return (
    <>
      <div className="place-section-name">{section.name}</div>
      {rows.map(({ account, depth }) => (
        <div key={account.id} className={styles['row']}>
          <span className="quiet">{account.number}</span>
          <span style={{ paddingInlineStart: `${depth * 0.75}rem` }}>{account.name}</span>
        </div>
      ))}
    </>
  );
}
