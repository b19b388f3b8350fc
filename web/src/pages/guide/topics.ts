import { matchPath } from 'react-router';

type Role = 'instructor' | 'student';

/** What is said of a page, or of a part of a book wherever it is worked on. */
export interface Topic {
  readonly id: string;
  readonly title: string;
  /** Whose page it is; absent: everybody's. */
  readonly of?: Role;
  /** The addresses of the pages that it explains. */
  readonly pages: readonly string[];
  /** Markdown. */
  readonly says: string;
}

/** A part of a book, at whichever address the book is open. */
const part = (name: string): string[] => [
  `/companies/:bookId/${name}/*`,
  `/exercises/:id/key/${name}/*`,
  `/exercises/:id/start/${name}/*`,
  `/exercises/:id/try/${name}/*`,
  `/results/:id/book/:bookId/${name}`,
  `/mine/:id/${name}`,
  `/practice/:id/${name}`,
];

const FOR_INSTRUCTORS: readonly Topic[] = [
  {
    ...{ id: 'today', title: 'Today', pages: ['/today'] },
    says: `What waits for you, over all your classes: works to mark, questions at notes, who is stuck in a class at work, what could not be checked, what opens and closes within eight days. Each line leads to where it is done. Until your first exercise is handed out, the steps to it stand here, the next one marked.`,
  },
  {
    ...{ id: 'term', title: 'The term', pages: ['/term'] },
    says: `What opens, closes and was given back, week by week. Drag a day to another, or press it: what that means for those who have begun is said before it is done. *Take it over* hands out to another class what one had, so many weeks later, at the same time of the day.`,
  },
  {
    ...{ id: 'companies', title: 'Practice companies', pages: ['/companies', '/companies/new'] },
    says: `A practice company is a book that you keep in order to make exercises from it. A new one asks four things and begins empty, from a starter chart for a trade, from another company, or from a file. A copy knows its *Origin*: what was changed there since is told, and taken over where it still fits. What is put away stands below the list and can be brought back.`,
  },
  {
    ...{ id: 'profile', title: 'Profile', pages: part('profile') },
    says: `What the company is: its words (British or American), legal form, currency and year; *Figures and days as in* which place, so that amounts and days are written, typed, sorted, printed and saved as there (1.234,50; the month first); the scheme that decides where accounts stand; the number plan; tax lists; how stock is kept; the end of the year; and up to which day entries are locked. What a change does to accounts and entries is said before it is done.`,
  },
  {
    ...{ id: 'exercises', title: 'Exercises', pages: ['/exercises'] },
    says: `An exercise is a brief, a starting point, an answer key, points, and the rules of the try. Begin one **from the shelf** (ready, in eight companies), **from a problem’s text** (each sentence becomes an entry that you look at), from a company of yours, or from a file.`,
  },
  {
    ...{ id: 'problem', title: 'From a problem’s text', pages: ['/exercises/from-a-text'] },
    says: `Paste the text. Each sentence stands beside the entry that it tells. *Enter* takes it, *2* takes the other reading, *F2* lets you say something else. What is a guess asks; what is not understood says why. What you take becomes a company, a key, and steps whose figures follow the key.`,
  },
  {
    ...{ id: 'shelf', title: 'The shelf', pages: ['/exercises/shelf', '/exercises/shelf/:ready'] },
    says: `Ready exercises by subject, each tried with a thousand sets of figures. Look at one as students see it, then *take it and hand it out*, or take it to change it. What you took before is named, with the class that has it.`,
  },
  {
    ...{ id: 'brief', title: 'Brief', of: 'instructor', pages: ['/exercises/:id/brief'] },
    says: `What is asked, in Markdown, beside what students will see. Everything of an exercise is saved part by part: what a colleague changes meanwhile stays, and what both changed is asked. Who else has it open, and on which page, stands at its head. Under it stands what was changed by whom; each change can be taken back, or compared with how it was before.`,
  },
  {
    ...{ id: 'steps', title: 'Steps', pages: ['/exercises/:id/steps'] },
    says: `What leads through the exercise: each step has words, papers beside the work, and what it asks for. *Propose* makes them from the key. A figure of the key stands in the words as \`{= total("profit") }\` and moves with it. A question’s right answer is a formula, too; its why can be your own.`,
  },
  {
    ...{ id: 'key', title: 'Answer key', pages: ['/exercises/:id/key/*'] },
    says: `Your own finished book: make the key by doing the exercise. A change makes a new version; works checked before keep their marks until you check again, and what would change is shown first.`,
  },
  {
    ...{ id: 'also-right', title: 'Also right', pages: ['/exercises/:id/also-right'] },
    says: `What else is right: other names, other types where two places can be argued, other days of an entry, what may be left out, what is not to be set up. Set it beforehand with its reason, or accept it while marking. What there is to earn stays as it is.`,
  },
  {
    ...{ id: 'start', title: 'Starting point', pages: ['/exercises/:id/start/*'] },
    says: `What every student begins with. What the start already holds earns nothing. Work that is begun keeps the start it was begun with.`,
  },
  {
    ...{ id: 'checks', title: 'Checks', pages: ['/exercises/:id/checks'] },
    says: `What the exercise is about decides what weighs how much; change a weight by itself where you like. **To learn** allows all help; **a test** tells nothing before it is given back. Hints go as far, and cost as much, as you say. Days at which statements are compared stand here, too.`,
  },
  {
    ...{ id: 'own-figures', title: 'Own figures', pages: ['/exercises/:id/own-figures'] },
    says: `*Vary every amount* draws each amount for each student, as round as it is, and what settles it with it; the key, papers and check figures follow. How many different sets there are is shown. Copied figures are told, also where they were multiplied or moved.`,
  },
  {
    ...{ id: 'try', title: 'Try it', pages: ['/exercises/:id/try/*', '/exercises/:id/try'] },
    says: `Do it as a student would: it counts nowhere. Or *spoil a copy* of the key and see what its faults cost.`,
  },
  {
    ...{ id: 'hand-out', title: 'Hand out', pages: ['/exercises/:id/hand-out'] },
    says: `To which classes, from when to when, what becomes of late work, how long a try lasts and how often one may try. Before it goes out, *Can it be solved?* looks through it with a hundred sets of figures: what a student can’t know is listed, with a way to mend it.`,
  },
  {
    ...{ id: 'versions', title: 'Compare', pages: ['/exercises/:id/versions'] },
    says: `The exercise beside itself as it was, beside the one of which it is a copy, or beside another of yours. Tick what is to stand here, too; all else stays, and each step can be taken back.`,
  },
  {
    ...{ id: 'groups', title: 'Class groups', pages: ['/groups', '/groups/:id'] },
    says: `Paste the school’s list, or choose its file. What it will do is said first: who is new, known, changed, or can’t be told. *Change* beside a name: rename, move, take out (their work stays), put two together that are one, a new password or a link to choose one. *Share* lets a colleague teach along or assist.`,
  },
  {
    ...{ id: 'marks', title: 'Marks over the term', pages: ['/groups/:id/marks'] },
    says: `Every exercise of the class by its weight, without the worst so many. Press a mark and it does not count for that student. Of several tries counts what the class has: the best, the last or their mean.`,
  },
  {
    ...{ id: 'mix-ups', title: 'Mix-ups', pages: ['/groups/:id/mix-ups'] },
    says: `What the class takes for what: how often each distinction was asked, and missed. Ask a drill of those who need it, or go to exercises that practise it.`,
  },
  {
    ...{ id: 'results', title: 'Results', pages: ['/results', '/results/:id'] },
    says: `The class as a table of students and what was checked; where accounts were placed; what was missed most; whose work has another’s figures, or the same odd faults. **At work now** shows, while they work, who is where and who is stuck. **Class by class** shows what the exercise told over the years.`,
  },
  {
    ...{ id: 'files', title: 'Work from files', pages: ['/results/:id/files'] },
    says: `Lists and books from any program, one or a pile. Columns are told by what stands in them, signs by arithmetic. A file that was not read whole has no mark before somebody has looked at what was not understood.`,
  },
  {
    ...{ id: 'marking', title: 'Marked work', pages: ['/marking/:tryId'] },
    says: `The student’s statements beside the key’s, with notes in the margin. What only follows from a fault already marked costs nothing again. Change a mark, add a note, accept another answer: whose marks would change is shown before. *N* and *P* go to the next and the previous student.`,
  },
  {
    ...{ id: 'earlier', title: 'An earlier try', pages: ['/marking/:tryId/earlier/:number'] },
    says: `Where a class has several tries: one of before, as it was given back, with its notes and beside the key that it was checked with. It is there to be looked at; marks are changed in the latest.`,
  },
  {
    ...{ id: 'pairs', title: 'Pairs', pages: ['/marking/:tryId/pairs'] },
    says: `Which of the student’s accounts was taken for which of the key’s, the doubtful first, with the reasons. Join or part two by hand: that is kept through every later check.`,
  },
  {
    ...{ id: 'platform', title: 'From the school’s platform', of: 'instructor' },
    pages: ['/from-platform/who/:token', '/from-platform/link/:id'],
    says: `Once, you say that it is you who comes from there, to which exercise a place in its course leads, and which class the course is. From then on students land in the exercise, and marks go back when you give them back.`,
  },
  {
    ...{ id: 'people', title: 'People', pages: ['/people'] },
    says: `The instructors of the house. Each has companies, exercises and classes of their own, and shares what they like. A link to choose a password works once, for two weeks. Who leaves passes their things on.`,
  },
  {
    ...{ id: 'house', title: 'House', pages: ['/house'] },
    says: `Whether all runs: the last backup, room on the disk, what waits and why; who did what to whose marks and access; how long what is deleted can be taken back; the school’s learning platforms.`,
  },
];

