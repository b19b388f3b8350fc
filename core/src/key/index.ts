export * from './answer-key.js';
export { keyFromJson, keyOfRules, keyToJson, readKey, writeKey } from './read-key.js';
export { flattened, flattenedKey, latestDate } from './flatten.js';
export { recognise, type HandPair, type Pair, type Recognition } from './recognise.js';
export { traitsOf, isOpeningEntry, type Traits } from './account-traits.js';
export { pairEntries, type EntryPair } from './pair-entries.js';
export { pairedEntries, type PairedIds } from './paired-entries.js';
export { unitsOf, viewsOf, type EntryView } from './entry-view.js';
export { bestSimilarity } from './names.js';
