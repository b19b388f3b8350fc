export {
  addDays,
  addMonths,
  daysBetween,
  firstYear,
  isDay,
  periodLike,
  shortDay,
  type Period,
} from './calendar.js';
