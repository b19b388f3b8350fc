export { starterChart } from './starter-chart.js';
export { TRADES } from './trades.js';
