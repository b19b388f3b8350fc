export { checkWork, pointsOf, type Checked, type CheckOptions } from './check-work.js';
export { checkedToJson } from './checked-json.js';
