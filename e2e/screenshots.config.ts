import { defineConfig } from '@playwright/test';
import { chromium } from './playwright.config.ts';

/** Takes docs/screenshots anew from the demo data. */
export default defineConfig({
  testDir: 'screenshots',
  outputDir: '../test-results',
  workers: 1,
  timeout: 120_000,
  use: { ...chromium, viewport: { width: 1280, height: 800 } },
});
