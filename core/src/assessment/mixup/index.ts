export {
  distinctionOf,
  DISTINCTION_IDS,
  DISTINCTIONS,
  distinctionsOfType,
  type Distinction,
} from './distinctions.js';
export { defensible } from './judgement.js';
export { takenFor, tellsApart } from './mixup-of.js';
export { mixUpsInWork, type MixUpsInWork } from './mixups-in-work.js';
