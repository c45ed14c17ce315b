import { execFileSync } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { drag, kept, listen, signIn, sound } from './helpers';

const code = `APRON-${Date.now()}`;
const folder = mkdtempSync(join(tmpdir(), 'slate-'));

test.describe.configure({ mode: 'serial' });

const selected = (page) => page.locator('.matrix td[aria-selected=true]');
const cell = (page, name) => page.getByRole('gridcell', { name: new RegExp(`^${name}`) });
const foot = (page) => page.locator('#foot b');

async function open(page, query = '') {
    await signIn(page);
    await page.goto(`/products/${code}${query}`);
    await expect(page.getByRole('gridcell').first()).toBeVisible();
}

test.beforeAll(() => {
    execFileSync('php', ['tests/Browser/pictures.php', folder]);
});

test('a product is built by keyboard alone', async ({ page }) => {
    await signIn(page);
    await page.getByRole('button', { name: 'New product' }).focus();
    await page.keyboard.press('Enter');
    await expect(page.getByLabel('Name of a new product')).toBeFocused();
    await page.keyboard.type('Seed apron');
    await page.keyboard.press('Tab');
    await page.keyboard.type(code);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'Seed apron' })).toBeVisible();
    await page.getByRole('button', { name: /Choose axes/ }).focus();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('dialog')).toBeVisible();
    await page.getByLabel('Name of the axis').focus();
    await page.keyboard.type('Color');
    await page.keyboard.press('Tab');
    await page.keyboard.type('Moss, Clay, Oat');
    await expect(page.locator('#plan')).toContainText('3 colors = 3 SKUs');
    await page.getByRole('button', { name: 'Add an axis' }).focus();
    await page.keyboard.press('Enter');
    await expect(page.getByLabel('Name of the axis').nth(1)).toBeFocused();
    await page.keyboard.type('Size');
    await page.keyboard.press('Tab');
    await page.keyboard.type('M, S, L, XL');
    await expect(page.locator('#plan')).toContainText('3 colors × 4 sizes = 12 SKUs');
    await page.getByRole('button', { name: 'Build' }).focus();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('gridcell')).toHaveCount(12);
});

test('cells are selected by pointer: one, a block, more, a header, the corner', async ({ page }) => {
    await open(page);
    await cell(page, 'Moss, S').click();
    await expect(selected(page)).toHaveCount(1);
    await expect(foot(page)).toHaveText('Moss, S');

    await cell(page, 'Clay, L').click({ modifiers: ['Shift'] });
    await expect(selected(page)).toHaveCount(6);
    await expect(foot(page)).toHaveText('Moss and Clay, S–L only');

    await cell(page, 'Oat, XL').click({ modifiers: ['Control'] });
    await expect(selected(page)).toHaveCount(7);
    await cell(page, 'Oat, XL').click({ modifiers: ['Control'] });
    await expect(selected(page)).toHaveCount(6);

    await page.locator('.matrix [data-head=row]').nth(2).click();
    await expect(selected(page)).toHaveCount(4);
    await expect(foot(page)).toHaveText('Oat');
    await page
        .locator('.matrix [data-head=column]')
        .nth(0)
        .click({ modifiers: ['Control'] });
    await expect(selected(page)).toHaveCount(6);
    await expect(foot(page)).toHaveText('Oat; S');

    await page.locator('.matrix .corner').click();
    await expect(selected(page)).toHaveCount(12);
    await expect(foot(page)).toHaveText('Whole product');
});

test('a block is painted by dragging over cells', async ({ page }) => {
    await open(page);
    const from = await cell(page, 'Clay, M').boundingBox();
    const to = await cell(page, 'Oat, XL').boundingBox();
    await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
    await page.mouse.down();
    await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, { steps: 12 });
    await page.mouse.up();
    await expect(selected(page)).toHaveCount(6);
    await expect(foot(page)).toHaveText('Clay and Oat, M–XL only');
});

