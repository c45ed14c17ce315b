import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { chooseAxesOf, kept, listen, signIn, sound, textOf } from './helpers';

/* Changes of mind about a product with pictures: each shows its plan, keeps what exists, and is undone with one key. */

const code = `MIND-${Date.now()}`;
const folder = mkdtempSync(join(tmpdir(), 'slate-'));

test.describe.configure({ mode: 'serial' });

const cell = (page, name) => page.getByRole('gridcell', { name: new RegExp(`^${name}`) });
const chips = (page, axis) => page.getByRole('list', { name: `Values of ${axis}` }).locator('.chip .label');
const plan = (page) => page.locator('#plan');
const foot = (page) => page.locator('#foot b');
const dialog = (page) => page.getByRole('dialog');

let faults = [];

async function open(page, path = '') {
    faults = listen(page);
    await signIn(page);
    await page.goto(`/products/${code}${path}`);
}

/** The whole flat sheet and JSON-LD, as somebody would take them out. */
async function exported(page) {
    const texts = [];
    for (const file of ['sheet.csv', 'product.jsonld']) {
        texts.push(await textOf(page, `/products/${code}/${file}`));
    }
    return texts.join('\n');
}

/** Undone the product exports just what it did; redone it is as changed. */
async function undoes(page, before) {
    const after = await exported(page);
    expect(after).not.toEqual(before);
    await page.locator('.matrix .corner').click();
    await page.keyboard.press('Control+z');
    await expect(page.locator('#kept').getByRole('button', { name: 'Redo' })).toBeEnabled();
    await expect.poll(() => exported(page)).toEqual(before);
    await page.keyboard.press('Control+Shift+z');
    await expect.poll(() => exported(page)).toEqual(after);
    await page.keyboard.press('Control+z');
    await expect.poll(() => exported(page)).toEqual(before);
}

async function about(page, value) {
    await page.locator('.axes').getByRole('button', { name: value, exact: true }).click();
    await expect(dialog(page)).toBeVisible();
}

test.beforeAll(() => {
    execFileSync('php', ['tests/Browser/pictures.php', folder]);
});

test.afterEach(() => {
    expect(faults).toEqual([]);
});

test('a product with a size run dropped onto it, pictures, prices and stock', async ({ page }) => {
    faults = listen(page);
    await signIn(page);
    await page.goto('/library');
    if ((await page.getByRole('link', { name: 'Size', exact: true }).count()) === 0) {
        await page.getByLabel('Name').fill('Size');
        await page.getByLabel('Kind').selectOption('Sizes');
        await page.getByLabel('looks different in pictures').uncheck();
        await page.getByRole('button', { name: 'Add' }).click();
        await kept(page, 'Added the axis Size');
    }
    await page.goto('/library/runs');
    await page.getByLabel('Name', { exact: true }).fill(`Run ${code}`);
    await page.getByLabel('Axis').selectOption({ label: 'Size' });
    await page.getByLabel('Values in order').fill('S, M, L, XL');
    await page.getByRole('button', { name: 'Add' }).click();
    await kept(page, `Made the size run Run ${code}`);

    await page.goto('/');
    await chooseAxesOf(page, 'Mind smock', code);
    await page.getByLabel('Name of the axis').fill('Color');
    await page.getByLabel('Values of the new axis').fill('Moss, Clay, Slate');
    await expect(plan(page)).toContainText('3 colors = 3 SKUs');
    await page.getByRole('button', { name: `Size: Run ${code}` }).click();
    await expect(plan(page)).toContainText('3 colors × 4 sizes = 12 SKUs');
    await page.getByRole('button', { name: 'Build' }).click();
    await expect(page.getByRole('gridcell')).toHaveCount(12);

    for (const color of ['moss', 'clay']) {
        await page.setInputFiles(
            '#files',
            ['front', 'back'].map((view) => ({
                name: `${color}-${view}.jpg`,
                mimeType: 'image/jpeg',
                buffer: readFileSync(join(folder, `tote ${color === 'moss' ? 'Rose' : 'Sand'} ${view}.jpg`)),
            })),
        );
        await expect(page.locator('#unlinked .card-picture img')).toHaveCount(2);
        await page
            .locator('.matrix [data-head=row]')
            .nth(color === 'moss' ? 0 : 1)
            .click();
        for (const pick of await page.locator('#unlinked .pick').all()) {
            await pick.click();
        }
        await page.keyboard.press('l');
        await kept(page, `Linked 2 pictures to ${color === 'moss' ? 'Moss' : 'Clay'}`);
        await expect(page.locator('#gallery')).toContainText(`${color}-front`);
        await expect(page.locator('#gallery .card-picture')).toHaveCount(2);
        await page.locator('#gallery .about').first().click();
        await dialog(page).getByRole('button', { name: 'Lead' }).click();
        await kept(page, 'is Lead');
        await page.getByRole('button', { name: 'Close' }).click();
    }
    await page.locator('.matrix .corner').click();
    await page.keyboard.press('4');
    await page.locator('#typed').fill('10');
    await page.keyboard.press('Enter');
    await kept(page, 'Stock of the whole product set to 10');
    await page.keyboard.press('Escape');
});

