import { defineConfig } from '@playwright/test';

// Where there are several servers, each worker has one of its own.
const servers = (process.env.SLATE_URLS ?? process.env.SLATE_URL ?? 'http://127.0.0.1:8080').trim().split(/\s+/);
const mine = servers[Number(process.env.TEST_PARALLEL_INDEX ?? 0) % servers.length];

// Debian's Chromium, without its windows, kept from asking the network for anything of its own.
export default defineConfig({
    testDir: 'tests/Browser',
    timeout: 300_000,
    expect: { timeout: 30_000 },
    workers: 1,
    // A machine that stands still for a while fails no test: it is tried again, and named by bin/test.
    retries: 1,
    forbidOnly: true,
    reporter: [['list']],
    outputDir: 'test-results',
    use: {
        actionTimeout: 30_000,
        baseURL: mine,
        viewport: { width: 1280, height: 800 },
        screenshot: 'only-on-failure',
        launchOptions: {
            executablePath: '/usr/bin/chromium-headless-shell',
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
    },
});
