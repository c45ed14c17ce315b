import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { drag, kept, listen, signIn, sound, textOf } from './helpers';

const COLORS = ['Teal', 'Rose', 'Sand'];
const VIEWS = ['front', 'back', 'worn', 'detail'];
const code = `TOTE-${Date.now()}`;
const folder = mkdtempSync(join(tmpdir(), 'slate-'));
const file = (name) => join(folder, name);

test.describe.configure({ mode: 'serial' });

test.beforeAll(() => {
    execFileSync('php', ['tests/Browser/pictures.php', folder]);
});

test('from an empty product to galleries that follow the choice', async ({ page }) => {
    const faults = listen(page);
    const card = (name) =>
        page
            .locator('.card-picture')
            .filter({ has: page.locator(`img[alt], .waiting`) })
            .filter({ has: page.getByRole('button', { name: `About ${name}`, exact: false }) });
    const row = (name) => page.locator('.matrix [data-head=row]').filter({ hasText: name });
    const column = (name) =>
        page.locator('.matrix [data-head=column]').filter({ hasText: new RegExp(`^\\s*${name}\\s*\\d`) });
    const cell = (name) => page.getByRole('gridcell', { name: new RegExp(`^${name}`) });

    await test.step('sign in and make a product', async () => {
        await page.goto('/sign-in');
        await sound(page, 'sign-in');
        await signIn(page);
        await page.getByRole('button', { name: 'New product' }).click();
        await page.getByLabel('Name of a new product').fill('Canvas tote');
        await page.getByLabel('Code', { exact: true }).fill(code);
        await page.getByLabel('Shot list').selectOption('Garment');
        await page.getByRole('button', { name: 'Make product' }).click();
        await expect(page.getByRole('heading', { name: 'Canvas tote' })).toBeVisible();
    });

    await test.step('choose axes, pasting values, and build', async () => {
        await page.getByRole('button', { name: /Choose axes/ }).click();
        await page.getByLabel('Name of the axis').fill('Color');
        await page.getByLabel('Values of the new axis').fill('Teal, Rose|Sand; TEAL');
        await expect(page.getByText('“TEAL” stands here already; counted once.')).toBeVisible();
        await page.getByRole('button', { name: 'Add an axis' }).click();
        await page.getByLabel('Name of the axis').nth(1).fill('Size');
        await page.getByLabel('Values of the new axis').fill('XL\tS\nL,M');
        await expect(page.locator('#plan')).toContainText('3 colors × 4 sizes = 12 SKUs');
        await expect(page.locator('.setup .read').nth(1).locator('.label')).toHaveText(['S', 'M', 'L', 'XL']);
        await sound(page, 'axes');
        await page.getByRole('button', { name: 'Build' }).click();
        await expect(page.getByRole('gridcell')).toHaveCount(12);
        await kept(page, 'makes 12');
    });

    await test.step('drop files, bad ones among them', async () => {
        const good = COLORS.flatMap((color) => VIEWS.map((view) => file(`tote ${color} ${view}.jpg`)));
        await page
            .locator('#files')
            .setInputFiles([
                ...good,
                file('guide.png'),
                file('notes.jpg'),
                file('empty.jpg'),
                file('huge.png'),
                file('teal xl only.webp'),
            ]);
        await expect(page.getByText('14 of 17 files are in the tray.')).toBeVisible();
        await expect(page.getByText('notes.jpg is not a picture that can be used: it holds plain text.')).toBeVisible();
        await expect(page.getByText('empty.jpg is empty (0 bytes).')).toBeVisible();
        await expect(page.getByText('huge.png has 20,000 × 20,000 px')).toBeVisible();
        await expect(page.locator('#unlinked .card-picture')).toHaveCount(14);
        await expect(page.locator('#unlinked .waiting')).toHaveCount(0, { timeout: 120_000 });

        const again = await page.evaluateHandle(
            (bytes) => {
                const files = new DataTransfer();
                files.items.add(new File([new Uint8Array(bytes)], 'the guide again.png', { type: 'image/png' }));
                return files;
            },
            [...readFileSync(file('guide.png'))],
        );
        await page.locator('#tray').dispatchEvent('drop', { dataTransfer: again });
        await expect(page.getByText('the guide again.png is here already, as guide.png.')).toBeVisible();
    });

    await test.step('link: mark and drag four at once onto a color', async () => {
        for (const color of COLORS) {
            for (const view of VIEWS) {
                await card(`tote ${color} ${view}.jpg`).locator('.pick').click();
            }
            await drag(page, card(`tote ${color} front.jpg`).locator('.pick'), row(color), {
                until: async () => (await row(color).getAttribute('class')).includes('is-target'),
            });
            await kept(page, `Linked 4 pictures to ${color}`);
        }
        await expect(row('Teal')).toBeVisible();
    });

    await test.step('link with keys: the guide to the whole product, one picture to one SKU', async () => {
        await card('guide.png').locator('.pick').click();
        await page.keyboard.press('a');
        await expect(page.locator('#foot')).toContainText('Whole product');
        await page.keyboard.press('l');
        await kept(page, 'Linked guide.png to whole product');

        await drag(page, card('teal xl only.webp').locator('.pick'), cell('Teal, XL'), {
            until: async () => (await cell('Teal, XL').getAttribute('class')).includes('is-target'),
        });
        await kept(page, 'Linked teal xl only.webp to Teal, XL');
        await expect(page.locator('#unlinked .card-picture')).toHaveCount(0);
        await sound(page, 'board');
    });

    await test.step('views, roles and why', async () => {
        await row('Teal').click();
        await expect(page.getByRole('heading', { name: /Gallery of Teal/ })).toBeVisible();
        await expect(page.getByText('1 of these is not shown by all 4 SKUs')).toBeVisible();
        await page.getByRole('button', { name: 'About tote Teal front.jpg' }).click();
        await sound(page, 'about a picture');
        await page.getByRole('dialog').getByRole('button', { name: 'Lead' }).click();
        await kept(page, 'tote Teal front.jpg is Lead');
        await expect(page.getByRole('dialog').getByRole('button', { name: 'Lead' })).toHaveAttribute(
            'aria-pressed',
            'true',
        );
        await page.getByLabel('View', { exact: true }).selectOption('front');
        await kept(page, 'view front');
        await page.getByLabel('Alt text').fill('A teal tote from the front');
        await page.getByLabel('Alt text').press('Tab');
        await kept(page, 'Alt text of tote Teal front.jpg');
        await page.getByRole('button', { name: 'Close' }).click();
        await card('tote Teal back.jpg').locator('.pick').click();
        await page.getByLabel('View of the marked pictures').selectOption('back');
        await kept(page, 'tote Teal back.jpg: view back');
        await expect(page.locator('#gallery .badges', { hasText: 'Hover' })).toHaveCount(1);
        await page.keyboard.press('Escape');

        await cell('Teal, XL').click();
        await page.getByRole('button', { name: 'About teal xl only.webp' }).click();
        await page.getByRole('dialog').getByRole('button', { name: 'Lead' }).click();
        await kept(page, 'teal xl only.webp is Lead');
        await expect(page.locator('#gallery .card-picture')).toHaveCount(6);
        await expect(
            page.getByText('assigned for Teal, XL; narrower than or before tote Teal front.jpg (Teal).'),
        ).toBeVisible();
        await page.getByRole('button', { name: 'Close' }).click();

        await cell('Teal, L').click();
        await expect(page.locator('#gallery .card-picture')).toHaveCount(5);
        await expect(page.locator('#gallery .card-picture').first().locator('.badges')).toContainText('Lead');
    });

    await test.step('order by drag and by key, hide, unlink', async () => {
        await row('Rose').click();
        await expect(page.getByRole('heading', { name: /Gallery of Rose/ })).toBeVisible();
        const names = () =>
            page
                .locator('#gallery .card-picture .about')
                .evaluateAll((buttons) => buttons.map((button) => button.title.replace('About ', '')));
        expect(await names()).toEqual([
            'tote Rose front.jpg',
            'tote Rose back.jpg',
            'tote Rose worn.jpg',
            'tote Rose detail.jpg',
            'guide.png',
        ]);
        await drag(
            page,
            page.locator('#gallery .card-picture').nth(2).locator('.pick'),
            page.locator('#gallery .card-picture').nth(0),
            { at: 0.2, until: async () => (await names())[0] === 'tote Rose worn.jpg' },
        );
        await kept(page, 'Moved tote Rose worn.jpg to place 1');
        await expect
            .poll(names)
            .toEqual([
                'tote Rose worn.jpg',
                'tote Rose front.jpg',
                'tote Rose back.jpg',
                'tote Rose detail.jpg',
                'guide.png',
            ]);
        await card('tote Rose worn.jpg').locator('.pick').click();
        await page.keyboard.press(']');
        await kept(page, 'to place 2');
        await expect
            .poll(names)
            .toEqual([
                'tote Rose front.jpg',
                'tote Rose worn.jpg',
                'tote Rose back.jpg',
                'tote Rose detail.jpg',
                'guide.png',
            ]);
        await page.keyboard.press('h');
        await kept(page, 'Hid tote Rose worn.jpg from Rose');
        await expect(page.locator('#hidden-here .card-picture')).toHaveCount(1);
        await page.keyboard.press('u');
        await kept(page, 'Unlinked tote Rose worn.jpg from Rose');
        await expect(page.locator('#unlinked .card-picture')).toHaveCount(1);
        await page.keyboard.press('Control+z');
        await expect(page.locator('#unlinked .card-picture')).toHaveCount(0);
        await page.keyboard.press('Control+z');
        await expect(page.locator('#gallery .card-picture')).toHaveCount(5);
        await page.keyboard.press('Control+Shift+z');
        await expect(page.locator('#hidden-here .card-picture')).toHaveCount(1);
        await page.keyboard.press('Control+z');
        await expect(page.locator('#gallery .card-picture')).toHaveCount(5);
    });

    await test.step('a number typed for whatever is selected', async () => {
        await page.keyboard.press('Escape');
        await page.keyboard.press('3');
        await expect(page.getByRole('button', { name: 'Prices' })).toHaveAttribute('aria-pressed', 'true');
        await page.locator('.matrix .corner').click();
        await page.keyboard.type('20');
        await page.keyboard.press('Enter');
        await kept(page, 'Price of the whole product set to 20.00');
        await column('XL').click();
        await page.keyboard.type('30');
        await page.keyboard.press('Enter');
        await kept(page, 'Price of XL, all colors set to 30.00: XL adds +10.00 (was nothing)');
        await page.locator('.matrix .corner').click();
        await expect(page.locator('#foot')).toContainText('20.00–30.00');

        await page.getByRole('button', { name: 'Stock' }).click();
        await expect(page.getByRole('button', { name: 'Stock' })).toHaveAttribute('aria-pressed', 'true');
        await page.locator('.matrix .corner').click();
        await page.keyboard.type('10');
        await page.keyboard.press('Enter');
        await kept(page, 'Stock of the whole product set to 10');
        await cell('Sand, S').click();
        await page.keyboard.type('0');
        await page.keyboard.press('Enter');
        await kept(page, 'set to 0');
        await sound(page, 'stock');

        // What is clicked while another lens is drawn may be another cell by then.
        await page.getByRole('button', { name: 'Codes' }).click();
        await expect(page.getByRole('button', { name: 'Codes' })).toHaveAttribute('aria-pressed', 'true');
        await cell('Sand, S').click();
        await page.keyboard.press('Enter');
        await page.keyboard.type(`${code}-ODD`);
        await page.keyboard.press('Enter');
        await kept(page, `Code of Sand, S set to ${code}-ODD`);
        await page.keyboard.press('Escape');
        await page.getByRole('button', { name: 'Photos' }).click();
    });

    await test.step('a value removed and added again, a style added, all undone by one key', async () => {
        const codes = () => textOf(page, `/products/${code}/sheet.csv`);
        const before = await codes();
        await page.getByRole('listitem').filter({ hasText: 'Rose' }).first().hover();
        await page.getByRole('button', { name: 'Remove Rose…' }).click();
        await expect(page.locator('#plan')).toContainText('retires 4 with 40 in stock, 4 pictures return to the tray');
        await page.getByRole('button', { name: 'Change', exact: true }).click();
        await expect(page.getByRole('gridcell')).toHaveCount(8);
        await expect(page.locator('#unlinked .card-picture')).toHaveCount(4);
        await page.getByLabel('Add to Color').fill('Rose');
        await page.getByLabel('Add to Color').press('Enter');
        await expect(page.locator('#plan')).toContainText('brings back 4, 4 pictures return to their place');
        await page.getByRole('button', { name: 'Change', exact: true }).click();
        await expect(page.getByRole('gridcell')).toHaveCount(12);
        await expect(page.locator('#unlinked .card-picture')).toHaveCount(0);
        expect((await codes()).split('\r\n').sort()).toHaveLength(before.split('\r\n').length);
        await page.locator('.matrix td').first().click();
        await page.keyboard.press('Control+z');
        await expect(page.getByRole('gridcell')).toHaveCount(8);
        await page.keyboard.press('Control+z');
        await expect(page.getByRole('gridcell')).toHaveCount(12);
        expect(await codes()).toBe(before);

        await page.getByRole('button', { name: 'Change axes…' }).click();
        await page.getByRole('button', { name: 'Add an axis' }).click();
        await page.getByLabel('Name of the axis').fill('Handle');
        await page.getByLabel('Values of the new axis').fill('Long, Short');
        await expect(page.locator('#plan')).toContainText('makes 12, moves 12');
        await page.getByLabel('The 12 SKUs of today are Handle').selectOption('Short');
        await expect(page.locator('#plan')).toContainText('makes 12, moves 12');
        await page.getByRole('button', { name: 'Change', exact: true }).click();
        await expect(page.getByRole('gridcell')).toHaveCount(24);
        await expect(page.locator('#unlinked .card-picture')).toHaveCount(0);
        await sound(page, 'board with layers');
        await page.getByRole('gridcell').first().click();
        await page.keyboard.press('ArrowLeft');
        await page.keyboard.press('ArrowLeft');
        await expect(page.locator('#foot')).toContainText('8 SKUs');
        await page.keyboard.press('ArrowDown');
        await expect(page.locator('#foot b')).toHaveText('Rose');
        await page.locator('.matrix td').first().click();
        await page.keyboard.press('Control+z');
        await expect(page.getByRole('gridcell')).toHaveCount(12);
        expect(await codes()).toBe(before);
    });

    await test.step('cells left out by selection', async () => {
        await cell('Sand, XL').click();
        await page.getByRole('button', { name: 'Leave out…' }).click();
        await expect(page.getByRole('dialog')).toContainText('This retires 1 with 10 in stock');
        await page.getByRole('dialog').getByRole('button', { name: 'Leave out' }).click();
        await expect(page.getByRole('gridcell', { name: 'Sand, XL: left out' })).toBeVisible();
        await expect(page.locator('.axes .sum')).toHaveText('3 colors × 4 sizes = 12 cells − 1 left out = 11 SKUs');
    });

    await test.step('the shopper: before a choice, partial, full, sold out, left out', async () => {
        await page.getByRole('link', { name: 'Shopper preview' }).click();
        const pictures = () =>
            page.locator('.strip [data-file]').evaluateAll((buttons) => buttons.map((button) => button.dataset.file));
        await expect(page.locator('.strip [data-file]')).toHaveCount(5);
        await sound(page, 'preview');
        await page.locator('.option', { hasText: 'Rose' }).click();
        await expect(page.locator('legend').first()).toHaveText('Color: Rose');
        expect(await pictures()).toEqual(expect.arrayContaining(['tote Rose front.jpg', 'guide.png']));
        expect((await pictures()).filter((name) => /Teal|Sand/.test(name))).toEqual([]);
        await page.locator('.option', { hasText: 'Teal' }).click();
        await expect(page.locator('legend').first()).toHaveText('Color: Teal');
        await page.locator('.option', { hasText: 'XL' }).click();
        await expect(page.locator('legend').nth(1)).toHaveText('Size: XL');
        expect((await pictures())[0]).toBe('teal xl only.webp');
        await expect(page.locator('.buy')).toHaveText('Add to basket');
        await expect(page.locator('.price')).toHaveText('30.00 EUR');
        await page.locator('.option', { hasText: 'Teal' }).click();
        await expect(page.locator('legend').first()).toHaveText('Color');
        await page.locator('.option', { hasText: 'XL' }).click();
        await expect(page.locator('legend').nth(1)).toHaveText('Size');
        await page.locator('.option', { hasText: 'Sand' }).click();
        await expect(page.locator('.option', { hasText: 'XL' })).toBeDisabled();
        await expect(page.getByRole('button', { name: 'S sold out', exact: true })).toBeVisible();
        await page.getByRole('button', { name: 'S sold out', exact: true }).click();
        await expect(page.locator('.buy')).toHaveText('Sold out');
        await page.locator('.stage').click();
        await expect(page.locator('.stage')).toHaveAttribute('aria-pressed', 'true');
        await page.setViewportSize({ width: 390, height: 800 });
        expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
        await sound(page, 'preview on a phone');
        await page.setViewportSize({ width: 1280, height: 800 });
    });

    await test.step('history in words, details, and out', async () => {
        await page.getByRole('link', { name: 'History' }).click();
        await expect(page.getByText('Price of the whole product set to 20.00')).toBeVisible();
        await sound(page, 'history');
        await page.getByRole('link', { name: 'Details' }).click();
        await page.getByLabel('Brand').fill('Canvas House');
        await page.getByLabel('Brand').press('Tab');
        await kept(page, 'Brand set to “Canvas House”');
        await sound(page, 'details');
        await page.getByRole('button', { name: 'Change… the currency' }).click();
        await page.getByLabel('Currency', { exact: true }).fill('XXX');
        await expect(page.locator('#plan')).toContainText('“XXX” is not a currency');
        await page.getByLabel('Currency', { exact: true }).fill('JPY');
        await expect(page.locator('#plan')).toContainText('20.00');
        await sound(page, 'currency');
        await page.getByRole('dialog').getByRole('button', { name: 'Cancel' }).click();
        const download = page.waitForEvent('download');
        await page.getByRole('link', { name: /JSON-LD/ }).click();
        const document = JSON.parse(readFileSync(await (await download).path(), 'utf8'));
        expect(document.hasVariant).toHaveLength(11);
        await page.goto('/');
        await sound(page, 'catalog');
    });

    expect(faults).toEqual([]);
});