const FOR_STUDENTS: readonly Topic[] = [
  {
    ...{ id: 'mine', title: 'My exercises', pages: ['/mine'] },
    says: `What is to be done stands first: what closes soonest. Press a title to begin or go on. What came back is here with its marks, where they are shown, and what your term comes to so far.`,
  },
  {
    ...{ id: 'my-work', title: 'Your work', of: 'student', pages: ['/mine/:id', '/mine/:id/:tab'] },
    says: `A book of your own. It is saved as you go, also without a line, and nothing is ever lost: *Undo* takes back, *History* shows every moment. The period key **.** leads to the next thing to do. **Hand in** looks with you at what is still open before it goes.`,
  },
  {
    ...{ id: 'given-back', title: 'Given back', of: 'student', pages: ['/mine/:id/given-back'] },
    says: `Your work with its notes in the margin: what is there, what belongs there, why, and what to do now, as far as your instructor tells it. *Ask about this* asks at a note. Where it is allowed, put it right in a copy, or try again from the start.`,
  },
  {
    ...{ id: 'put-right', title: 'Put it right', of: 'student', pages: ['/mine/:id/put-right/*'] },
    says: `A copy of your work that counts nowhere. Mend what was wrong and look what is still open; the marks of the work itself stay.`,
  },
  {
    ...{
      id: 'earlier',
      title: 'A try of before',
      of: 'student',
      pages: ['/mine/:id/earlier/:number'],
    },
    says: `As it was given back to you. It stays so; what counts of several tries your class says.`,
  },
  {
    ...{ id: 'practice', title: 'Practice', of: 'student' },
    pages: ['/practice', '/practice/drill', '/practice/:id', '/practice/:id/:part'],
    says: `Do an exercise again with new figures, as often as you like, checked at once and without marks. Drills ask where accounts belong; what you missed comes again soon, what you know later.`,
  },
];

