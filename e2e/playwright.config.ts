import { defineConfig, type PlaywrightTestConfig } from '@playwright/test';

/**
 * Debian's Chromium, and nothing from outside: background requests would only be refused by a
 * closed network.
 */
export const chromium: PlaywrightTestConfig['use'] = {
  baseURL: process.env.BASE_URL,
  launchOptions: {
    executablePath: '/usr/bin/chromium',
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
    ],
  },
  locale: 'en-GB',
  // What a service worker answers cannot be looked at; offline.spec.ts lets it work.
  serviceWorkers: 'block',
  actionTimeout: 20_000,
};

/**
 * What is done on a phone only is tried on one, and what brings its own phone along at the desk.
 * Nothing is tried on both that does not differ there: the whole run has twenty minutes.
 */
export default defineConfig({
  testDir: 'tests',
  outputDir: '../test-results',
  fullyParallel: false,
  workers: 1,
  // Waits end with what is shown; these are for a machine that gives its cores unevenly.
  timeout: 150_000,
  expect: { timeout: 20_000 },
  use: chromium,
  projects: [
    {
      name: 'desk',
      testIgnore:
        /(cleaner|joined|days|offline|outbox|page|phoneSizes|planAnew|soil|spanish)\.spec/,
      use: { viewport: { width: 1280, height: 800 } },
    },
    {
      name: 'phone',
      testIgnore:
        /(board|company|jobs|keepApart|lists|protocol|steps|supervisor|twoBrowsers|visit|week|widths)\.spec/,
      use: { viewport: { width: 390, height: 844 }, hasTouch: true },
    },
  ],
});
