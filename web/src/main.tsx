import '@fontsource-variable/figtree';
import '@fontsource-variable/source-serif-4';
import '@fontsource-variable/source-serif-4/wght-italic.css';
import './styles/base.css';
import './styles/spread.css';
import './styles/scheme.css';
import './styles/handout.css';
import './styles/marking.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { withoutEval } from '@gleddo/core';
import { App } from './app';
import { keepFocus } from './keyboard/keep-focus';

// The pages’ security policy lets no code be made on the spot.
withoutEval();
keepFocus();

createRoot(document.getElementById('root') as HTMLElement).render(
  <StrictMode>
    <App />
  </StrictMode>,
);
