import { defineConfig } from '@playwright/test';

const port = 4189;
export default defineConfig({
  testDir: 'e2e', timeout: 90_000, workers: 1, reporter: [['list']], forbidOnly: !!process.env.CI, retries: 0,
  use: { baseURL: `http://localhost:${port}`, viewport: { width: 1280, height: 800 }, launchOptions: { executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-component-update'] } },
  webServer: { command: `PORT=${port} node dist/server/main.js`, url: `http://localhost:${port}/health`, reuseExistingServer: false },
});
