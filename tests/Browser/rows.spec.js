import { expect, test } from '@playwright/test';
import { chooseAxesOf, kept, listen, signIn, sound } from './helpers';

/* SKUs as rows, with the hands of somebody who comes from a spreadsheet. */

test.describe.configure({ mode: 'serial' });

const stamp = Date.now().toString(36).toUpperCase();
const code = `ROW-${stamp}`;

/** The cell of a row in the column of a header. */
const cell = (page, row, header) => page.locator(`.rows-grid td[data-row="${row}"][data-header="${header}"]`);
const column = (page, header) => page.locator(`.rows-grid td[data-header="${header}"]`);

async function pasted(page, text) {
    await page.evaluate((given) => {
        const data = new DataTransfer();
        data.setData('text/plain', given);
        document.activeElement.dispatchEvent(
            new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
        );
    }, text);
}

test.beforeAll(async ({ browser }) => {
    const page = await browser.newPage();
    await signIn(page);
    await chooseAxesOf(page, `Rows ${stamp}`, code);
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('Name of the axis').first().fill('Color');
    await dialog.locator('textarea').first().fill('Moss, Clay');
    await page.getByRole('button', { name: 'Add an axis' }).click();
    await dialog.getByLabel('Name of the axis').nth(1).fill('Size');
    await dialog.locator('textarea').nth(1).fill('S, M');
    await dialog.getByRole('button', { name: 'Build' }).click();
    await expect(page.locator('[data-made]')).toHaveCount(4);
    await page.close();
});

test('types, fills down, pastes a block and takes it all back, by keys alone', async ({ page }) => {
    const faults = listen(page);
    await signIn(page);
    await page.goto(`/products/${code}/rows`);
    await expect(page.locator('.rows-grid tbody tr')).toHaveCount(4);
    await sound(page, 'rows');

    // One cell: Enter keeps it, and the focus goes back to it.
    await cell(page, 0, 'stock').click();
    await page.keyboard.type('12');
    await page.keyboard.press('Enter');
    await kept(page, 'Stock of Moss, S set to 12 (was nothing)');
    await expect(cell(page, 0, 'stock')).toBeFocused();

    // Several: what is typed goes into all; Escape lets go of it.
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Shift+ArrowDown');
    await page.keyboard.type('999');
    await page.keyboard.press('Escape');
    await expect(column(page, 'stock')).toHaveText(['12', '', '', '']);
    await page.keyboard.press('ArrowUp');
    await page.keyboard.press('Shift+ArrowDown');
    await page.keyboard.type('7');
    await page.keyboard.press('Enter');
    await expect(column(page, 'stock')).toHaveText(['12', '7', '7', '']);

    // Filled down from the first.
    await cell(page, 0, 'stock').click();
    await cell(page, 3, 'stock').click({ modifiers: ['Shift'] });
    await page.keyboard.press('Control+d');
    await expect(column(page, 'stock')).toHaveText(['12', '12', '12', '12']);

    // A block of two columns.
    await cell(page, 1, 'weight g').click();
    await pasted(page, '350\t1\n360\t2\n');
    await expect(column(page, 'weight g')).toHaveText(['', '350', '360', '']);
    await expect(column(page, 'stock')).toHaveText(['12', '1', '2', '12']);

    // What cannot be is refused with its row, and nothing of it is kept.
    await cell(page, 0, 'weight g').click();
    await pasted(page, '400\nheavy\n');
    await expect(page.locator('#notice')).toContainText('Row 2, weight g');
    await expect(column(page, 'weight g')).toHaveText(['', '350', '360', '']);
    await page.locator('#notice').getByRole('button', { name: 'Close' }).click();

    await cell(page, 0, 'weight g').click();
    for (let step = 0; step < 4; step++) {
        await page.keyboard.press('Control+z');
        await page.waitForLoadState('networkidle');
    }
    await expect(column(page, 'stock')).toHaveText(['', '', '', '']);
    expect(faults).toEqual([]);
});

