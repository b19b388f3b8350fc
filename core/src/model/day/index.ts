export {
  addDays,
  addMonths,
  firstYear,
  isDay,
  periodLike,
  shortDay,
  type Period,
} from './calendar.js';
