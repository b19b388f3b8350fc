export { glossary } from './glossary.js';
