import type { HintShown, HintsShown } from '@gleddo/contract';
import { HINT_PIECES, type HintPiece, type StepShown } from '@gleddo/core';
import { Button } from 'antd';
import { Refusal } from '../../platform/shell/Refusal';
import styles from './guide.module.css';
import type { Guiding } from './use-guiding';

const NAMES: Readonly<Record<HintPiece, string>> = {
  where: 'Where to look',
  rule: 'The rule',
  example: 'A like case',
  answer: 'What belongs there',
};

const points = (n: number): string => `${n} ${n === 1 ? 'point' : 'points'}`;

/** What the next piece will cost, as far as that can be told before. */
function costSays({ cost, upTo }: HintsShown, told: readonly HintShown[]): string {
  const last = told.at(-1);
  const isNextAnswer = upTo === 'answer' && last?.piece === HINT_PIECES.at(-2);
  if (isNextAnswer) return 'The next tells what belongs there: it then earns nothing.';
  return cost === 0 ? '' : `Each costs ${points(cost)}.`;
}

/** Whether something of it can still be told: questions are answered by oneself. */
const isOpen = ({ kind, done, of }: StepShown['asks'][number]): boolean =>
  kind !== 'questions' && done < of;

/** Help at a step, piece by piece: what was told, and one more. */
export function Hints({ step, guiding }: { step: StepShown; guiding: Guiding }) {
  const { hints } = guiding.answer;
  const told = hints.told.filter((each) => each.step === step.id);
  const isAsked = hints.upTo !== null && step.asks.some(isOpen);
  if (!isAsked && told.length === 0) return null;
  const cost = costSays(hints, told);
  return (
    <section className={styles['hints']} aria-label="Hints">
      <div aria-live="polite">
        {told.map(({ thing, piece, says }) => (
          <p key={`${thing} ${piece}`}>
            <strong>{NAMES[piece]}.</strong> {says}
          </p>
        ))}
      </div>
      {isAsked && (
        <>
          <Button
            size="small"
            loading={guiding.hint.isPending}
            onClick={() => guiding.hint.mutate(step.id)}
          >
            {told.length === 0 ? 'A hint' : 'Another hint'}
          </Button>
          {cost !== '' && <span className="quiet"> {cost}</span>}
          <Refusal of={guiding.hint} />
        </>
      )}
    </section>
  );
}
