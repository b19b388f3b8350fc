import { useQuery } from '@tanstack/react-query';
import type { ReadyShown } from '@gleddo/contract';
import { DISTINCTIONS, type Distinction } from '@gleddo/core';
import { Input } from 'antd';
import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { get } from '../../platform/api/client';
import { Asking } from '../../platform/shell/Asking';
import { Ready } from './Ready';
import { found, sizeOf } from './ready-words';
import styles from './shelf.module.css';

const isDistinction = (id: string | null): id is Distinction => id !== null && id in DISTINCTIONS;

/** The ready exercises that ship with the program: by subject, each to be looked at and taken. */
export default function ShelfPage() {
  const { ready } = useParams();
  const shelf = useQuery({
    queryKey: ['shelf'],
    queryFn: () => get('shelf'),
    staleTime: Infinity,
  });
  if (!shelf.data) return <Asking of={shelf} what="The shelf" />;
  const chosen = shelf.data.find(({ id }) => id === ready);
  return (
    <>
      <div className="sheet-head">
        <h1>{chosen ? chosen.title : 'The shelf'}</h1>
        {chosen && (
          <span className="actions">
            <Link to="/exercises/shelf">All of the shelf</Link>
          </span>
        )}
      </div>
      <main className="desk">
        {ready !== undefined && !chosen && (
          <p className="notice">Nothing of this name lies on the shelf. Choose one of these.</p>
        )}
        {chosen ? <Ready key={chosen.id} ready={chosen} /> : <Shelf all={shelf.data} />}
      </main>
    </>
  );
}

function Shelf({ all }: { all: readonly ReadyShown[] }) {
  const [typed, setTyped] = useState('');
  const [params] = useSearchParams();
  const asked = params.get('for');
  const distinction = isDistinction(asked) ? asked : null;
  const shown = found(all, { typed, distinction });
  const subjects = [...new Set(shown.map(({ subject }) => subject))];
  return (
    <div className="paper">
      <p className={styles['about']}>
        Ready exercises: steps, papers, questions with their why, figures of their own for each
        student. Take one, and it is yours to try, to change and to hand out.
      </p>
      {distinction && <Asked of={distinction} />}
      <Input
        allowClear
        aria-label="Find on the shelf"
        placeholder="Find: a subject, a company, a legal form"
        className={styles['find']}
        value={typed}
        onChange={({ target }) => setTyped(target.value)}
      />
      {shown.length === 0 && (
        <p className="state-line">Nothing on the shelf has these words. Try another, or fewer.</p>
      )}
      {distinction ? (
        <Row of={shown} />
      ) : (
        subjects.map((subject) => (
          <section key={subject} aria-label={subject}>
            <h2 className={styles['subject']}>{subject}</h2>
            <Row of={shown.filter((each) => each.subject === subject)} />
          </section>
        ))
      )}
    </div>
  );
}

const Asked = ({ of }: { of: Distinction }) => (
  <p className="notice">
    Those whose accounts ask for <em>{DISTINCTIONS[of].name.toLowerCase()}</em>, the most first.{' '}
    <Link to="/exercises/shelf">Show all</Link>
  </p>
);

const Row = ({ of }: { of: readonly ReadyShown[] }) => (
  <ul className={styles['row']}>
    {of.map((ready) => (
      <li key={ready.id} className={styles['ready']}>
        <h3>
          <Link to={`/exercises/shelf/${ready.id}`}>{ready.title}</Link>
        </h3>
        <p>{ready.says}</p>
        <p className="quiet">
          {ready.company} · {sizeOf(ready)}
        </p>
      </li>
    ))}
  </ul>
);
