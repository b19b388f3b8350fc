export { starterChart, tradeById, type StarterFrame } from './starter-chart.js';
export { TRADES, type Trade } from './trades.js';
