// Sums what Jest and Playwright counted, and the other checks that failed, into one closing line.
import { existsSync, readFileSync } from 'node:fs';

const [jestFile, playwrightFile, otherFailures] = process.argv.slice(2);
const read = (file) => (existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : null);
const jest = read(jestFile);
const playwright = read(playwrightFile);

// A suite that could not run, or a report that is missing, is a failure too.
const passed = (jest?.numPassedTests ?? 0) + (playwright?.stats.expected ?? 0);
const failed =
  Number(otherFailures) +
  (jest ? jest.numFailedTests + jest.numRuntimeErrorTestSuites : 1) +
  (playwright
    ? playwright.stats.unexpected + playwright.stats.flaky + playwright.errors.length
    : 1);

console.log(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 && passed > 0 ? 0 : 1);
