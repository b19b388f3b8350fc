export { defensible } from './judgement.js';
export { mixUpOf, takenFor } from './mixup-of.js';
