import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { chooseAxesOf, kept, listen, signIn, sound } from './helpers';

/* The board under hands: typing down a column, dragging with a word at the pointer, files from outside, little room. */

const code = `HANDS-${Date.now()}`;
const folder = mkdtempSync(join(tmpdir(), 'slate-'));
const cell = (page, name) => page.getByRole('gridcell', { name: new RegExp(`^${name}`) });
const caption = (page) => page.locator('#drag-caption');
const plan = (page) => page.locator('#plan');

test.describe.configure({ mode: 'serial' });

async function open(page, query = '') {
    await signIn(page);
    await page.goto(`/products/${code}${query}`);
    await expect(page.getByRole('gridcell').first()).toBeVisible();
}

/** Files carried over the window from outside, as the browser tells it; what happens next is told too. */
async function carry(page, target, files, doing, called = (name) => name) {
    const box = await target.boundingBox();
    const carried = files.map((name) => [called(name), readFileSync(join(folder, name)).toString('base64')]);
    await target.evaluate(
        (element, { box, carried, doing }) => {
            const transfer = new DataTransfer();
            for (const [name, base64] of carried) {
                transfer.items.add(
                    new File([Uint8Array.from(atob(base64), (letter) => letter.charCodeAt(0))], name, {
                        type: 'image/jpeg',
                    }),
                );
            }
            element.dispatchEvent(
                new DragEvent(doing, {
                    bubbles: true,
                    cancelable: true,
                    dataTransfer: transfer,
                    clientX: box.x + 20,
                    clientY: box.y + 20,
                }),
            );
        },
        { box, carried, doing },
    );
}

test.beforeAll(() => {
    execFileSync('php', ['tests/Browser/pictures.php', folder]);
});

test('a label with a comma stays a value of its own', async ({ page }) => {
    const faults = listen(page);
    await signIn(page);
    await chooseAxesOf(page, 'Work shirt', code);
    await page.getByLabel('Name of the axis').fill('Color');
    await page.getByLabel('Values of the new axis').fill('Moss, Clay, Slate');
    await expect(plan(page)).toContainText('3 colors = 3 SKUs');
    await page.getByRole('button', { name: 'Add an axis' }).click();
    await page.getByLabel('Name of the axis').nth(1).fill('Size');
    await page.getByLabel('Values of the new axis').fill('S, M, L, XL');
    await expect(plan(page)).toContainText('3 colors × 4 sizes = 12 SKUs');
    await page.getByRole('button', { name: 'Build' }).click();
    await kept(page, 'makes 12');

    await page.locator('.axes').getByRole('button', { name: 'Moss', exact: true }).click();
    await page.getByRole('dialog').getByLabel('Name', { exact: true }).fill('Moss, deep');
    await page.getByRole('dialog').getByLabel('on this product only').check();
    await page.getByRole('dialog').getByRole('button', { name: 'Keep' }).click();
    await expect(cell(page, 'Moss, deep, S')).toBeVisible();
    await page.getByRole('button', { name: 'Change axes…' }).click();
    await expect(plan(page)).toContainText('As it is now.');
    await page.getByLabel('More values of Size').fill('XXL');
    await expect(plan(page)).toContainText('makes 3');
    await expect(plan(page)).not.toContainText('retires');
    await page.getByRole('button', { name: 'Cancel' }).click();
    expect(faults).toEqual([]);
});

test('ten prices are typed with keys only, and taken back with keys only', async ({ page }) => {
    await open(page, '?lens=prices');
    await cell(page, 'Moss, deep, S').click();
    const prices = ['41', '42.5', '43', '44', '45', '46', '47', '48', '49', '50'];
    for (const [at, price] of prices.entries()) {
        await page.keyboard.type(price);
        // Shift+Enter and Tab go on to the next cell; Enter goes back to its own, where arrows move on.
        if (at % 3 === 0) {
            await page.keyboard.press('Shift+Enter');
        } else if (at % 3 === 1) {
            await page.keyboard.press('Tab');
        } else {
            await page.keyboard.press('Enter');
            await expect(page.locator('.matrix td:focus')).toHaveCount(1);
            await page.keyboard.press((at + 1) % 4 === 0 ? 'ArrowDown' : 'ArrowRight');
            if ((at + 1) % 4 === 0) {
                for (let back = 0; back < 3; back++) {
                    await page.keyboard.press('ArrowLeft');
                }
            }
        }
        await kept(page, `set to ${Number(price).toFixed(2)}`);
    }
    const shown = () =>
        page.locator('.matrix td').evaluateAll((cells) => cells.map((one) => one.querySelector('.text').textContent));
    await expect
        .poll(async () => (await shown()).slice(0, 10))
        .toEqual(prices.map((price) => Number(price).toFixed(2)));
    for (let back = 9; back >= 0; back--) {
        await page.keyboard.press('Control+z');
        await expect(page.locator('.matrix td').nth(back)).not.toContainText(Number(prices[back]).toFixed(2));
    }
    expect((await shown()).filter((text) => /\d/.test(text))).toEqual([]);
});

