export * from './survey.js';
