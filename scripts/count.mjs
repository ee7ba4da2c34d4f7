// Sums what Jest, Playwright and the shell tests counted, and the other checks that failed, into one closing line.
import { existsSync, readFileSync } from 'node:fs';

const [otherFailures, shellFile, jestFile, ...playwrightFiles] = process.argv.slice(2);
const read = (file) => (existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : null);
const shell = /^(\d+) passed, (\d+) failed$/m.exec(readFileSync(shellFile, 'utf8'));
const jest = read(jestFile);
const playwright = playwrightFiles.map(read);
const sum = (counts) => counts.reduce((all, count) => all + count, 0);

// A suite that could not run, or a report that is missing, is a failure too.
const passed = sum([
  Number(shell?.[1] ?? 0),
  jest?.numPassedTests ?? 0,
  ...playwright.map((report) => report?.stats.expected ?? 0),
]);
const failed = sum([
  Number(otherFailures),
  Number(shell?.[2] ?? 1),
  jest ? jest.numFailedTests + jest.numRuntimeErrorTestSuites : 1,
  ...playwright.map((report) =>
    report ? report.stats.unexpected + report.stats.flaky + report.errors.length : 1,
  ),
]);

console.log(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 && passed > 0 ? 0 : 1);
