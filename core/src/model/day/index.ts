export {
  addDays,
  addMonths,
  daysBetween,
  firstYear,
  isDay,
  periodLike,
  shortDay,
  type DayOrder,
  type Period,
} from './calendar.js';
