export { addDays, addMonths, firstYear, isDay, periodLike, type Period } from './calendar.js';
