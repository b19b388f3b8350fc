export { mixUpOf, takenFor } from './mixup-of.js';