const FOR_ALL: readonly Topic[] = [
  {
    ...{ id: 'chart', title: 'Chart', pages: [...part('chart'), '/mine/:id/chart'] },
    says: `The open spread: the balance sheet on the left page, profit and loss on the right. A place says everything: type a name in the empty line of a section and type, normal side and number follow. Enter keeps it and opens the next line. Move an account by dragging or with Alt and the arrows; press it to open its slip. The figures move as you type.`,
  },
  {
    ...{ id: 'opening', title: 'Opening', pages: part('opening') },
    says: `What each account stood at when the books begin. Type amounts on the pages; the foot says what is still missing until both sides agree. A difference waits in suspense, visibly, until it is placed.`,
  },
  {
    ...{ id: 'journal', title: 'Journal', pages: part('journal') },
    says: `A day, words, and lines of debit and credit that balance. *Ctrl Enter* records. What balances the entry is offered. An account is found in short: by the last digits of its number, the beginnings of its words or their first letters (*pi* for *Prepaid insurance*). Search by words, amounts, account or party. Entries that documents made are changed at the document. A journal is pasted from a spreadsheet; what was understood is seen before it is recorded.`,
  },
  {
    ...{ id: 'documents', title: 'Documents', pages: part('documents') },
    says: `Customers, suppliers, items; deliveries, invoices, payments, credit notes. Each makes its entry by the company’s rules. Under *Tax* a tax code gets its rate: lines of invoices can have it then, on top of their prices or in them, and the return of any period tells both sides. Several are pasted from a spreadsheet, row by row. Schedules spread what is paid ahead, earned later or used up over time, to the cent.`,
  },
  {
    ...{ id: 'statements', title: 'Statements', pages: part('statements') },
    says: `Balance sheet, profit and loss, trial balance, changes in equity, cash flow, ledger: at any day, beside any other, in as much detail as you like. Each figure opens into its accounts, their lines and entries.`,
  },
  {
    ...{ id: 'history', title: 'History', pages: part('history') },
    says: `Every change in its order, by whom and when. Look at the book as it was at any moment, give a moment a name, go back to it. Nothing is lost by going back.`,
  },
  {
    ...{
      id: 'company',
      title: 'Company and health',
      pages: [...part('company'), ...part('health')],
    },
    says: `What is set of the company, where that is part of what is asked; and what can be said of a book without any key: what does not agree, and where to look.`,
  },
  {
    ...{ id: 'sign-in', title: 'My sign-in', pages: ['/password'] },
    says: `Your password, where else you are signed in, a second device to sign in by, letters to you, and all that is kept of you as a file.`,
  },
  {
    ...{ id: 'guide', title: 'Guide', pages: ['/guide', '/guide/:topic'] },
    says: `All that is said of the pages, in their order. **?** explains the page that you are on; **/** finds an account, a page, or what is explained here.`,
  },
];

const ALL: readonly Topic[] = [
  ...FOR_INSTRUCTORS.map((topic): Topic => ({ ...topic, of: topic.of ?? 'instructor' })),
  ...FOR_STUDENTS.map((topic): Topic => ({ ...topic, of: topic.of ?? 'student' })),
  ...FOR_ALL,
];

/** All that is said to somebody, in the order in which one comes to it. */
export const topicsFor = (role: Role): readonly Topic[] =>
  ALL.filter(({ of = role }) => of === role);

const isExact = (pattern: string): boolean => !pattern.includes(':tab') && !pattern.endsWith('/*');

/** What is said of a page: of the part that is open before the whole that it belongs to. */
export function topicsAt(pathname: string, role: Role): readonly Topic[] {
  const found = topicsFor(role).flatMap((topic) => {
    const pattern = topic.pages.find((each) => matchPath(each, pathname));
    return pattern === undefined ? [] : [{ topic, pattern }];
  });
  return found
    .sort(
      (a, b) =>
        Number(isExact(b.pattern)) - Number(isExact(a.pattern)) ||
        b.pattern.length - a.pattern.length,
    )
    .map(({ topic }) => topic);
}
