import { accountOddities } from './account-oddities.js';
import { entryOddities } from './entry-oddities.js';
import { asTyped, type CheckedBook, type Oddity } from './oddity.js';

/** Whose work is odder than that is alike to nobody’s that is not. */
const MOST = 400;

/** All that is odd in a work, each once, no more than anybody’s honest work has. A work that came without entries or answers has none in them. */
export function odditiesOf(of: CheckedBook): Oddity[] {
  const all = [...accountOddities(of), ...entryOddities(of), ...answerOddities(of)];
  return [...new Map(all.map((each) => [each.name, each])).values()].slice(0, MOST);
}

function answerOddities({ key, checked, answers }: CheckedBook): Oddity[] {
  const wrong = checked.results.filter(
    ({ subject, outcome }) => subject.kind === 'question' && outcome === 'not-met',
  );
  return wrong.flatMap(({ subject }) => {
    const id = subject.kind === 'question' ? subject.id : '';
    const answer = answers.get(id) ?? '';
    if (answer.trim() === '') return [];
    const name = `answer ${id} ${asTyped(answer)}`;
    const text = key.questions.find((each) => each.id === id)?.text ?? '';
    return [{ name, kind: name, says: `the answer “${answer}” to “${text}”` }];
  });
}
