import type { BooksTakenOver, ChangedBook, CompanyOrigin as Told } from '@gleddo/contract';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { CompanyOrigin } from '../../src/pages/companies/CompanyOrigin';
import { Refusing, serverThat, shown } from './shown';

const NONE: ChangedBook = { count: 0, latest: [] };
const ONE: ChangedBook = {
  count: 1,
  latest: [{ revision: 1, says: 'Renamed.', by: 'Ruth', at: '2027-03-01T09:00:00.000Z' }],
};
const told = (book: ChangedBook): Told => ({ bookId: 'b', name: 'Quay Lamps', by: 'Ruth', book });

async function opened(origin: () => object, taken?: () => BooksTakenOver | Refusing) {
  serverThat({
    'GET companies/c/origin': origin,
    ...(taken && { 'POST companies/c/origin/book': taken }),
  });
  shown(<CompanyOrigin id="c" />);
  await userEvent.click(screen.getByRole('button', { name: 'Origin' }));
}

test('an origin that is shared no longer is told, and nothing can be taken over', async () => {
  await opened(() => new Refusing(422, { detail: 'It is no longer shared with you.', faults: [] }));
  expect(await screen.findByText(/no longer shared with you/)).toBeTruthy();
  expect(screen.queryByRole('button', { name: /Take over/ })).toBeNull();
});

test('where nothing was changed there is nothing to take over', async () => {
  await opened(() => told(NONE));
  expect(await screen.findByText(/Nothing was changed there/)).toBeTruthy();
  expect(screen.queryByRole('button', { name: /Take over/ })).toBeNull();
});

test('what was taken over is told where the focus goes, with what was left', async () => {
  let book = ONE;
  await opened(
    () => told(book),
    () => {
      book = NONE;
      return { done: 0, refused: ['There is no such account.'] };
    },
  );
  await userEvent.click(await screen.findByRole('button', { name: /Take over/ }));
  const status = await screen.findByRole('status');
  expect(status.textContent).toBe('0 changes were taken over.');
  expect(screen.getByText(/Left as it is here: There is no such account/)).toBeTruthy();
  await waitFor(() => expect(screen.queryByRole('button', { name: /Take over/ })).toBeNull());
  expect(document.activeElement).toBe(status);
});

test('a refusal of the taking stands beside the button, which stays', async () => {
  await opened(
    () => told(ONE),
    () => new Refusing(507, { detail: 'There is no room on the disk.', faults: [] }),
  );
  await userEvent.click(await screen.findByRole('button', { name: /Take over/ }));
  expect(await screen.findByText(/no room on the disk/)).toBeTruthy();
  expect(screen.getByRole('button', { name: /Take over/ })).toBeTruthy();
});
