export { balancesOf, linesOf, openingDifference, statementAccounts } from './balances.js';
