export default {
  testEnvironment: 'node',
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  testMatch: ['<rootDir>/{core,cli,server,demo,web,office}/**/*.test.ts'],
  transform: { '^.+\\.tsx?$': ['@swc/jest', { jsc: { parser: { syntax: 'typescript', tsx: false }, target: 'es2022' }, module: { type: 'es6' } }] },
  testTimeout: 60_000,
  // As many as the smallest machine has cores: the engines are what takes the time.
  maxWorkers: 2,
  // Modules of a test file, and the code of their patterns, are not given back while its worker lives (vm modules): one that has grown is replaced.
  workerIdleMemoryLimit: '400MB',
};
