export { carriedOn, proposedGoes, yearCarriedOn, type AccountGoes } from './carried-on.js';
export { keyFromOwnWork } from './own-opening.js';
