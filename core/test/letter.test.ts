import {
  dayIn,
  daysLater,
  instructorLetterOf,
  isPressing,
  letterOf,
  type InstructorNews,
  type LetterNews,
} from '@gleddo/core';

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

describe('a letter to an instructor', () => {
  const nothing: InstructorNews = { asked: [], closed: [], handedIn: [], failed: [] };

  it('is none where there is nothing to tell', () => {
    expect(instructorLetterOf(nothing, to)).toBeNull();
  });

  it('tells what waits for an answer first, and how many came in', () => {
    const letter = instructorLetterOf(
      {
        asked: [{ title: 'Types', many: 1 }],
        closed: [{ title: 'Spring', group: 'Year 1', handedIn: 23, students: 25 }],
        handedIn: [{ title: 'Loans', many: 4 }],
        failed: [{ title: 'Tax', many: 1 }],
      },
      to,
    );
    expect(letter?.subject).toBe('Somebody asks about “Types”, and 3 more');
    expect(letter?.text.split('\n\n').slice(1, 6)).toEqual([
      'Asked, and not answered yet:\n- “Types”, 1 question',
      'Closed:\n- “Spring” for Year 1, 23 of 25 handed in',
      'Handed in, and not marked yet:\n- “Loans”, 4 works',
      'Could not be checked:\n- “Tax”, 1 work',
      'Go on at https://books.school.example/today',
    ]);
  });

  it('waits for the hour of letters where works alone came in', () => {
    const handedIn = [{ title: 'Loans', many: 4 }];
    expect(isPressing({ ...nothing, handedIn })).toBe(false);
    expect(isPressing({ ...nothing, handedIn, failed: handedIn })).toBe(true);
    expect(instructorLetterOf({ ...nothing, handedIn }, to)?.subject).toBe(
      '4 works of “Loans” came in',
    );
  });
});

it('a day is the one that the school’s clock shows', () => {
  const at = Date.parse('2027-03-27T23:30:00Z');
  expect(dayIn('UTC', at)).toEqual({ day: '2027-03-27', hour: 23, minute: 30 });
  expect(dayIn('Europe/Vienna', at)).toEqual({ day: '2027-03-28', hour: 0, minute: 30 });
  expect(dayIn('Asia/Kathmandu', at)).toEqual({ day: '2027-03-28', hour: 5, minute: 15 });
});

describe('days later', () => {
  const said = (zone: string, at: number) => {
    const { day, hour, minute } = dayIn(zone, at);
    return `${day} ${hour}:${String(minute).padStart(2, '0')}`;
  };

  it.each([
    ['Europe/Vienna', '2027-03-26T17:00:00Z', 7, '2027-04-02 18:00'],
    ['Europe/Vienna', '2027-10-25T16:00:00Z', 7, '2027-11-01 18:00'],
    ['Europe/Vienna', '2027-11-01T17:00:00Z', -7, '2027-10-25 18:00'],
    ['UTC', '2027-02-28T12:00:00Z', 1, '2027-03-01 12:00'],
    // The clock goes from 2:00 to 3:00: half past two is not there.
    ['Europe/Vienna', '2027-03-27T01:30:00Z', 1, '2027-03-28 3:30'],
  ])('in %s, %s, by %i days is %s', (zone, at, days, wanted) => {
    expect(said(zone, daysLater(zone, Date.parse(at), days))).toBe(wanted);
  });

  it('keep the time of the day, in any zone, but for an hour that the clock passes over', () => {
    for (let i = 0; i < 300; i++) {
      const at = Date.parse('2027-01-01T00:00:00Z') + i * 29.3 * 3_600_000;
      for (const zone of ['America/New_York', 'Australia/Lord_Howe', 'Asia/Tokyo']) {
        const [before, after] = [dayIn(zone, at), dayIn(zone, daysLater(zone, at, 100))];
        const apart = after.hour * 60 + after.minute - before.hour * 60 - before.minute;
        expect([0, 30, 60]).toContain(apart);
        expect(Date.parse(after.day) - Date.parse(before.day)).toBe(100 * 86_400_000);
      }
    }
  });
});
