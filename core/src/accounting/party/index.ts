export { partiesOn, partyOfLine } from './control-accounts.js';
export { whoOwes } from './who-owes.js';
export { settlingsOf, type Settling } from './settling.js';
