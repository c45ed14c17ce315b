// One current picture of each main view, at 1280 × 800, from the demo. Called by bin/screens.
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { chromium } from '@playwright/test';

const folder = dirname(fileURLToPath(import.meta.url));
const base = process.env.SLATE_URL;
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium-headless-shell', args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-component-update', '--disable-sync', '--no-first-run'] });
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
await page.locator('.matrix [data-head=group]').nth(1).click();
await page.locator('#more-numbers summary').click();
await page.getByRole('button', { name: 'Raise, lower, round…' }).click();
await page.getByLabel('Change', { exact: true }).fill('+10 %');
await page.getByLabel('Ending').fill('.95');
await page.locator('#plan').getByText('25.95').first().waitFor();
await take('prices');
await page.goto(`${base}/products/TB-SMOCK/prices`);
await take('price-ladder');
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
// Swatches beside what the pictures show.
await page.goto(`${base}/products/TB-GLOVE/colors`);
await take('colors');
await page.goto(`${base}/products/TB-SMOCK/preview`);
await page.locator('.option').getByText('M', { exact: true }).click();
await page.waitForSelector('.option[aria-pressed=true]');
await take('shopper-preview');
await page.goto(`${base}/products/TB-SMOCK/history`);
await take('history');
await page.goto(`${base}/products/TB-SMOCK/details`);
await take('details');
// The troubled drop.
await page.goto(`${base}/intake`);
await page.getByRole('link', { name: 'Autumn pictures' }).click();
while (await page.getByText('being looked at').count() > 0) {
  await page.waitForTimeout(1000);
}
await page.locator('tr.row', { hasText: 'mss_short' }).click();
await page.waitForSelector('.teach');
await take('intake');
// Pictures that a camera has numbered, laid out.
const shot = mkdtempSync(join(tmpdir(), 'slate-camera-'));
execFileSync('php', [join(folder, '../../tests/Browser/camera.php'), shot]);
await page.goto(`${base}/intake`);
await page.getByLabel('From whom').fill('Halden studio');
await page
  .locator('[data-intake-files]')
  .first()
  .setInputFiles(readdirSync(shot).sort().map((name) => join(shot, name)));
await page.getByRole('link', { name: 'Lay out as a shoot (9 pictures)' }).click({ timeout: 120_000 });
await page.getByLabel('Product', { exact: true }).fill('TB-SMOCK');
await page.getByRole('button', { name: 'Say so' }).click();
await page.getByLabel('Color of row 3').waitFor();
await page.locator('[data-picture]').nth(4).click();
await take('shoot');
// A supplier's sheet as it comes, and single items that look like one product.
const sheets = mkdtempSync(join(tmpdir(), 'slate-sheets-'));
const bring = async (name, lines) => {
  writeFileSync(join(sheets, name), `${lines.join('\n')}\n`);
  await page.goto(`${base}/intake`);
  await page.getByLabel('From whom').fill('Linum Mills');
  await page.locator('[data-intake-files]').first().setInputFiles(join(sheets, name));
  await page.waitForURL(/intake\/sheets\/\d+/);
  await page.locator('.sheet-rows').waitFor();
  await page.locator('.sheet-work').waitFor({ state: 'detached', timeout: 60_000 });
};
const coats = ['Moss', 'Clay', 'Slate'].flatMap((color) =>
  ['S', 'M', 'L'].map(
    (size) => `LM-COAT;Orchard coat;${color};${size};LM-COAT-${color.slice(0, 2).toUpperCase()}-${size};;129,00;12;${color.toLowerCase()}_coat_front.jpg`,
  ),
);
coats[4] = coats[4].replace(';Clay;', ';Clayy;');
coats[7] = coats[7].replace(';;129,00', ';4.00E+12;129,00');
await bring('linum spring.csv', [
  'Artikelnummer;Bezeichnung;Farbe;Größe;SKU;EAN;Preis;Bestand;Bild',
  ...coats.map((line, at) => (at === 0 ? line : line.replace(/;[^;]*$/, ';'))),
  ...['S', 'M', 'L'].map((size) => `LM-VEST;Linen vest;Oat;${size};LM-VEST-${size};;59,00;8;`),
  'TB-APRON;;;;TB-APRON-MOSS;;33,00;;',
]);
await take('sheet');
const items = ['Moss', 'Clay', 'Slate'].flatMap((color) =>
  ['small', 'M', 'L'].map((size) => {
    const item = `KN-${color.slice(0, 2).toUpperCase()}-${size.slice(0, 1).toUpperCase()}`;
    return `${item},"Weeder’s kneeler ${color === 'Clay' ? color.toUpperCase() : color} / ${size}",${item},24.00,6`;
  }),
);
await bring('till export.csv', ['product,name,sku,base price,stock', ...items, 'BK-1,Willow basket Moss,BK-1,25.00,4', 'BK-2,Willow basket Clay,BK-2,25.00,4', 'BK-3,Willow baskett Clay,BK-3,25.00,1']);
await page.getByRole('button', { name: /^Import \d+ products$/ }).click();
await page.getByRole('button', { name: 'Undo all' }).waitFor();
await page.goto(`${base}/single-items`);
await take('single-items');
// One row for each SKU: a price and its neighbors typed at once.
await page.goto(`${base}/products/TB-SMOCK/rows`);
await page.locator('[data-header=price]').nth(0).click();
for (let rows = 0; rows < 3; rows++) {
  await page.keyboard.press('Shift+ArrowDown');
}
await page.keyboard.type('52.50');
await take('rows');
await page.keyboard.press('Escape');
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