test('a code in use is refused at the field, with what was typed kept', async ({ page }) => {
    await signIn(page);
    await page.getByRole('button', { name: 'New product' }).click();
    await page.getByLabel('Name of a new product').fill('Another tote');
    await page.getByLabel('Code', { exact: true }).fill(code.toLowerCase());
    await page.getByRole('button', { name: 'Make product' }).click();
    await expect(page.locator('.field .error')).toHaveText(
        `${code.toLowerCase()} is the code of Canvas tote. Choose another.`,
    );
    await expect(page.getByLabel('Name of a new product')).toHaveValue('Another tote');
});

test('two windows on one product: the later change is told, shown and repeated', async ({ page, browser }) => {
    await signIn(page);
    await page.goto(`/products/${code}?lens=stock`);
    const other = await (await browser.newContext({ baseURL: test.info().project.use.baseURL })).newPage();
    await signIn(other, 'ines');
    await other.goto(`/products/${code}?lens=stock`);

    await page.locator('.matrix .corner').click();
    await page.keyboard.type('7');
    await page.keyboard.press('Enter');
    await kept(page, 'Stock of the whole product set to 7');

    await other.locator('.matrix td').first().click();
    await other.keyboard.type('3');
    await other.keyboard.press('Enter');
    await expect(other.locator('#notice')).toContainText('changed while this window was open (Ada Ferris');
    await expect(other.locator('.matrix td').nth(1)).toContainText('7');
    await expect(other.locator('.matrix td').first()).toContainText('7');
    await other.getByRole('button', { name: 'Make my change now' }).click();
    await expect(other.locator('.matrix td').first()).toContainText('3');
    await expect(other.locator('#notice .notice')).toHaveCount(0);
});

test('who may only look sees everything and can change nothing', async ({ page }) => {
    await signIn(page, 'wren');
    await expect(page.getByRole('button', { name: 'New product' })).toHaveCount(0);
    await page.goto(`/products/${code}`);
    await expect(page.getByRole('gridcell').first()).toBeVisible();
    await expect(page.getByRole('button', { name: 'Change axes…' })).toHaveCount(0);
    await expect(page.locator('#files')).toHaveCount(0);
    await sound(page, 'board for looking');
});
