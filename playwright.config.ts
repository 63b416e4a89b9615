import { defineConfig } from '@playwright/test';

const port = 4189;
// No step is asked to be fast here (`npm run bench` measures that): a machine that works for others at the same time may take its while.
const patience = 120_000;
export default defineConfig({
  testDir: 'e2e', timeout: 5 * patience, expect: { timeout: patience }, workers: 1, maxFailures: 5, reporter: [['list']], forbidOnly: !!process.env.CI, retries: 0,
  use: { actionTimeout: patience, baseURL: `http://localhost:${port}`, viewport: { width: 1280, height: 800 }, launchOptions: { executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-component-update'] } },
  webServer: { command: `PORT=${port} node dist/server/main.js`, url: `http://localhost:${port}/health`, reuseExistingServer: false },
});