test('merging two colors asks which SKU and which Lead stays', async ({ page }) => {
    await open(page);
    const before = await exported(page);
    await about(page, 'Moss');
    await dialog(page).getByRole('button', { name: 'Merge into another' }).click();
    await expect(plan(page)).toContainText('This retires 4 with 40 in stock');
    await expect(dialog(page)).toContainText('2 pictures would be Lead of the same SKUs');
    await sound(page, 'merge');
    await dialog(page).getByLabel('Moss’s, in Clay’s place').check();
    await expect(plan(page)).toContainText('moves 4, retires 4');
    await dialog(page).getByLabel('CLAY-M Clay, M').check();
    await expect(plan(page)).toContainText('moves 3, retires 4');
    await dialog(page).getByLabel('Add the stock of the others to it').check();
    await expect(plan(page)).toContainText('adds 40 units of stock');
    await dialog(page).getByLabel('moss-front.jpg').check();
    await expect(dialog(page).getByLabel('moss-front.jpg')).toBeChecked();
    await dialog(page).getByRole('button', { name: 'Merge', exact: true }).click();
    await kept(page, 'Merged Color Moss into Clay');
    await expect(page.getByRole('gridcell')).toHaveCount(8);
    await page.keyboard.press('2');
    await expect(cell(page, 'Clay, S')).toContainText(`${code}-MOSS-S`);
    await expect(cell(page, 'Clay, M')).toContainText(`${code}-CLAY-M`);
    await undoes(page, before);
});

test('splitting a color keeps what there is with the first part', async ({ page }) => {
    await open(page);
    const before = await exported(page);
    await about(page, 'Moss');
    await dialog(page).getByRole('button', { name: 'Split' }).click();
    await dialog(page).getByLabel('Moss becomes').fill('Moss');
    await expect(plan(page)).toContainText('Type at least two values');
    await dialog(page).getByLabel('Moss becomes').fill('Fern, Lichen');
    await expect(plan(page)).toContainText('This makes 4, moves 4');
    await dialog(page).getByLabel('Its pictures are for all parts').check();
    await expect(plan(page)).toContainText('New codes');
    await sound(page, 'split');
    await dialog(page).getByRole('button', { name: 'Split', exact: true }).click();
    await kept(page, 'Split Color Moss into Fern, Lichen');
    await expect(chips(page, 'Color')).toHaveText(['Fern', 'Lichen', 'Clay', 'Slate']);
    await page.locator('.matrix [data-head=row]').nth(1).click();
    await expect(page.locator('#gallery .card-picture')).toHaveCount(2);
    await undoes(page, before);
});

test('an added color is made like another, and an axis exchanged for another', async ({ page }) => {
    await open(page);
    const before = await exported(page);
    await page.getByLabel('Add to Color').fill('Oat');
    await page.keyboard.press('Enter');
    await dialog(page).getByLabel('Oat is made like').selectOption('Clay');
    await expect(plan(page)).toContainText('4 new SKUs take price and weight');
    await dialog(page).getByRole('button', { name: 'Change', exact: true }).click();
    await kept(page, 'Added Color Oat');
    await undoes(page, before);

    await page.getByRole('button', { name: 'Change axes' }).click();
    await dialog(page).getByRole('button', { name: 'Drop Size' }).click();
    await dialog(page).getByRole('button', { name: 'Add an axis' }).click();
    await expect(dialog(page).getByLabel('Name of the axis')).toBeFocused();
    await page.keyboard.type('Length');
    await page.keyboard.press('Tab');
    await page.keyboard.type('Hip, Knee, Shin, Floor');
    await dialog(page).getByLabel('Size is').selectOption('replaced by Length');
    await expect(plan(page)).toContainText('This moves 12.');
    await dialog(page).getByLabel('XL becomes').selectOption('nothing: its SKUs retire');
    await expect(plan(page)).toContainText('makes 3, moves 9, retires 3 with 30 in stock');
    await sound(page, 'exchange');
    await dialog(page).getByRole('button', { name: 'Change', exact: true }).click();
    await kept(page, 'in the place of Size');
    await undoes(page, before);
});

