export { checkWork, type CheckOptions, type Checked } from './check-work.js';
export { lostAtStart } from './points.js';
export { checkedToJson } from './checked-json.js';
export { sideBySide, type SideRow, type SideSection } from './side-by-side.js';
export { marginOf, type Margin } from './margin.js';
export { stillOpen } from './still-open.js';
export { keptPairs, keptResults, type KeptPair, type KeptResult } from './kept-result.js';
export { missingIn, pairedByHand, pairLines, type PairLine, type Sureness } from './pair-list.js';
export { figureWith, linesOnTheirWay, type LineOnItsWay } from './what-if.js';
