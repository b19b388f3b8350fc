export { checkpoint } from './checkpoint.js';
export { type Exercise, type RulesOfTry, USUAL_RULES } from './exercise.js';
export { exerciseFromJson, exerciseToJson, readExercise, writeExercise } from './exercise-json.js';
export { filledWords, wordsBy } from './fill-words.js';
export { faultsOfGuide, faultsOfQuestions } from './guide-faults.js';
export { guideShown } from './guide-shown.js';
export type { GuideShown, QuestionShown, SheetShown, StepShown } from './guide-shown.js';
export { ownExercise } from './own-exercise.js';
export { proposedGuide } from './proposed-guide.js';
