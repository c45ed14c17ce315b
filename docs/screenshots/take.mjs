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
await page.fill('#email', 'ada@thrumbury.example');
await page.fill('#password', 'slate-demo');
await page.click('button');
await idle();
await take('catalog');

await page.goto(`${base}/products/TB-SMOCK`);
await take('board');
await page.getByLabel('Add to Size').fill('3XL, Md');
await page.getByLabel('Add to Size').press('Enter');
await page.waitForSelector('#plan .arithmetic');
await page.getByLabel('3XL is made like').selectOption('XXL');
await page.waitForSelector('#plan :text("take price and weight")');
await take('axes-and-plan');
await page.goto(`${base}/products/TB-GLOVE?lens=prices`);
await take('prices');
await page.goto(`${base}/products/TB-FIELD`);
await take('board-four-axes');
// What is missing, in which order, in which role.
await page.goto(`${base}/products/TB-SMOCK/contact`);
await page.locator('[data-strip]').nth(2).locator('[data-shot]').first().click();
await page.keyboard.press(']');
await page.getByText('in order').waitFor();
await take('contact-sheet');
await page.getByRole('button', { name: 'Undo' }).click();
await page.getByText('the order is the same').waitFor();
await page.goto(`${base}/products/TB-SMOCK/coverage`);
await take('coverage');
await page.emulateMedia({ colorScheme: 'dark' });
await page.goto(`${base}/products/TB-SMOCK/roles`);
await take('roles-dark');
await page.emulateMedia({ colorScheme: 'light' });
// Swatches: of a product beside its pictures, one being made, and all colors that products share.
await page.goto(`${base}/products/TB-GLOVE/colors`);
await take('colors');
await page.goto(`${base}/products/TB-CUSHION/colors`);
await page.getByRole('button', { name: 'Swatch… of Stripe' }).click();
await page.locator('[data-dropper] img').waitFor();
await page.getByLabel('into').selectOption('1');
await page.locator('[data-dropper]').click();
await page.getByText(', near ').waitFor();
await take('swatch');
await page.goto(`${base}/library`);
await page.getByRole('link', { name: 'Color', exact: true }).click();
await page.getByRole('link', { name: 'Colors and their map' }).click();
await page.getByLabel('A color you think of').fill('oklch(0.42 0.06 145)');
await page.getByRole('button', { name: 'See it beside the others' }).click();
await page.getByText('is nearest to').waitFor();
await take('library-colors');
await page.goto(`${base}/library`);
await page.getByRole('link', { name: 'Color', exact: true }).click();
await take('library');
await page.goto(`${base}/products/TB-SMOCK/preview`);
await page.locator('.option', { hasText: /^M$/ }).click();
await page.waitForSelector('.option[aria-pressed=true]');
await take('shopper-preview');
await page.goto(`${base}/products/TB-SMOCK/history`);
await take('history');
await page.goto(`${base}/products/TB-SMOCK/details`);
await take('details');
// The troubled drop, a contradiction in it, and better files for pictures that are there.
await page.goto(`${base}/intake`);
await page.getByRole('link', { name: 'Autumn pictures' }).click();
while (await page.getByText('being looked at').count() > 0) {
  await page.waitForTimeout(1000);
}
await page.locator('tr.row', { hasText: 'mss_short' }).click();
await page.waitForSelector('.teach');
await take('intake');
await page.locator('tr.row[aria-label^=TB-APRON_oat_front]').click();
await page.waitForSelector('.clash');
await page.locator('.small-matrix').getByRole('button', { name: 'Ink', exact: false }).first().click();
await take('intake-contradiction');
// One act on many products, and back.
await page.goto(`${base}/bulk/new`);
await page.getByLabel('What', { exact: true }).selectOption('sku-price');
await page.getByLabel('To', { exact: true }).fill('52.50');
await page.locator('.batch-form .submit').click();
await page.getByRole('button', { name: 'Undo all' }).waitFor();
await take('bulk');
await page.getByRole('button', { name: 'Undo all' }).click();
await page.getByRole('button', { name: 'Make all again' }).waitFor();
await page.setViewportSize({ width: 390, height: 800 });
await page.goto(`${base}/products/TB-SMOCK`);
await take('board-phone');
await browser.close();