test('a row like another with a new color proposes its cell, and rows pasted with their values find theirs', async ({
    page,
}) => {
    const faults = listen(page);
    await signIn(page);
    await page.goto(`/products/${code}/rows`);
    await cell(page, 2, 'sku').click();
    await page.getByRole('button', { name: 'Add a row' }).click();
    const dialog = page.getByRole('dialog');
    await expect(dialog.getByLabel('Size', { exact: true })).toHaveValue('S');
    await sound(page, 'a new row');
    await dialog.getByLabel('Color', { exact: true }).fill(`Tone ${stamp}`);
    await page.keyboard.press('Enter');
    await expect(dialog).toContainText('Makes 1 SKU.');
    await expect(dialog).toContainText(`New: Color Tone ${stamp}.`);
    await dialog.getByRole('button', { name: 'Do it' }).click();
    await expect(page.locator('.rows-grid tbody tr')).toHaveCount(5);

    await cell(page, 0, 'axis Color').click();
    await pasted(page, `Tone ${stamp}\tM\nMoss\tL\n`);
    await expect(dialog).toContainText('Makes 2 SKUs.');
    await dialog.getByRole('button', { name: 'Do it' }).click();
    await expect(page.locator('.rows-grid tbody tr')).toHaveCount(7);
    await page.getByRole('button', { name: 'Undo' }).click();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.locator('.rows-grid tbody tr')).toHaveCount(4);
    expect(faults).toEqual([]);
});

test('a column that is pasted makes SKUs, and is a mere column again', async ({ page }) => {
    const faults = listen(page);
    await signIn(page);
    await page.goto(`/products/${code}/rows`);
    await page.getByRole('button', { name: 'Which columns make SKUs' }).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel(/a line each/).fill('felt\nfelt\nlinen\nlinen');
    await dialog.getByLabel('Name of the axis').fill(`Cloth ${stamp}`);
    await sound(page, 'which columns make SKUs');
    await dialog.getByRole('button', { name: 'See what becomes of it' }).click();
    await expect(dialog).toContainText('4 SKUs go to their values');
    await dialog.getByRole('button', { name: 'Do it' }).click();
    await expect(column(page, `axis Cloth ${stamp}`)).toHaveText(['felt', 'felt', 'linen', 'linen']);

    await page.getByRole('button', { name: 'Which columns make SKUs' }).click();
    await dialog.getByRole('link', { name: `Make it a mere column Cloth ${stamp}` }).click();
    await expect(dialog).toContainText('This moves 4.');
    await dialog.getByRole('button', { name: 'Change', exact: true }).click();
    await expect(dialog).toBeHidden();
    await page.goto(`/products/${code}/rows`);
    await expect(page.getByRole('columnheader', { name: `Cloth ${stamp} Makes no SKUs now` })).toBeVisible();
    await expect(column(page, `axis Cloth ${stamp}`)).toHaveText(['felt', 'felt', 'linen', 'linen']);
    await page.getByRole('button', { name: 'Undo' }).click();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('columnheader', { name: /Cloth/ })).toHaveCount(0);
    expect(faults).toEqual([]);
});

test('rows of what the catalog shows: typed into two products at once, undone together', async ({ page }) => {
    const faults = listen(page);
    await signIn(page);
    await page.goto(`/?q=${code}`);
    await page.getByRole('link', { name: 'As rows' }).click();
    await expect(page.getByRole('heading', { name: 'Rows of 1 product' })).toBeVisible();
    await page.locator('.rows-columns summary').click();
    await page.getByLabel('Weight g').uncheck();
    await page.getByRole('button', { name: 'Show these' }).click();
    await expect(page.locator('.rows-grid thead')).not.toContainText('Weight g');
    await cell(page, 0, 'stock').click();
    await page.keyboard.type('31');
    await page.keyboard.press('Enter');
    await expect(cell(page, 0, 'stock')).toHaveText('31');
    await page.keyboard.press('Control+z');
    await expect(cell(page, 0, 'stock')).toHaveText('');
    await sound(page, 'rows of the catalog');
    expect(faults).toEqual([]);
});
