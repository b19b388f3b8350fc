import type { ExerciseAnswer } from '@gleddo/contract';
import {
  EXERCISE_PARTS,
  USUAL_RULES,
  withPartChanges,
  type ExerciseParts,
  type PartChange,
} from '@gleddo/core';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { BriefView } from '../../src/pages/exercises/BriefView';
import { ChecksView } from '../../src/pages/exercises/ChecksView';
import { useExercise } from '../../src/pages/exercises/use-exercise';
import { Refusing, serverThat, shown } from './shown';

const PARTS: ExerciseParts = {
  ...{ title: 'Quarter-end', brief: 'Do it.', rules: USUAL_RULES },
  ...{ keyRules: { points: { 'account.type': 3 } }, guide: {} },
};

/** A server that keeps an exercise part by part, which others change, too. */
function house() {
  let parts = PARTS;
  const answer = (): object => {
    const { rules, ...rest } = parts;
    return { id: 'e1', startBookId: 's', keyBookId: 'k', state: 'draft', ...rest, ...rules };
  };
  const change = (changes: readonly PartChange[]) => {
    const { document, overtaken } = withPartChanges(EXERCISE_PARTS, parts, changes);
    if (overtaken.length > 0)
      return new Refusing(409, { detail: 'Somebody has changed it.', faults: [] });
    parts = { ...parts, ...(document as ExerciseParts) };
    return answer();
  };
  const asked = serverThat({
    'GET exercises/e1': answer,
    'GET exercises/e1/changes': () => [],
    'GET books/s': () => new Refusing(404, { detail: 'Not here.' }),
    'GET books/k': () => new Refusing(404, { detail: 'Not here.' }),
    'POST exercises/e1/changes': (body) =>
      change((body as { changes: readonly PartChange[] }).changes),
  });
  return { asked, change, now: () => parts };
}

function Page({ of: View }: { of: (props: { exercise: ExerciseAnswer }) => React.ReactNode }) {
  const { data } = useExercise('e1');
  return data ? <View exercise={data} /> : null;
}

beforeEach(() => sessionStorage.clear());

const save = () => userEvent.click(screen.getByRole('button', { name: /^Save/ }));

describe('a page of an exercise', () => {
  it('sends the parts that were changed on it and nothing else', async () => {
    const { asked } = house();
    shown(<Page of={BriefView} />);
    await userEvent.type(await screen.findByLabelText('Title'), ', again');
    await save();
    await screen.findByText('Saved');
    expect(asked.filter(({ what }) => what.startsWith('POST'))).toEqual([
      {
        what: 'POST exercises/e1/changes',
        body: { changes: [{ at: '/title', was: 'Quarter-end', now: 'Quarter-end, again' }] },
      },
    ]);
  });

  it('leaves what others changed meanwhile as they made it', async () => {
    const { change, now } = house();
    shown(<Page of={BriefView} />);
    await userEvent.type(await screen.findByLabelText('Title'), '!');
    change([{ at: '/keyRules/points/account.type:bank', now: 7 }]);
    change([{ at: '/brief', was: 'Do it.', now: 'Do it well.' }]);
    await save();
    await screen.findByText('Saved');
    expect(now()).toMatchObject({
      ...{ title: 'Quarter-end!', brief: 'Do it well.' },
      keyRules: { points: { 'account.type': 3, 'account.type:bank': 7 } },
    });
  });

  it('says what was changed elsewhere too, and lets one say which stands', async () => {
    const { change, now } = house();
    shown(<Page of={BriefView} />);
    await userEvent.type(await screen.findByLabelText('Title'), ' mine');
    change([{ at: '/title', was: 'Quarter-end', now: 'Year-end' }]);
    await save();
    expect(await screen.findByText(/Somebody has changed the title since you began/)).toBeTruthy();
    expect(now().title).toBe('Year-end');
    expect(screen.getByLabelText<HTMLInputElement>('Title').value).toBe('Year-end');
    await userEvent.click(screen.getByRole('button', { name: 'Put mine in its place' }));
    await save();
    await waitFor(() => expect(now().title).toBe('Quarter-end mine'));
  });

  it('takes what is typed over it for the answer', async () => {
    const { change, now } = house();
    shown(<Page of={BriefView} />);
    await userEvent.type(await screen.findByLabelText('Title'), ' mine');
    change([{ at: '/title', was: 'Quarter-end', now: 'Year-end' }]);
    await save();
    await screen.findByText(/Somebody has changed the title/);
    await userEvent.type(screen.getByLabelText('Title'), ', both');
    expect(screen.queryByText(/Somebody has changed the title/)).toBeNull();
    await save();
    await waitFor(() => expect(now().title).toBe('Year-end, both'));
  });

  it('or leaves it as it is now', async () => {
    const { change, asked } = house();
    shown(<Page of={BriefView} />);
    await userEvent.type(await screen.findByLabelText('Title'), ' mine');
    change([{ at: '/title', was: 'Quarter-end', now: 'Year-end' }]);
    await save();
    await screen.findByText(/Somebody has changed the title/);
    const before = asked.length;
    await userEvent.click(screen.getByRole('button', { name: 'Leave it so' }));
    expect(await screen.findByText('Saved')).toBeTruthy();
    expect(screen.queryByRole('alert')).toBeNull();
    expect(asked).toHaveLength(before);
  });

  it('changes points and rules of the try each by itself', async () => {
    const { asked } = house();
    shown(<Page of={ChecksView} />);
    await userEvent.click(await screen.findByRole('checkbox', { name: /^Practising As often/ }));
    await save();
    await waitFor(() => expect(asked.at(-1)?.what).toMatch(/changes$/));
    expect(asked.find(({ what }) => what.startsWith('POST'))?.body).toEqual({
      changes: [{ at: '/rules/mayPractise', was: false, now: true }],
    });
  });
});
