import { createContext } from 'react';

/** Where the tray lies when something else stands beside the pages already; null: beside the pages. */
export const TrayPlace = createContext<HTMLElement | null>(null);