test('an axis dropped can stay as a fact, and a fact becomes an axis', async ({ page }) => {
    await open(page);
    const before = await exported(page);
    await page.getByRole('button', { name: 'Change axes' }).click();
    await dialog(page).getByRole('button', { name: 'Drop Size' }).click();
    await dialog(page)
        .getByLabel(/Without Size/)
        .selectOption('M');
    await dialog(page).getByLabel('Keep it as a fact for shoppers').check();
    await expect(plan(page)).toContainText('moves 3, retires 9 with 90 in stock');
    await expect(dialog(page)).toContainText('In 3 cells several SKUs become one');
    await dialog(page).getByRole('button', { name: 'Change', exact: true }).click();
    await kept(page, 'Dropped Size');
    await page.getByRole('link', { name: 'Details' }).click();
    await expect(page.locator('.facts-table')).toContainText('Size');
    await sound(page, 'details');
    await page.getByRole('link', { name: 'Make it an axis' }).click();
    await expect(dialog(page)).toContainText('The fact “Size: M” becomes the axis');
    await dialog(page).getByRole('button', { name: 'S', exact: true }).click();
    await expect(plan(page)).toContainText('3 colors × 2 sizes = 6 SKUs');
    await dialog(page).getByRole('button', { name: 'Change', exact: true }).click();
    await kept(page, 'Added Size');
    await expect(page.getByRole('gridcell')).toHaveCount(6);
    for (const left of ['Dropped Size', 'Stock of the whole product']) {
        await page.locator('#kept').getByRole('button', { name: 'Undo' }).click();
        await kept(page, left);
    }
    expect(await exported(page)).toEqual(before);
});

test('cells are left out by a rule, which is named and can be taken back', async ({ page }) => {
    await open(page);
    const before = await exported(page);
    await page.getByText('More', { exact: true }).click();
    await page.getByRole('button', { name: 'Left-out rules' }).click();
    await expect(dialog(page)).toContainText('Nothing is left out');
    await dialog(page).getByLabel('Slate').check();
    await dialog(page).getByLabel('XL', { exact: true }).check();
    await expect(dialog(page)).toContainText('Leave out Slate, XL');
    await sound(page, 'rules');
    await dialog(page).getByRole('button', { name: 'Leave out' }).click();
    await kept(page, 'Left out Slate, XL');
    await expect(cell(page, 'Slate, XL')).toContainText('left out');
    await page.getByText('More', { exact: true }).click();
    await page.getByRole('button', { name: 'Left-out rules' }).click();
    await dialog(page).getByRole('button', { name: 'Offer again' }).click();
    await kept(page, 'Offered Slate, XL again');
    expect(await exported(page)).toEqual(before);
});

test('a value is named otherwise here, everywhere, and opens the product', async ({ page }) => {
    await open(page);
    const before = await exported(page);
    await about(page, 'Clay');
    await dialog(page).getByLabel('Name').fill('Brick');
    await dialog(page).getByLabel('on this product only').check();
    await dialog(page).getByRole('button', { name: 'Keep' }).click();
    await expect(chips(page, 'Color').nth(1)).toContainText('Brick');
    await undoes(page, before);
    await about(page, 'Clay');
    await dialog(page).getByRole('button', { name: 'Shoppers find it chosen' }).click();
    await kept(page, 'Shoppers find Color Clay chosen');
    await cell(page, 'Clay, L').click();
    await page.getByText('More', { exact: true }).click();
    await page.getByRole('button', { name: 'Opens with this SKU' }).click();
    await kept(page, `Opens with ${code}-CLAY-L`);
    await expect(cell(page, 'Clay, L')).toContainText('opens');
    await page.getByRole('link', { name: 'Shopper preview' }).click();
    await expect(page.getByText('Color: Clay')).toBeVisible();
});

test('cells are selected by typing names, and by what is like them; the axes are laid out as one likes', async ({
    page,
}) => {
    await open(page);
    await page.locator('.matrix td').first().click();
    await page.keyboard.press('f');
    await page.keyboard.type('clay xl');
    await page.keyboard.press('Enter');
    await expect(foot(page)).toHaveText('Clay, XL');
    await page.locator('#find').fill('violet');
    await page.keyboard.press('Enter');
    await expect(page.locator('#notice')).toContainText('No value of this product is called “violet”');
    await cell(page, 'Clay, M').click();
    await page.keyboard.press('s');
    await page.keyboard.press('Enter');
    await expect(foot(page)).toHaveText('Clay');
    await cell(page, 'Clay, M').click();
    await page.getByText('Like this', { exact: true }).click();
    await page.getByRole('button', { name: 'Same Size' }).click();
    await expect(foot(page)).toHaveText('M');
    await cell(page, 'Slate, M').click();
    await page.getByText('Like this', { exact: true }).click();
    await page.getByRole('button', { name: 'Same Lead' }).click();
    await expect(foot(page)).toHaveText('Slate');

    await page.getByLabel('Where Size runs').selectOption('down');
    await expect(page.locator('.matrix [data-head=row]')).toHaveCount(4);
    await page.reload();
    await expect(page.locator('.matrix [data-head=row]')).toHaveCount(4);
    await page.getByLabel('Where Size runs').selectOption('across');
    await expect(page.locator('.matrix [data-head=row]')).toHaveCount(3);
});