test('a block is copied to a spreadsheet and pasted from one, and the first row is written along the others', async ({
    page,
    context,
}) => {
    await context.grantPermissions(['clipboard-read', 'clipboard-write']);
    const faults = listen(page);
    await open(page, '?lens=stock');
    const put = (text) => page.evaluate((copied) => navigator.clipboard.writeText(copied), text);
    const stock = () =>
        page.locator('.matrix td').evaluateAll((cells) => cells.map((one) => one.querySelector('.text').textContent));

    // From one cell on.
    await put('1\t2\t3\n4\t5\t1200\n');
    await cell(page, 'Moss, deep, S').click();
    await page.keyboard.press('Control+v');
    await kept(page, 'Pasted 6 stock figures');
    await expect.poll(async () => (await stock()).slice(0, 7)).toEqual(['1', '2', '3', '–', '4', '5', '1,200']);

    // A block that does not fit is refused as a whole, and says how large it is.
    await put('1\t2\n3\t4\n');
    await cell(page, 'Moss, deep, S').click();
    await cell(page, 'Moss, deep, L').click({ modifiers: ['Shift'] });
    await page.keyboard.press('Control+v');
    await expect(page.locator('#notice')).toContainText(
        'The block has 2 rows and 2 columns, selected are 1 row and 3 columns',
    );
    await put('7\tabout 9\t8\n');
    await page.keyboard.press('Control+v');
    await expect(page.locator('#notice')).toContainText('Row 1, column 2 (Moss, deep, M): “about 9” is not a number');
    await expect.poll(async () => (await stock()).slice(0, 4)).toEqual(['1', '2', '3', '–']);

    // Copied without the marks between thousands, and what was not counted as nothing.
    await cell(page, 'Moss, deep, L').click();
    await cell(page, 'Clay, XL').click({ modifiers: ['Shift'] });
    await page.keyboard.press('Control+c');
    expect(await page.evaluate(() => navigator.clipboard.readText())).toBe('3\t\n1200\t');

    // The first row along the rows below it, by key; one undo.
    await cell(page, 'Moss, deep, S').click();
    await cell(page, 'Slate, L').click({ modifiers: ['Shift'] });
    await page.keyboard.press('d');
    await kept(page, 'Pasted 9 stock figures');
    await expect.poll(async () => (await stock()).slice(4, 7)).toEqual(['1', '2', '3']);
    await page.keyboard.press('Control+z');
    await expect.poll(async () => (await stock()).slice(4, 7)).toEqual(['4', '5', '1,200']);

    // What nobody has counted is selected in one go.
    await page.locator('#like-this summary').click();
    await page.getByRole('button', { name: 'All not counted' }).click();
    await expect(page.locator('#foot')).toContainText('stock not counted');
    expect(faults).toEqual([]);
});

test('a word at the pointer says what dropping will do, for pictures and for files from outside', async ({ page }) => {
    const faults = listen(page);
    await open(page);
    const clay = page.locator('.matrix [data-head=row]').nth(1);
    await carry(page, clay, ['tote Teal front.jpg', 'tote Teal back.jpg'], 'dragover');
    await expect(caption(page)).toHaveText('Take in 2 files and link to Clay, 4 SKUs');
    await carry(page, clay, ['tote Teal front.jpg', 'tote Teal back.jpg'], 'drop');
    await expect(caption(page)).toBeHidden();
    await kept(page, 'Took in 2 pictures, linked to Clay, all sizes');
    await expect(page.locator('#uploads')).toContainText('2 of 2 files are linked to Clay, 4 SKUs.');
    await expect(page.locator('#uploads .warns')).toHaveCount(0);
    await carry(page, clay, ['tote Teal front.jpg'], 'drop', () => 'Slate front.jpg');
    await expect(page.locator('#uploads .warns')).toHaveText(
        'Slate front.jpg is linked to Clay, all sizes; its name says Slate.',
    );
    await clay.click();
    await expect(page.locator('#gallery .card-picture')).toHaveCount(2);
    await expect(page.locator('#gallery .waiting')).toHaveCount(0);

    const from = await page.locator('#gallery .card-picture').first().locator('.pick').boundingBox();
    const to = await cell(page, 'Slate, M').boundingBox();
    await page.mouse.move(from.x + 30, from.y + 30);
    await page.mouse.down();
    await page.mouse.move(from.x, from.y + 40, { steps: 4 });
    await page.mouse.move(to.x + 20, to.y + 20, { steps: 8 });
    await expect(async () => {
        await page.mouse.move(to.x + 21, to.y + 20);
        await page.mouse.move(to.x + 20, to.y + 20);
        await expect(caption(page)).toHaveText('Link 1 picture to Slate, M, 1 SKU; Shift: only there', {
            timeout: 500,
        });
    }).toPass();
    await page.keyboard.down('Shift');
    await expect(async () => {
        await page.mouse.move(to.x + 22, to.y + 21);
        await expect(caption(page)).toHaveText('Link 1 picture only to Slate, M, 1 SKU', { timeout: 500 });
    }).toPass();
    await page.mouse.up();
    await page.keyboard.up('Shift');
    await kept(page, 'only to Slate, M');
    await expect(caption(page)).toBeHidden();
    expect(faults).toEqual([]);
});

