export { type Exercise, type RulesOfTry, USUAL_RULES } from './exercise.js';
export { exerciseFromJson, exerciseToJson, readExercise, writeExercise } from './exercise-json.js';
