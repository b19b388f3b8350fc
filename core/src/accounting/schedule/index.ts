export { madeUntil, planRows } from './plan-rows.js';
export { lockedRows, proposedSchedule, scheduleKindFor } from './proposed-schedule.js';