test('nothing stands in the tray that can do nothing, and a size alone shows a color', async ({ page }) => {
    await open(page);
    await page.locator('.matrix [data-head=row]').nth(1).click();
    await expect(page.getByLabel('View of the marked pictures')).toBeHidden();
    await page.locator('#gallery .card-picture .pick').first().click();
    await expect(page.getByLabel('View of the marked pictures')).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(page.getByLabel('View of the marked pictures')).toBeHidden();

    await page.getByRole('link', { name: 'Shopper preview' }).click();
    await page.locator('.option').getByText('L', { exact: true }).click();
    await expect(page.locator('legend').nth(1)).toHaveText('Size: L');
    await expect(page.getByText(/^Shown in /)).toBeVisible();
});

test('what is typed before a lens is there is meant for that lens (it went into the one still shown)', async ({
    page,
}) => {
    const faults = listen(page);
    await open(page, '?lens=stock');
    await cell(page, 'Moss, deep, M').click();
    await page.keyboard.type('7');
    await page.keyboard.press('Enter');
    await kept(page, 'set to 7');
    let arrive;
    const asked = new Promise((resolve) => {
        arrive = resolve;
    });
    await page.route(/\/board\?.*lens=codes/, async (route) => {
        await asked;
        await route.continue();
    });
    await page.getByRole('button', { name: 'Codes' }).click();
    await cell(page, 'Slate, M').click();
    await page.keyboard.press('Enter');
    await page.keyboard.type('9-ODD');
    await page.keyboard.press('Enter');
    arrive();
    await kept(page, 'Code of Slate, M set to 9-ODD');
    await page.keyboard.press('4');
    await expect(cell(page, 'Moss, deep, M')).toContainText('7');
    await expect(cell(page, 'Slate, M')).not.toContainText('9');
    expect(faults).toEqual([]);
});

test('a change whose answer is lost is sent again by itself, and made once', async ({ page }) => {
    await open(page, '?lens=stock');
    const stock = page.locator('.matrix td').first();
    let tries = 0;
    await page.route(/\/skus\/stock$/, async (route) => {
        tries += 1;
        if (tries === 1) {
            await route.abort();
        } else if (tries === 2) {
            // It is kept, but the answer does not come back.
            await route.fetch();
            await route.fulfill({ status: 503, body: '' });
        } else {
            await route.continue();
        }
    });
    await stock.click();
    await page.keyboard.type('31');
    await page.keyboard.press('Enter');
    await expect(page.getByText('Your change is sent again as soon as it does, and made once.')).toBeVisible();
    await kept(page, 'set to 31');
    await expect(stock).toContainText('31');
    await expect(page.getByText('Your change is sent again')).toHaveCount(0);
    expect(tries).toBe(3);
    await page.unroute(/\/skus\/stock$/);
    await page.keyboard.press('Control+z');
    await expect(stock).not.toContainText('31');
});

test('with four axes the matrix has most of the height; a phone reads the board in whole lines', async ({ page }) => {
    await open(page);
    await page.getByRole('button', { name: 'Change axes…' }).click();
    const axes = page.locator('#setup fieldset');
    for (const [at, name, values] of [
        [2, 'Cuff', 'Plain, Ribbed'],
        [3, 'Weave', 'Twill, Drill'],
    ]) {
        await page.getByRole('button', { name: 'Add an axis' }).click();
        await axes.nth(at).getByLabel('Name of the axis').fill(name);
        await axes.nth(at).locator('textarea').fill(values);
        await expect(plan(page)).toContainText(`2 ${name.toLowerCase()}s`);
    }
    await page.getByRole('button', { name: 'Change', exact: true }).click();
    await expect(page.getByRole('gridcell')).toHaveCount(48);
    const share = () =>
        page.locator('#matrix-scroll').evaluate((scroll) => scroll.getBoundingClientRect().height / window.innerHeight);
    expect(await share()).toBeGreaterThanOrEqual(0.55);
    await page.getByRole('button', { name: 'Show values' }).click();
    await expect(page.getByLabel('Add to Cuff')).toBeVisible();
    await page.reload();
    await expect(page.getByLabel('Add to Cuff')).toBeVisible();
    await page.getByRole('button', { name: 'Fold' }).click();
    await expect(page.getByLabel('Add to Cuff')).toHaveCount(0);
    await sound(page, 'folded axes');
    // It is remembered for the person, not for the product: the tests to come want to see the values.
    await page.getByRole('button', { name: 'Show values' }).click();
    await expect(page.getByLabel('Add to Cuff')).toBeVisible();

    await page.setViewportSize({ width: 390, height: 800 });
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    for (const strip of ['.lenses', '.views']) {
        const tops = await page
            .locator(`${strip} > *:visible`)
            .evaluateAll((items) => new Set(items.map((item) => Math.round(item.getBoundingClientRect().top))).size);
        expect(tops, strip).toBe(1);
    }
});
