export { ternIsland } from './tern-island.js';
export { pollardRow } from './pollard-row.js';
export { juniperLane } from './juniper-lane.js';
export { nurseryYear } from './nursery-year.js';
