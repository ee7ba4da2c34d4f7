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
  projects: ['core', 'contract', 'words', 'server', 'devices', 'web'].map(project),
};
