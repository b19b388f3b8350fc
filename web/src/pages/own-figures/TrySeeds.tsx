import { trySeeds, type AnswerKey, type Book, type BrokenSeed } from '@gleddo/core';
import { Button, Progress } from 'antd';
import { useEffect, useRef, useState } from 'react';
import styles from './own-figures.module.css';

const ALL = 1000;
/** So many at once: the page stays alive in between. */
const AT_ONCE = 20;

interface Tried {
  readonly count: number;
  readonly broken: readonly BrokenSeed[];
  readonly brokenCount: number;
}

const NONE: Tried = { count: 0, broken: [], brokenCount: 0 };
const MOST_SHOWN = 5;

/** Tries so many seeds a few at a time; what was tried so far is shown, and it can be ended. */
function useTrial(keyNow: AnswerKey, start: Book) {
  const [tried, setTried] = useState<Tried | null>(null);
  const [isRunning, setRunning] = useState(false);
  const ended = useRef(true);
  useEffect(() => {
    ended.current = true;
    return () => {
      ended.current = true;
    };
  }, [keyNow]);
  const run = async () => {
    ended.current = false;
    setRunning(true);
    let so = NONE;
    while (so.count < ALL && !ended.current) {
      const some = trySeeds(keyNow, start, { count: AT_ONCE, first: so.count + 1 });
      so = {
        count: so.count + some.tried,
        broken: [...so.broken, ...some.broken].slice(0, MOST_SHOWN),
        brokenCount: so.brokenCount + some.brokenCount,
      };
      setTried(so);
      await new Promise((resolve) => setTimeout(resolve));
    }
    setRunning(false);
  };
  const end = () => {
    ended.current = true;
  };
  return { tried, isRunning, run, end };
}

interface TrySeedsProps {
  readonly keyNow: AnswerKey;
  readonly start: Book;
  onSeed(seed: number): void;
}

/** What no seed may break, tried on a thousand before it is handed out. */
export function TrySeeds({ keyNow, start, onSeed }: TrySeedsProps) {
  const { tried, isRunning, run, end } = useTrial(keyNow, start);
  return (
    <section className="paper" aria-live="polite">
      <h2>Does it hold?</h2>
      <p className="quiet">
        That everything stays in balance, no date crosses a day that counts, no bank account is
        overdrawn, nothing stays open that was closed, and the key earns its own points in full.
      </p>
      {isRunning ? (
        <Button onClick={end}>Stop</Button>
      ) : (
        <Button onClick={() => void run()}>Try 1,000 seeds</Button>
      )}
      {tried && <Progress percent={Math.round((100 * tried.count) / ALL)} showInfo={false} />}
      {tried && (
        <p className={tried.brokenCount === 0 ? 'is-met' : 'is-missed'}>
          {tried.brokenCount === 0
            ? `✓ ${tried.count.toLocaleString('en')} seeds tried, each of them holds.`
            : `× ${tried.brokenCount.toLocaleString('en')} of ${tried.count.toLocaleString('en')} seeds do not hold.`}
        </p>
      )}
      {tried?.broken.map(({ seed, faults }) => (
        <div key={seed} className={styles['broken']}>
          <Button size="small" onClick={() => onSeed(seed)}>
            Show seed {seed}
          </Button>
          <ul>
            {faults.map(({ says }, i) => (
              <li key={i}>{says}</li>
            ))}
          </ul>
        </div>
      ))}
    </section>
  );
}
