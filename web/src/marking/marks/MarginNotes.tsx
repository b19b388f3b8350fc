import type { Note, ShownResult } from '@gleddo/contract';
import type { ReactNode } from 'react';
import { together } from '@gleddo/core';
import { MarginNumber } from './MarginNumber';
import { OneRule, points } from './OneRule';
import { underRule } from './one-rule';
import { textOf, ToldNote } from './ToldNote';
import type { ShownMargin } from './marked-rows';
import styles from '../../book/spread/margin.module.css';

interface MarginNotesProps {
  readonly margin: ShownMargin;
  /** The names of the statements’ lines, by their ids. */
  readonly lineNames: ReadonlyMap<string, string>;
  readonly notes: readonly Note[];
  /** Null where marks are not shown. */
  readonly points: number | null;
  readonly of: number | null;
  /** The points that the costs are parts of, where the whole counts otherwise; null: they are `of`. */
  readonly scaledFrom?: number | null;
  onPoint(note: number | null): void;
  /** What can be done at a fault, and at a note of the instructor's own. */
  toolsAt?(fault: ShownResult): ReactNode;
  toolsAtNote?(note: Note): ReactNode;
  readonly children?: ReactNode;
}

/** The margin: what was found, in sentences, with the points each fault cost. */
export function MarginNotes(props: MarginNotesProps) {
  const { margin, lineNames, notes, toolsAtNote, children } = props;
  return (
    <section className={styles['notes']} aria-label="Margin notes">
      <MarginHead {...props} />
      {margin.faults.length === 0 && notes.length === 0 && (
        <p className={styles['note']}>Nothing to remark: everything that was checked is met.</p>
      )}
      <Faults {...props} />
      {notes
        .filter((note) => note.ref === null || margin.numberOf(note.ref) === null)
        .map((note) => (
          <div key={note.id} className={`${styles['note']} own`}>
            <OwnNote note={note} />
            {toolsAtNote?.(note)}
          </div>
        ))}
      <FollowsNote margin={margin} lineNames={lineNames} />
      <MetNote met={margin.met} />
      {margin.notJudged.length > 0 && (
        <div className={styles['note']}>
          <strong>{margin.notJudged.length} could not be judged</strong>
          <p>{textOf(margin.notJudged[0])} They count neither way.</p>
        </div>
      )}
      {children}
    </section>
  );
}

const Faults = ({ margin, notes, onPoint, toolsAt }: MarginNotesProps) =>
  together(margin.faults).map((faults) => (
    <OneRule key={faults[0]?.ref ?? ''} faults={faults}>
      {faults.map((fault) => (
        <FaultNote
          key={fault.ref}
          fault={underRule(fault, faults)}
          at={margin.numberOf(fault.ref) ?? 0}
          notes={notes}
          onPoint={onPoint}
        >
          {toolsAt?.(fault)}
        </FaultNote>
      ))}
    </OneRule>
  ));

function MarginHead({ margin, points, of, scaledFrom }: MarginNotesProps) {
  if (points === null || of === null) return <h2>Margin notes</h2>;
  const share = (n: number) => `${of === 0 ? 0 : (100 * n) / of}%`;
  const cost = margin.faults.reduce((sum, fault) => sum + fault.of - fault.points, 0);
  const lost = scaledFrom ? (cost * of) / scaledFrom : cost;
  return (
    <>
      <div className={styles['head']}>
        <h2>Margin notes</h2>
        <span>
          <strong>{points}</strong> of {of}
        </span>
      </div>
      <div className={styles['bar']} data-drawn aria-hidden="true">
        <i className="met" style={{ width: share(points) }} />
        <i className="lost" style={{ width: share(Math.min(lost, of - points)) }} />
      </div>
      {scaledFrom && (
        <p className="quiet">
          What a note costs is out of {scaledFrom}; the whole counts {of}.
        </p>
      )}
    </>
  );
}

interface FaultNoteProps {
  readonly fault: ShownResult;
  readonly at: number;
  readonly notes: readonly Note[];
  readonly children: ReactNode;
  onPoint(note: number | null): void;
}

function FaultNote({ fault, at, notes, onPoint, children }: FaultNoteProps) {
  const own = notes.filter((note) => note.ref === fault.ref);
  return (
    <article
      className={styles['note']}
      aria-label={`Note ${at}`}
      onMouseEnter={() => onPoint(at)}
      onMouseLeave={() => onPoint(null)}
      onFocus={() => onPoint(at)}
      onBlur={() => onPoint(null)}
    >
      <MarginNumber of={at} />
      {fault.of > 0 && <span className="cost">{points(fault.points - fault.of)}</span>}
      <strong>{fault.fault}</strong>
      <ToldNote told={fault.told} />
      {own.map((note) => (
        <OwnNote key={note.id} note={note} />
      ))}
      {children}
    </article>
  );
}

function OwnNote({ note }: { note: Note }) {
  return (
    <p className={styles['own']}>
      <span className="mark-says">your instructor’s note</span>{' '}
      {note.points !== 0 && <span className="cost">{points(note.points)}</span>}
      <br />
      {note.text}
    </p>
  );
}

const MOST_NAMED = 3;

/** The totals that follow, by name; where only set-up checks follow, how many. */
function namesOf({ follows }: ShownMargin, lineNames: ReadonlyMap<string, string>): string {
  const names = [...new Set(follows.flatMap(({ subject }) => lineNames.get(subject.id) ?? []))];
  if (names.length === 0)
    return `${follows.length} ${follows.length === 1 ? 'check follows' : 'checks follow'} from these`;
  const more = follows.length - Math.min(names.length, MOST_NAMED);
  return names.slice(0, MOST_NAMED).join(', ') + (more > 0 ? `, and ${more} more` : '');
}

function FollowsNote({
  margin,
  lineNames,
}: {
  margin: ShownMargin;
  lineNames: ReadonlyMap<string, string>;
}) {
  const { follows } = margin;
  if (follows.length === 0) return null;
  const roots = [...new Set(follows.flatMap((each) => each.from))]
    .map((ref) => margin.numberOf(ref))
    .filter((n) => n !== null)
    .sort((a, b) => a - b);
  const from =
    roots.length === 1
      ? `note ${roots[0]}`
      : `notes ${roots.slice(0, -1).join(', ')} and ${roots.at(-1)}`;
  return (
    <article className={styles['note']}>
      <MarginNumber of="follows" />
      <span className="cost follows">0</span>
      <strong>{namesOf(margin, lineNames)}</strong>
      <p>These differ, too, but all of it follows from {from}. Nothing is marked down twice.</p>
      <WhichOnes of={follows} />
    </article>
  );
}

function MetNote({ met }: { met: readonly ShownResult[] }) {
  if (met.length === 0) return null;
  return (
    <article className={styles['note']}>
      <MarginNumber of="met" />
      <strong>
        {met.length} {met.length === 1 ? 'check' : 'checks'} met
      </strong>
      <WhichOnes of={met} />
    </article>
  );
}

/** Results in their sentences; nothing where these are kept back. */
function WhichOnes({ of }: { readonly of: readonly ShownResult[] }) {
  const told = of.filter((each) => textOf(each) !== '');
  if (told.length === 0) return null;
  return (
    <details>
      <summary>Which ones</summary>
      <ul>
        {told.map((each) => (
          <li key={`${each.ref} ${JSON.stringify(each.date)}`}>{textOf(each)}</li>
        ))}
      </ul>
    </details>
  );
}
