import { mayAtLeast, type Marked, type Note, type ShownResult } from '@gleddo/contract';
import { accountOf, typeOf, type Book } from '@gleddo/core';
import { Button, Input, InputNumber } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { ask, post } from '../../platform/api/client';
import { isKept, useKept } from '../../platform/kept/use-kept';
import { Accepting } from './Accepting';
import { NoteStock } from './NoteStock';
import { halfTyped } from '../marks/half-typed';
import type { MarkedChange } from '../marks/use-marked-change';
import styles from '../../book/spread/margin.module.css';

interface FaultToolsProps {
  readonly fault: ShownResult;
  readonly marked: Marked;
  readonly work: Book;
  readonly change: MarkedChange;
}

const PLACES = new Set(['account.statement', 'account.section', 'account.type', 'account.contra']);

/** At a fault: change its mark, or accept what the student did, for everybody. */
export function FaultTools({ fault, marked, work, change }: FaultToolsProps) {
  const name = `mark.${marked.tryId}.${fault.ref}`;
  const [open, setOpen] = useState(() => isKept(name));
  return (
    <>
      <div className={styles['tools']}>
        <button type="button" className="link-button" onClick={() => setOpen(!open)}>
          Change the mark
        </button>
        <AcceptIt {...{ fault, marked, work, change }} />
      </div>
      {open && (
        <NoteFields
          name={name}
          points={fault.of - fault.points}
          ask="Why the mark is changed"
          mark={marked}
          onKeep={(text, points, done) =>
            change.mutate(
              () => post(`tries/${marked.tryId}/notes`, { ref: fault.ref, text, points }),
              { onSuccess: () => (done(), setOpen(false)) },
            )
          }
          change={change}
        />
      )}
    </>
  );
}

/** Accepts the name or the place that the student gave, from everybody: once what that does to the marks was seen. */
function AcceptIt({ fault, marked, work, change }: FaultToolsProps) {
  const [asks, setAsks] = useState(false);
  const works = marked.pairs.find((pair) => pair.keys.includes(fault.subject.id))?.works ?? [];
  const account = accountOf(work, works[0] ?? null);
  const what = fault.check === 'account.name' ? 'name' : PLACES.has(fault.check) ? 'type' : null;
  const value = what === 'name' ? account?.name : account?.type;
  if (what === null || !value) return null;
  const shown = what === 'name' ? value : (typeOf(work.scheme, value)?.name ?? value);
  return (
    <>
      <button type="button" className="link-button" onClick={() => setAsks(true)}>
        Accept this {what === 'name' ? 'name' : 'place'}
      </button>
      {asks && (
        <Accepting
          accepting={{ account: fault.subject.id, what, value }}
          shown={shown}
          marked={marked}
          change={change}
          onClose={() => setAsks(false)}
        />
      )}
    </>
  );
}

/** At a note of one's own: take it out again. */
export function NoteTools({
  note,
  marked,
  change,
}: {
  note: Note;
  marked: Marked;
  change: MarkedChange;
}) {
  return (
    <div className={styles['tools']}>
      <button
        type="button"
        className="link-button"
        onClick={() => change.mutate(() => ask('DELETE', `tries/${marked.tryId}/notes/${note.id}`))}
      >
        Take this note out
      </button>
    </div>
  );
}

/** A note on the whole work. */
export function NoteForm({ marked, change }: { marked: Marked; change: MarkedChange }) {
  const [open, setOpen] = useState(() => isKept(`note.${marked.tryId}`));
  if (!open)
    return (
      <div className="slip-actions">
        <Button onClick={() => setOpen(true)}>Add a note</Button>
      </div>
    );
  return (
    <NoteFields
      name={`note.${marked.tryId}`}
      points={0}
      ask="Your note to the student"
      mark={marked}
      onKeep={(text, points, done) =>
        change.mutate(() => post(`tries/${marked.tryId}/notes`, { text, points }), {
          onSuccess: () => (done(), setOpen(false)),
        })
      }
      change={change}
    />
  );
}

/** A note that is being typed is not left by a shortcut. */
function useHalfTyped() {
  const field = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const area = field.current?.querySelector('textarea');
    return area ? halfTyped.add(area) : undefined;
  }, []);
  return field;
}

interface NoteFieldsProps {
  readonly name: string;
  readonly points: number;
  readonly ask: string;
  /** The mark that the points are added to. */
  readonly mark: Pick<Marked, 'points' | 'of' | 'may'>;
  readonly change: MarkedChange;
  onKeep(text: string, points: number, done: () => void): void;
}

function NoteFields({ name, points, ask: question, mark, change, onKeep }: NoteFieldsProps) {
  const [typed, setTyped, clear] = useKept(name, { text: '', points });
  const field = useHalfTyped();
  return (
    <div className={styles['fields']} ref={field}>
      <Input.TextArea
        aria-label={question}
        placeholder={question}
        autoFocus
        autoSize={{ minRows: 2, maxRows: 6 }}
        value={typed.text}
        onChange={(event) => setTyped({ ...typed, text: event.target.value })}
      />
      <NoteStock
        typed={typed}
        onTake={({ text, points: own }) => setTyped({ text, points: own })}
      />
      <div className={styles['tools']}>
        {mayAtLeast(mark.may, 'mark') && (
          <PointsAdded
            points={typed.points}
            mark={mark}
            onChange={(next) => setTyped({ ...typed, points: next })}
          />
        )}
        <Button
          size="small"
          loading={change.isPending}
          disabled={typed.text.trim() === ''}
          onClick={() => {
            onKeep(typed.text, typed.points, clear);
          }}
        >
          Save
        </Button>
      </div>
    </div>
  );
}

interface PointsAddedProps {
  readonly points: number;
  readonly mark: Pick<Marked, 'points' | 'of'>;
  onChange(points: number): void;
}

/** Points of one's own, and what the mark then is. */
function PointsAdded({ points, mark, onChange }: PointsAddedProps) {
  return (
    <>
      <label>
        Points added{' '}
        <InputNumber
          size="small"
          precision={0}
          style={{ width: '4rem' }}
          value={points}
          onChange={(value) => onChange(value ?? 0)}
        />
      </label>
      {points !== 0 && (
        <span className="quiet">
          the mark is then {Math.max(0, mark.points + points)} of {mark.of}
        </span>
      )}
    </>
  );
}