test('the history says it in words, compares two points, and goes back to any', async ({ page }) => {
    const faults = listen(page);
    await open(page, '/history');
    await expect(page.locator('.history')).toContainText('Opens with');
    await sound(page, 'history');
    await page.getByLabel('Compare from here: Stock of the whole product').check();
    await page.getByRole('button', { name: 'Compare the two points' }).click();
    await expect(page.getByText('Opens with Color: none → Clay')).toBeVisible();
    await sound(page, 'comparison');
    await page.goto(`/products/${code}/history`);
    await page
        .locator('tr', { hasText: 'Stock of the whole product set to 10' })
        .getByRole('button', { name: 'Undo my later ones' })
        .click();
    await expect(page.locator('.undone', { hasText: 'Opens with' })).toBeVisible();
    await page.goto(`/products/${code}/details`);
    await expect(page.getByText('Shoppers choose every value themselves')).toBeVisible();
    expect(faults).toEqual([]);
});

test('two windows change the axes: the later one looks again and repeats its change', async ({ page, context }) => {
    await open(page);
    const other = await context.newPage();
    await other.goto(`/products/${code}`);
    await other.getByLabel('Add to Color').fill('Oat');
    await other.keyboard.press('Enter');
    await page.getByLabel('Add to Size').fill('XXL');
    await page.keyboard.press('Enter');
    await dialog(page).getByRole('button', { name: 'Change', exact: true }).isEnabled();
    await dialog(other).getByRole('button', { name: 'Change', exact: true }).click();
    await kept(other, 'Added Color Oat');
    await dialog(page).getByRole('button', { name: 'Change', exact: true }).click();
    await expect(dialog(page)).toContainText('changed while this window was open');
    await expect(dialog(page).getByLabel('Values of Size')).toHaveValue(/XXL/);
    await page.keyboard.press('Escape');
    await expect(chips(page, 'Color')).toHaveText(['Moss', 'Clay', 'Slate', 'Oat']);
    await other.close();
});

test('the library is changed and put in order by key, and undone', async ({ page }) => {
    faults = listen(page);
    await signIn(page);
    await page.getByRole('link', { name: 'Library' }).click();
    await sound(page, 'library');
    await page.getByLabel('Name').fill(`Weave ${code}`);
    await page.getByLabel('Shoppers see').selectOption('picture swatches');
    await page.getByRole('button', { name: 'Add' }).click();
    await kept(page, 'Added the axis Weave');
    await page.getByRole('link', { name: `Weave ${code}` }).click();
    await page.getByLabel('More values').fill('Twill, Plain, Satin');
    await page.getByRole('button', { name: 'Add' }).click();
    await expect(page.locator('[data-orders] .name')).toHaveText([/Twill/, /Plain/, /Satin/]);
    await page.getByRole('button', { name: 'Satin earlier' }).focus();
    await page.keyboard.press('Enter');
    await expect(page.locator('[data-orders] .name')).toHaveText([/Twill/, /Satin/, /Plain/]);
    await kept(page, 'Reordered Weave');
    await page.getByRole('button', { name: 'Change… Twill' }).click();
    await dialog(page).getByLabel('Other words for it').fill('Denim');
    await dialog(page).getByLabel('In other languages').fill('de Köper');
    await dialog(page).getByRole('button', { name: 'Keep' }).click();
    await expect(dialog(page)).toContainText('is not a translation');
    await expect(dialog(page).getByLabel('Other words for it')).toHaveValue('Denim');
    await dialog(page).getByLabel('In other languages').fill('de: Köper');
    await sound(page, 'library value');
    await dialog(page).getByRole('button', { name: 'Keep' }).click();
    await expect(page.locator('[data-orders]')).toContainText('Köper');
    await page.keyboard.press('Control+z');
    await expect(page.locator('[data-orders]')).not.toContainText('Köper');
    await sound(page, 'library axis');
    await page.getByRole('link', { name: 'Size runs' }).click();
    await sound(page, 'size runs');
});
