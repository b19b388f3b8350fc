import type { OwnFigures } from '../../model/exercise-shapes/own-figures.js';
import { quantitiesFor, type Drawing } from '../../model/chance/draw.js';
import { ownKey, ownStart } from '../variant/own-key.js';
import type { Exercise } from './exercise.js';
import { wordsBy } from '../../assessment/question/fill-words.js';

/** The quantities as they were drawn, so that formulas that name them mean the same in the new file. */
function fixed(figures: OwnFigures, seed: number): OwnFigures {
  const drawn = quantitiesFor(figures, seed);
  const quantities = (figures.quantities ?? []).map((quantity) => {
    const value = String(drawn.get(quantity.name) ?? quantity.from);
    return { ...quantity, from: value, to: value };
  });
  return quantities.length === 0 ? {} : { quantities };
}

/** An exercise with one student’s own figures: key, start, brief and steps; nothing in it is drawn any more. */
export function ownExercise(exercise: Exercise, drawing: Drawing): Exercise {
  const { figures } = exercise.key;
  if (!figures) return exercise;
  const own = ownKey(exercise.key, drawing);
  const fill = wordsBy(own);
  const { drawn: _, figures: __, ...key } = own;
  const left = fixed(figures, drawing.seed);
  const { guide } = exercise;
  return {
    ...exercise,
    brief: fill(exercise.brief),
    guide: {
      ...guide,
      ...(guide.assumes === undefined ? {} : { assumes: fill(guide.assumes) }),
      ...(guide.steps
        ? {
            steps: guide.steps.map((step) =>
              step.words === undefined ? step : { ...step, words: fill(step.words) },
            ),
          }
        : {}),
    },
    key: Object.keys(left).length === 0 ? key : { ...key, figures: left },
    start: ownStart(exercise.start, exercise.key, { own, drawing }),
  };
}
