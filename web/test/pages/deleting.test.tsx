import type { Leaving, WouldLeave } from '@gleddo/contract';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { DeleteDialog } from '../../src/platform/leaving/DeleteDialog';
import { LeavingList } from '../../src/platform/leaving/LeavingList';
import { serverThat, shown } from './shown';

const would = (rest: Partial<WouldLeave> = {}): WouldLeave => ({
  ...{ name: 'Ada Finch', days: 30, fate: 'deleted', becomes: 'deleted' },
  hangs: { works: 2, givenBack: 1, practices: 1 },
  ...rest,
});

const dialog = (heirs: readonly { id: string; name: string }[] = []) =>
  shown(<DeleteDialog kind="person" id="p1" heirs={heirs} onClose={() => undefined} />);

describe('before something is deleted', () => {
  it('it is said what goes with it, and when', async () => {
    serverThat({ 'GET leavings/person/p1': () => would() });
    dialog();
    expect(
      await screen.findByText('With them go 2 works and 1 practice, 1 of the works given back.'),
    ).toBeTruthy();
    expect(screen.getByText(/in 30 days; until then it can be taken back/)).toBeTruthy();
  });

  it('a term of no days is said as what it is', async () => {
    serverThat({ 'GET leavings/person/p1': () => would({ days: 0 }) });
    dialog();
    expect(await screen.findByText('It is done at once and can’t be taken back.')).toBeTruthy();
  });

  it('works that stay without a name are told as such, and nothing as going', async () => {
    serverThat({
      'GET leavings/person/p1': () => would({ fate: 'nameless', becomes: 'nameless' }),
    });
    dialog();
    expect(await screen.findByText(/nothing says any more whose they were/)).toBeTruthy();
    expect(screen.queryByText(/With them go/)).toBeNull();
  });

  it('an instructor goes, whatever becomes of students; of a class made nameless the works stay', async () => {
    serverThat({
      'GET leavings/person/p1': () => would({ fate: 'nameless', hangs: {} }),
      'GET leavings/group/g1': () =>
        would({ name: 'Evening class', fate: 'nameless', hangs: { students: 3, works: 5 } }),
    });
    dialog();
    expect(await screen.findByText('Nothing hangs on them.')).toBeTruthy();
    expect(screen.queryByText(/nothing says any more/)).toBeNull();
    shown(<DeleteDialog kind="group" id="g1" heirs={[]} onClose={() => undefined} />);
    expect(
      await screen.findByText(/^Of 3 students in no other class: their works stay/),
    ).toBeTruthy();
    expect(screen.queryByText(/5 works/)).toBeNull();
  });

  it('nothing is asked for until the button says so, and then once', async () => {
    const asked = serverThat({
      'GET leavings/person/p1': () => would(),
      'POST leavings/person/p1': () => undefined,
    });
    dialog();
    await screen.findByText(/With them go/);
    expect(asked.filter(({ what }) => what.startsWith('POST'))).toEqual([]);
    await userEvent.click(screen.getByRole('button', { name: 'Delete' }));
    await waitFor(() =>
      expect(asked.filter(({ what }) => what.startsWith('POST'))).toEqual([
        { what: 'POST leavings/person/p1', body: {} },
      ]),
    );
  });
});

describe('what is to be deleted', () => {
  const leaving = (rest: Partial<Leaving>): Leaving => ({
    ...{ kind: 'person', id: 'p1', name: 'Ada Finch', dueAt: '2027-03-04T10:00:00Z' },
    ...{ becomes: 'deleted', by: 'Ruth Marsh', heir: null, mayTakeBack: true },
    ...rest,
  });

  it('says when, and to whom its things pass; only what may be is taken back', async () => {
    const asked = serverThat({
      'GET leavings': () => [
        leaving({ heir: 'Bo Reed' }),
        leaving({ id: 'p2', name: 'Cy Dale', mayTakeBack: false, becomes: 'nameless' }),
      ],
      'DELETE leavings/person/p1': () => undefined,
    });
    shown(<LeavingList />);
    expect(
      await screen.findByText('is deleted on 4 Mar 2027, what is theirs passes to Bo Reed'),
    ).toBeTruthy();
    expect(screen.getByText('is made nameless on 4 Mar 2027')).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Take back: Cy Dale' })).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'Take back: Ada Finch' }));
    await waitFor(() =>
      expect(asked.map(({ what }) => what)).toContain('DELETE leavings/person/p1'),
    );
  });
});