test('cells are selected by keyboard: arrows, extending, row, column, all, none', async ({ page }) => {
    await open(page);
    await cell(page, 'Clay, M').click();
    await page.keyboard.press('ArrowRight');
    await expect(foot(page)).toHaveText('Clay, L');
    await page.keyboard.press('Shift+ArrowDown');
    await page.keyboard.press('Shift+ArrowRight');
    await expect(selected(page)).toHaveCount(4);
    await page.keyboard.press('r');
    await expect(foot(page)).toHaveText('Oat');
    await page.keyboard.press('c');
    await expect(foot(page)).toHaveText('XL');
    await page.keyboard.press('a');
    await expect(selected(page)).toHaveCount(12);
    await page.keyboard.press('Escape');
    await expect(selected(page)).toHaveCount(0);
    await expect(foot(page)).toHaveText('Nothing selected');
    await cell(page, 'Moss, S').click();
    await page.keyboard.press('ArrowUp');
    await expect(foot(page)).toHaveText('S');
    await page.keyboard.press('ArrowLeft');
    await expect(foot(page)).toHaveText('Whole product');
    await page.keyboard.press('ArrowDown');
    await expect(foot(page)).toHaveText('Moss');
});

test('pictures land where they are dropped: the corner, a size, and one place only with Shift', async ({ page }) => {
    const faults = listen(page);
    await open(page);
    await page
        .locator('#files')
        .setInputFiles(['front', 'back', 'worn'].map((view) => join(folder, `tote Teal ${view}.jpg`)));
    await expect(page.locator('#unlinked .card-picture')).toHaveCount(3);
    await expect(page.locator('#unlinked .waiting')).toHaveCount(0, { timeout: 30_000 });
    const first = page.locator('#unlinked .card-picture').first().locator('.pick');
    const isTarget = (target) => async () => (await target.getAttribute('class')).includes('is-target');

    const corner = page.locator('.matrix .corner');
    await drag(page, first, corner, { until: isTarget(corner) });
    await kept(page, 'to whole product');
    const column = page.locator('.matrix [data-head=column]').nth(1);
    await drag(page, first, column, { until: isTarget(column) });
    await kept(page, 'to M');
    const row = page.locator('.matrix [data-head=row]').nth(0);
    await drag(page, first, row, { until: isTarget(row) });
    await kept(page, 'to Moss');

    await corner.click();
    await expect(page.locator('#gallery .card-picture')).toHaveCount(3);
    const guide = page.locator('#gallery .card-picture').first().locator('.pick');
    const clay = page.locator('.matrix [data-head=row]').nth(1);
    await drag(page, guide, clay, { shift: true, until: isTarget(clay) });
    await kept(page, 'only to Clay');
    await page.keyboard.press('Control+z');
    await kept(page, 'to Moss');
    expect(faults).toEqual([]);
});

test('the menu does what the drag does', async ({ page }) => {
    await open(page);
    await page.locator('.matrix [data-head=row]').nth(2).click();
    await expect(foot(page)).toHaveText('Oat');
    await page
        .getByRole('button', { name: /^… About/ })
        .first()
        .click();
    const dialog = page.getByRole('dialog');
    await dialog.getByRole('button', { name: 'Only there' }).click();
    await kept(page, 'only to Oat');
    await dialog.getByRole('button', { name: 'Back to the tray' }).click();
    await kept(page, 'to the tray');
    await expect(dialog.getByText('It is linked to nothing yet')).toBeVisible();
    await dialog.getByText('Remove for good…').click();
    await dialog.getByRole('button', { name: /^Remove tote/ }).click();
    await kept(page, 'Removed tote');
    await expect(dialog).toBeHidden();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.locator('#unlinked .card-picture')).toHaveCount(1);
    await page.getByRole('button', { name: 'Redo' }).click();
    await expect(page.locator('#unlinked .card-picture')).toHaveCount(0);
});

test('values are put into another order by dragging, and undone', async ({ page }) => {
    await open(page);
    const chips = page.locator('.chips').nth(1).locator('.chip .label');
    await expect(chips).toHaveText(['S', 'M', 'L', 'XL']);
    await drag(page, chips.nth(2), chips.nth(0), {
        at: 0.2,
        until: async () => (await chips.first().innerText()).trim() === 'L',
    });
    await kept(page, 'Reordered Size: L, S, M, XL');
    await expect(page.locator('.matrix [data-head=column]').first()).toContainText('L');
    await page.locator('.matrix td').first().click();
    await page.keyboard.press('Control+z');
    await expect(chips).toHaveText(['S', 'M', 'L', 'XL']);
});

