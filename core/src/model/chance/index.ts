export { type Drawing } from './draw.js';
