export { people, sessions } from './people.js';
export { formerMembers, groups, members } from './groups.js';
export { books, bookMoments, bookOperations, bookSnapshots } from './books.js';
export { companies } from './companies.js';
export { exerciseChanges, exercises, handOuts, keys, moreTimes, trialRuns } from './exercises.js';
export {
  checkJobs,
  checks,
  checkTasks,
  earlierTries,
  filedTables,
  corrections,
  notes,
  stockNotes,
  tries,
} from './tries.js';
export { answers, drillAnswers, drillsAsked, guidePlaces, hints } from './guides.js';
export { pictures, practices } from './guides.js';
export { audit } from './audit.js';
export { house } from './house.js';
export { leavings } from './leavings.js';
export { words } from './words.js';
export { shares } from './shares.js';
export { signInLinks } from './sign-in-links.js';
export { letters } from './letters.js';
export { presences } from './presences.js';
export { samples } from './samples.js';
export { openWorks } from './open-works.js';
export { excused, termWeights } from './term.js';
export {
  platformCourses,
  platformKeys,
  platformLinks,
  platformNonces,
  platformPeople,
  platforms,
  platformScores,
  platformStaff,
} from './platforms.js';