test('a value of the library is renamed and recolored, and offered to the next product', async ({ page }) => {
    await open(page);
    await page.getByRole('button', { name: 'Moss', exact: true }).click();
    await sound(page, 'a value');
    await page.getByLabel('Name', { exact: true }).fill('Lichen');
    await page.getByLabel('Code', { exact: true }).fill('LICH');
    await page.getByRole('button', { name: 'Keep' }).click();
    await kept(page, 'Changed Color Moss to Lichen in the library');
    await expect(page.locator('.matrix [data-head=row]').first()).toContainText('Lichen');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.locator('.matrix [data-head=row]').first()).toContainText('Moss');
});

test('lenses and layers stay in the address of the board, and errors stay at the field', async ({ page }) => {
    await open(page, '?lens=prices');
    await cell(page, 'Moss, S').click();
    await page.getByLabel('Price, EUR').fill('cheap');
    await page.getByRole('button', { name: 'Set', exact: true }).click();
    await expect(page.locator('#notice')).toContainText('“cheap” is not a number. Type one such as 49.50.');
    await expect(page.getByLabel('Price, EUR')).toHaveValue('cheap');
    await page.getByLabel('Price, EUR').fill('12.5');
    await page.getByRole('button', { name: 'Set', exact: true }).click();
    await kept(page, 'set to 12.50');
    await expect(page.locator('#notice .notice')).toHaveCount(0);

    await page.getByRole('button', { name: 'Stock' }).click();
    await expect(page.getByLabel('In stock, each')).toBeVisible();
    await cell(page, 'Clay, L').click();
    await expect(foot(page)).toHaveText('Clay, L');
    await page.reload();
    await expect(page.getByLabel('In stock, each')).toBeVisible();
    await expect(foot(page)).toHaveText('Clay, L');
    await expect(selected(page)).toHaveCount(1);
});

test('jumping, the keys, the dark, and a phone', async ({ page }) => {
    await open(page);
    await page.keyboard.press('/');
    await page.keyboard.type(code);
    await expect(page.locator('.hits a').first()).toContainText('Seed apron');
    await page.keyboard.press('Escape');
    await page.locator('.matrix td').first().click();
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
    await sound(page, 'keys');
    await page.keyboard.press('Escape');

    await page.emulateMedia({ colorScheme: 'dark' });
    await sound(page, 'board in the dark');
    await page.goto('/');
    await sound(page, 'catalog in the dark');
    await page.emulateMedia({ colorScheme: 'light' });
    await page.setViewportSize({ width: 390, height: 800 });
    await sound(page, 'catalog on a phone');
    await page.goto(`/products/${code}`);
    await sound(page, 'board on a phone');
});

test('the catalog is searched as one types, filtered and sorted, and its address says how', async ({ page }) => {
    const faults = listen(page);
    await signIn(page);
    const names = page.locator('.catalog .name');
    const all = await names.count();
    await page.getByLabel('Search', { exact: true }).pressSequentially(code.toLowerCase());
    await expect(names).toHaveCount(1);
    await expect(page).toHaveURL(new RegExp(`q=${code.toLowerCase()}`));
    await expect(page.getByRole('status').filter({ hasText: / products?/ })).toContainText('1 of');
    await page.getByLabel('Search', { exact: true }).fill('zzzz');
    await expect(page.getByText('No product is like this.')).toBeVisible();
    await page.getByLabel('Search', { exact: true }).fill('');
    await expect(names).toHaveCount(all);
    await page.getByRole('combobox', { name: 'Pictures' }).selectOption({ index: 1 });
    await expect(page).toHaveURL(/\/\?state=[a-z]+$/);
    const filtered = await names.allInnerTexts();
    await page.reload();
    await expect(names).toHaveText(filtered);
    await page.getByRole('link', { name: 'SKUs' }).click();
    await expect(page.locator('th[aria-sort=descending]')).toContainText('SKUs');
    await sound(page, 'the catalog, sorted');
    expect(faults).toEqual([]);
});
