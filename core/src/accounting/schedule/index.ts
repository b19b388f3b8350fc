export { madeUntil, planRows } from './plan-rows.js';
