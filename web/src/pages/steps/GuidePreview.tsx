import { guideShown, ownKey, ownStart, type AnswerKey, type Book, type Step } from '@gleddo/core';
import { useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { Paper, type Ticking } from '../../book/papers/Paper';
import { Brief } from '../../book/words/Brief';
import { OfSeed } from '../own-figures/OfSeed';
import type { GuideDraft } from './guide-draft';
import styles from './steps.module.css';

interface GuidePreviewProps {
  readonly keyNow: AnswerKey;
  readonly start: Book;
  readonly draft: GuideDraft;
  readonly step: Step | null;
  onChoose(step: string): void;
}

/** What students will see of the steps, with the figures of any seed. */
export function GuidePreview({ keyNow, start, draft, step, onChoose }: GuidePreviewProps) {
  const [seed, setSeed] = useState(1);
  const shown = useMemo(() => {
    const key = ownKey(keyNow, { seed });
    const begun = ownStart(start, keyNow, { own: key, drawing: { seed } });
    return guideShown({ key, start: begun, work: begun, guide: draft.guide, answers: new Map() });
  }, [keyNow, start, draft, seed]);
  const current = shown.steps.find(({ id }) => id === step?.id);
  return (
    <section className={`paper ${styles['preview']}`} aria-label="As students see it">
      <p className="mark-says">
        as students see it{' '}
        {keyNow.figures && <OfSeed seed={seed} onSeed={(typed) => setSeed(typed ?? 1)} />}
      </p>
      {shown.assumes !== '' && <Brief text={shown.assumes} />}
      <ol className={styles['list']}>
        {shown.steps.map(({ id, title }) => (
          <li key={id} aria-current={id === step?.id ? 'step' : undefined}>
            <button type="button" className="link-button" onClick={() => onChoose(id)}>
              {title}
            </button>
          </li>
        ))}
      </ol>
      {current && <StepPreview {...{ current, shown }} />}
    </section>
  );
}

type Shown = ReturnType<typeof guideShown>;

function StepPreview({ current, shown }: { current: Shown['steps'][number]; shown: Shown }) {
  const { id = '' } = useParams();
  const pictures = `/api/exercises/${id}/pictures`;
  const sheets = shown.sheets.filter(({ id }) => current.sheets.includes(id));
  return (
    <>
      <h3>{current.title}</h3>
      {current.words !== '' && <Brief text={current.words} />}
      {current.figures.map(({ name, value }) => (
        <p key={name}>
          <strong>Check figure</strong> {name}: <strong>{value}</strong>
        </p>
      ))}
      {current.questions.map(({ id: question, text, options }) => (
        <div key={question}>
          <Brief text={text} />
          {options.length > 0 && (
            <ul>
              {options.map((option, i) => (
                <li key={i}>{option}</li>
              ))}
            </ul>
          )}
        </div>
      ))}
      {sheets.map((sheet) => (
        <Paper key={sheet.id} {...{ sheet, pictures }} company={shown.company} ticking={UNTICKED} />
      ))}
    </>
  );
}

const UNTICKED: Ticking = { isTicked: () => false, onTick: null };
