import type { HintPiece, StepShown } from '@gleddo/core';
import { Button } from 'antd';
import { counted } from '../../platform/figures/counted';
import { Refusal } from '../../platform/shell/Refusal';
import styles from './guide.module.css';
import type { Guiding } from './use-guiding';

const NAMES: Readonly<Record<HintPiece, string>> = {
  where: 'Where to look',
  rule: 'The rule',
  example: 'A like case',
  answer: 'What belongs there',
};

/** Whether something of it can still be told: what is there, or answered, is told of no more. */
const isOpen = ({ done, of }: StepShown['asks'][number]): boolean => done < of;

/** Help at a step, piece by piece: what was told, and one more. */
export function Hints({ step, guiding }: { step: StepShown; guiding: Guiding }) {
  const { hints } = guiding.answer;
  const told = hints.told.filter((each) => each.step === step.id);
  const isAsked = hints.upTo !== null && step.asks.some(isOpen);
  if (!isAsked && told.length === 0) return null;
  // However often it is pressed before it is answered, it is told once: no press is lost, and none counts twice.
  const ask = (answer: boolean) =>
    guiding.hint.mutate({ step: step.id, told: hints.told.length, answer });
  return (
    <section className={styles['hints']} aria-label="Hints" aria-busy={guiding.hint.isPending}>
      <div aria-live="polite">
        {told.map(({ thing, piece, says }) => (
          <p key={`${thing} ${piece}`}>
            <strong>{NAMES[piece]}.</strong> {says}
          </p>
        ))}
      </div>
      {isAsked && (
        <>
          <Button size="small" onClick={() => ask(false)}>
            {told.length === 0 ? 'A hint' : 'Another hint'}
          </Button>
          {hints.cost > 0 && (
            <span className="quiet"> Each costs {counted(hints.cost, 'point')}.</span>
          )}
          {hints.upTo === 'answer' && told.length > 0 && (
            <div>
              <Button size="small" onClick={() => ask(true)}>
                Tell me what belongs there
              </Button>
              <span className="quiet"> It then earns nothing.</span>
            </div>
          )}
          <Refusal of={guiding.hint} />
        </>
      )}
    </section>
  );
}
