import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Sample } from '../../src/pages/today/Sample';
import { Refusing, serverThat, shown } from './shown';

describe('a sample to look around in', () => {
  it('is laid out by a click; why it can’t be is said there', async () => {
    const says = 'The sample is being laid out just now. Try again in a moment.';
    serverThat({
      'POST sample': () => new Refusing(422, { detail: says }),
    });
    shown(<Sample sample={null} />);
    expect(screen.queryByRole('link')).toBeNull();
    await userEvent.click(screen.getByRole('button', { name: 'Lay out a sample' }));
    expect(await screen.findByText(says)).toBeTruthy();
  });

  it('leads to what of it is still there, and is thrown away when that is confirmed', async () => {
    let isThere = true;
    serverThat({ 'DELETE sample': () => (isThere = false) });
    shown(<Sample sample={{ groupId: 'g1', exerciseIds: ['e1'], companyBookId: null }} />);
    const links = screen.getAllByRole('link').map((each) => each.getAttribute('href'));
    expect(links).toEqual(['/results/e1', '/exercises/e1', '/groups/g1']);
    await userEvent.click(screen.getByRole('button', { name: 'Throw the sample away' }));
    expect(isThere).toBe(true);
    await userEvent.click(await screen.findByRole('button', { name: 'Throw it away' }));
    await waitFor(() => expect(isThere).toBe(false));
  });
});
