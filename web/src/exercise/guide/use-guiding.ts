import type { GuideAnswer } from '@gleddo/contract';
import type { StepShown } from '@gleddo/core';
import { useNavigate } from 'react-router';
import { partOf } from './step-state';
import { useGuideChanges } from './use-guide';

/** What one can do with what leads: go to a step, tick, answer, go on from a later one. */
export function useGuiding(answer: GuideAnswer) {
  const { put, goOn, hint, place } = useGuideChanges();
  const navigate = useNavigate();
  const { ticks } = answer.place;
  // Whoever has gone nowhere yet is at the first.
  const step = answer.place.step ?? answer.guide.steps[0]?.id ?? '';
  return {
    answer,
    put,
    goOn,
    hint,
    goTo(to: StepShown, base: string) {
      place.mutate({ step: to.id, ticks });
      const part = partOf(to);
      if (part !== null) void navigate(`${base}/${part}`);
    },
    tick(name: string) {
      const changed = ticks.includes(name)
        ? ticks.filter((each) => each !== name)
        : [...ticks, name];
      place.mutate({ step, ticks: changed });
    },
    answerTo(question: string, given: string) {
      put.mutate({ question, answer: given });
    },
    goOnFrom(to: StepShown) {
      goOn.mutate(to.id, { onSuccess: () => place.mutate({ step: to.id, ticks }) });
    },
  };
}

export type Guiding = ReturnType<typeof useGuiding>;
