export { fixedFigures } from './fixed-figures.js';
export { copiedFigures, type CopiedFigures } from './copied-figures.js';
export { ownBook } from './own-book.js';
export { setsAmong } from './sets-among.js';
export { setsOf } from './own-draw.js';
export { ownKey, ownStart } from './own-key.js';
export { placeAtOf } from './place-at.js';
export { figurePlaces, type FigurePlace } from './places.js';
export { trySeeds, type BrokenSeed } from './trial-seeds.js';
