import '@fontsource-variable/figtree';
import '@fontsource/source-serif-4/600.css';
import '@fontsource/source-serif-4/400-italic.css';
import './platform/shell/tokens.css';
import './platform/shell/base.css';
import './platform/shell/room.css';
import './platform/shell/narrow.css';
import './platform/shell/print.css';
import './platform/shell/forced.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { App } from './app';
import { beginWorker } from './platform/offline/begin-worker';
import { keepFocus } from './platform/keyboard/keep-focus';
import { showLook } from './platform/shell/look';

keepFocus();
showLook();
beginWorker();

createRoot(document.getElementById('root') as HTMLElement).render(
  <StrictMode>
    <App />
  </StrictMode>,
);
