import type { LaunchOptions } from '@playwright/test';

export function launchOptions(...more: string[]): LaunchOptions;
