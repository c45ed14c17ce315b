// One current picture of each main view, at 1280 × 800, from the demo. Called by bin/screens.
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { chromium } from '@playwright/test';

const folder = dirname(fileURLToPath(import.meta.url));
const base = process.env.SLATE_URL;
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-component-update', '--disable-sync', '--no-first-run'] });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });

const idle = () => page.waitForLoadState('networkidle');
const take = async (name) => {
  await idle();
  await page.screenshot({ path: join(folder, `${name}.png`) });
};

await page.goto(`${base}/sign-in`);
await take('sign-in');
await page.fill('#email', 'ada@thrumbury.example');
await page.fill('#password', 'slate-demo');
await page.click('button');
await idle();
await take('catalog');

await page.goto(`${base}/products/TB-SMOCK`);
await take('board');
await page.click('[title="About smock-buttoned-moss-front.jpg"]');
await page.waitForSelector('#dialog[open]');
await take('about-a-picture');
await page.keyboard.press('Escape');
await page.getByLabel('Add to Size').fill('3XL, Md');
await page.getByLabel('Add to Size').press('Enter');
await page.waitForSelector('#plan .arithmetic');
await take('axes-and-plan');
await page.goto(`${base}/products/TB-GLOVE?lens=prices`);
await take('prices');
await page.goto(`${base}/products/TB-CAPE`);
await take('board-being-built');
await page.goto(`${base}/products/TB-SMOCK/preview`);
await page.locator('.option', { hasText: 'Clay' }).click();
await page.waitForSelector('.option[aria-pressed=true]');
await take('shopper-preview');
await page.goto(`${base}/products/TB-SMOCK/history`);
await take('history');
await page.goto(`${base}/products/TB-SMOCK/details`);
await take('details');
await page.emulateMedia({ colorScheme: 'dark' });
await page.goto(`${base}/products/TB-SMOCK?lens=stock`);
await take('stock-dark');
await page.emulateMedia({ colorScheme: 'light' });
await page.setViewportSize({ width: 390, height: 800 });
await page.goto(`${base}/products/TB-CLOG/preview`);
await take('shopper-preview-phone');
await browser.close();
