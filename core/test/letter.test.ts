import { dayIn, letterOf, type LetterNews } from '@gleddo/core';

const NOTHING: LetterNews = { closing: [], givenBack: [], answered: [], handedOut: [] };
const NOW = Date.parse('2027-04-15T15:00:00Z');
const to = {
  ...{ name: 'Ada Finch', address: 'https://books.school.example' },
  ...{ zone: 'Europe/Vienna', now: NOW },
};
const closing = { title: 'Spring', closesAt: Date.parse('2027-04-16T16:00:00Z') };

describe('a letter', () => {
  it('is none where there is nothing to tell', () => {
    expect(letterOf(NOTHING, to)).toBeNull();
  });

  it('tells all in one, the most pressing first and in the subject, by the school’s clock', () => {
    const letter = letterOf(
      {
        ...{ closing: [closing], givenBack: [{ title: 'Types' }] },
        answered: [{ title: 'Types', many: 2 }],
        handedOut: [
          { title: 'Loans', closesAt: null },
          { title: 'Tax', closesAt: Date.parse('2028-01-03T09:30:00Z') },
        ],
      },
      to,
    );
    expect(letter?.subject).toBe('“Spring” closes Fri 16 Apr, 18:00, and 4 more');
    expect(letter?.text).toBe(`Dear Ada Finch,

Closes soon, and you have not handed it in:
- “Spring” closes Fri 16 Apr, 18:00

Given back, marked:
- “Types”

Answered:
- “Types”, 2 words

Handed out:
- “Loans”
- “Tax”, open until Mon 3 Jan 2028, 10:30

Go on at https://books.school.example/mine

There is one letter a day at most. You turn them off under “My sign-in”: https://books.school.example/password
`);
  });

  it.each([
    [{ givenBack: [{ title: 'Types' }] }, '“Types” is given back'],
    [{ answered: [{ title: 'Types', many: 1 }] }, 'There is an answer about “Types”'],
    [{ handedOut: [{ title: 'Loans', closesAt: null }] }, '“Loans” is handed out'],
  ])('of %j alone says so in its subject', (news, subject) => {
    expect(letterOf({ ...NOTHING, ...news }, to)?.subject).toBe(subject);
  });
});

it('a day is the one that the school’s clock shows', () => {
  const at = Date.parse('2027-03-27T23:30:00Z');
  expect(dayIn('UTC', at)).toEqual({ day: '2027-03-27', hour: 23, minute: 30 });
  expect(dayIn('Europe/Vienna', at)).toEqual({ day: '2027-03-28', hour: 0, minute: 30 });
  expect(dayIn('Asia/Kathmandu', at)).toEqual({ day: '2027-03-28', hour: 5, minute: 15 });
});
