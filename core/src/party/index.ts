export {
  ageOf,
  AGES,
  whoOwes,
  type OpenItem,
  type PartyStanding,
  type WhoOwes,
} from './who-owes.js';
