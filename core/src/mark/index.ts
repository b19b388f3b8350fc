export { checkWork, type Checked, type CheckOptions } from './check-work.js';
export { lostAtStart, pointsOf } from './points.js';
export { checkedToJson } from './checked-json.js';
export { sideBySide, type RowKind, type SideRow, type SideSection } from './side-by-side.js';
export { marginOf, type Margin, type MarginResult } from './margin.js';
export { stillOpen } from './still-open.js';
export { keptPairs, keptResults, type KeptPair, type KeptResult } from './kept-result.js';
