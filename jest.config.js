const project = (name) => ({
  displayName: name,
  rootDir: name,
  testEnvironment: 'node',
  testMatch: ['<rootDir>/test/**/*.test.ts'],
  extensionsToTreatAsEsm: ['.ts'],
  setupFiles: name === 'web' ? ['<rootDir>/test/english.ts'] : [],
  transform: {
    '\\.ts$': [
      '@swc/jest',
      { jsc: { target: 'es2022', parser: { syntax: 'typescript' } }, module: { type: 'es6' } },
    ],
  },
});

export default {
  testTimeout: 30_000,
  // One a core; one that has grown large begins anew, since collecting its memory holds up the rest.
  maxWorkers: '100%',
  workerIdleMemoryLimit: '600MB',
  projects: ['core', 'contract', 'words', 'server', 'devices', 'web'].map(project),
};
