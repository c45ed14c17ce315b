import { expect, test } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, readdirSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chooseAxesOf, counting, drag, kept, listen, signIn, sound } from './helpers';

/* Swatches: the promise before the picture. A product of 8 colors with a stamp of its own. */

test.describe.configure({ mode: 'serial' });

const stamp = Date.now().toString(36).toUpperCase();
const code = `COLOR-${stamp}`;
const folder = mkdtempSync(join(tmpdir(), 'slate-color-'));
execFileSync('php', [join(import.meta.dirname, 'shoot.php'), folder, code]);
const fronts = readdirSync(folder)
    .filter((name) => /_(front|back)\.jpg$/.test(name))
    .map((name) => join(folder, name));

const display = (page) => page.getByLabel('Shoppers choose the Color by');
const sum = (page) => page.locator('.colors-sum');
const row = (page, color) => page.locator('.colors-table tbody tr').filter({ hasText: color });
const point = (page, color) => page.locator(`[data-color-map] [data-label="${color}"]`);
const dialog = (page) => page.getByRole('dialog');

/** The color of a swatch, as the table has it. */
const shown = (page, color) => row(page, color).locator('code').first();

test.beforeAll(async ({ browser }) => {
    const page = await browser.newPage();
    await signIn(page);
    await chooseAxesOf(page, `Colors ${stamp}`, code);
    await dialog(page).getByLabel('Name of the axis').first().fill('Color');
    await dialog(page).locator('textarea').first().fill('Teal, Maroon, Olive, Navy, Orange, Orchid, Tan, Gray');
    await dialog(page).getByRole('button', { name: 'Build' }).click();
    await expect(page.locator('[data-made]')).toHaveCount(8);
    await page.goto('/intake');
    await page.locator('[data-intake-files]').first().setInputFiles(fronts);
    await page.getByRole('button', { name: 'Link all 16 that are sure' }).click({ timeout: 120_000 });
    await expect(page.locator('.intake-sums')).toContainText('16 linked');
    await page.close();
});

test('an axis goes from a list to complete picture swatches in two acts, and the shopper sees cloth', async ({
    page,
}) => {
    const faults = listen(page);
    await signIn(page);
    await page.goto(`/products/${code}/colors`);
    await display(page).selectOption('list');
    await kept(page, 'Shoppers choose the Color by a list');
    await sound(page, 'the colors of a product');

    const acts = counting();
    await acts.act(display(page).selectOption('picture swatches'));
    await expect(sum(page)).toContainText('no swatch: 8');
    await acts.act(page.getByRole('button', { name: 'Fill all 8 gaps from Lead pictures' }).click());
    await kept(page, 'swatches made from Lead pictures: Teal');
    await expect(sum(page)).not.toContainText('no swatch');
    await expect(page.getByRole('button', { name: /gaps? from Lead/ })).toHaveCount(0);
    expect(acts.made()).toBe(2);

    await page.goto(`/products/${code}/preview`);
    const swatch = page.getByRole('button', { name: 'Maroon' }).locator('image');
    await expect(swatch).toHaveCount(1);
    // Cut by the queue; drawn by the browser in the color of the cloth.
    await expect
        .poll(async () => (await page.request.get(await swatch.getAttribute('href'))).headers()['content-type'])
        .toMatch(/webp|jpeg/);
    await page.goto(`/products/${code}/colors`);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(sum(page)).toContainText('no swatch: 8');
    await page.getByRole('button', { name: 'Redo' }).click();
    await expect(sum(page)).not.toContainText('no swatch');
    expect(faults).toEqual([]);
});

test('a swatch is typed, picked from a picture by pointer and by keys, and made a pattern', async ({ page }) => {
    const faults = listen(page);
    await signIn(page);
    await page.goto(`/products/${code}/colors`);
    await row(page, 'Teal').getByRole('button', { name: 'Swatch… of Teal' }).click();
    await dialog(page).getByRole('radio', { name: 'Colors', exact: true }).check();
    await dialog(page).getByLabel('Color', { exact: true }).fill('oklch(0.45 0.06 195)');
    await dialog(page).getByLabel('Color', { exact: true }).press('Tab');
    await expect(dialog(page).locator('.swatch-words code')).toHaveText('#256060');
    await dialog(page).getByLabel('Color', { exact: true }).fill('tealish');
    await dialog(page).getByLabel('Color', { exact: true }).press('Tab');
    await expect(dialog(page).getByRole('alert')).toContainText('“tealish” is not a color that is known');
    await expect(dialog(page).getByRole('button', { name: 'Keep' })).toBeDisabled();
    await sound(page, 'the dialog of a swatch');

    // In the middle of the picture is cloth; the corner is ground.
    const dropper = dialog(page).locator('[data-dropper]');
    await dropper.click();
    await expect(dialog(page).locator('[data-dropper-said]')).toContainText(/^#00(7f|80|81)(7f|80|81), near Teal$/);
    await dropper.focus();
    for (let time = 0; time < 9; time++) {
        await page.keyboard.press('Shift+ArrowLeft');
        await page.keyboard.press('Shift+ArrowUp');
    }
    await page.keyboard.press('Enter');
    await expect(dialog(page).locator('[data-dropper-said]')).toContainText(/#f[ab]f[ab]f[9ab]/);
    await dropper.click();
    await expect(dialog(page).getByLabel('Color', { exact: true })).toHaveValue(/^#00(7f|80|81)(7f|80|81)$/);

    await dialog(page).getByRole('radio', { name: 'A pattern' }).check();
    await dialog(page).getByLabel('Second', { exact: true }).fill('white');
    await dialog(page).getByLabel('Second', { exact: true }).press('Tab');
    await dialog(page).locator('.tiles label[title=Dots]').click();
    await expect(dialog(page).locator('.tiles input[value=dots]')).toBeChecked();
    await dialog(page)
        .getByRole('radio', { name: /only, where the cloth differs/ })
        .check();
    await dialog(page).getByRole('button', { name: 'Keep' }).click();
    await kept(page, /Swatch of Color Teal on this product is dots of #0080\d\d and #ffffff/);
    await expect(shown(page, 'Teal')).toHaveText(/^#0080\d\d\/#ffffff$/);
    expect(faults).toEqual([]);
});

test('a picture from the disk becomes a swatch', async ({ page }) => {
    const faults = listen(page);
    await signIn(page);
    await page.goto(`/products/${code}/colors`);
    await row(page, 'Gray').getByRole('button', { name: 'Swatch… of Gray' }).click();
    await dialog(page)
        .locator('[data-swatch-file]')
        .setInputFiles(join(folder, 'many', `${code}-many-001.jpg`));
    await expect(dialog(page).getByRole('radio', { name: 'A piece of a picture' })).toBeChecked();
    // It is read by the queue; then its color stands in the field.
    await expect(dialog(page).locator('[data-dropper-said]')).toContainText('near', { timeout: 60_000 });
    const color = await dialog(page).getByLabel('Color', { exact: true }).inputValue();
    await dialog(page).getByRole('button', { name: 'Keep' }).click();
    await kept(page, `Swatch of Color Gray on this product is a piece of a picture, ${color}`);

    // The same by dropping a file on the dialog.
    await row(page, 'Tan').getByRole('button', { name: 'Swatch… of Tan' }).click();
    await expect(dialog(page).locator('[data-swatch-file]')).toBeVisible();
    const bytes = readFileSync(join(folder, 'many', `${code}-many-002.jpg`)).toString('base64');
    const dropped = await page.evaluateHandle((content) => {
        const transfer = new DataTransfer();
        transfer.items.add(
            new File([Uint8Array.from(atob(content), (character) => character.charCodeAt(0))], 'cloth.jpg', {
                type: 'image/jpeg',
            }),
        );
        return transfer;
    }, bytes);
    await dialog(page).locator('.swatch-form').dispatchEvent('drop', { dataTransfer: dropped });
    await expect(dialog(page).getByRole('radio', { name: 'A piece of a picture' })).toBeChecked();
    await expect(dialog(page).locator('[data-dropper-said]')).toContainText('near', { timeout: 60_000 });
    await dialog(page).getByRole('button', { name: 'Cancel' }).click();
    expect(faults).toEqual([]);
});

test('swatches are moved on the map by the pointer and by keys, and the measured ones are taken', async ({ page }) => {
    const faults = listen(page);
    await signIn(page);
    await page.goto(`/products/${code}/colors`);
    await display(page).selectOption('color swatches');
    await row(page, 'Maroon').getByRole('button', { name: 'Swatch… of Maroon' }).click();
    await dialog(page).getByRole('radio', { name: 'Colors', exact: true }).check();
    await dialog(page).getByLabel('Color', { exact: true }).fill('#401010');
    await dialog(page).getByLabel('Color', { exact: true }).press('Tab');
    await expect(dialog(page).locator('.swatch-words code')).toHaveText('#401010');
    await dialog(page).getByRole('button', { name: 'Keep' }).click();
    await expect(shown(page, 'Maroon')).toHaveText('#401010');
    await expect(page.locator('.findings')).toContainText(
        'The swatch of Maroon is not the color that its 2 pictures show',
    );
    await page.getByRole('button', { name: 'Take measured colors…' }).click();
    await expect(dialog(page).getByRole('img', { name: 'The picture of Maroon that was measured' })).toBeVisible();
    await dialog(page).getByRole('checkbox', { name: 'Maroon' }).check();
    await dialog(page).getByRole('button', { name: 'Take them' }).click();
    await kept(page, 'On this product, swatches taken from pictures: ');
    await expect(shown(page, 'Maroon')).toHaveText(/^#[78][0f]0[01]0[01]$/);
    const measured = await shown(page, 'Maroon').textContent();

    // By keys: five steps up in lightness, kept with Enter; what was not kept is let go with Escape.
    await point(page, 'Maroon').focus();
    await page.keyboard.press('Shift+PageUp');
    await expect(page.locator('[data-map-readout]')).toContainText('Maroon: L 31');
    await page.keyboard.press('Escape');
    await expect(page.locator('[data-map-readout]')).toContainText('Maroon: L 26');
    await page.keyboard.press('Shift+PageUp');
    await page.keyboard.press('Enter');
    await expect(shown(page, 'Maroon')).not.toHaveText(measured);
    await kept(page, 'Swatch of Color Maroon on this product is');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(shown(page, 'Maroon')).toHaveText(measured);

    // By the pointer: to where another stands.
    await drag(page, point(page, 'Maroon').locator('.spot circle'), page.locator('[data-color-map] .cross').first());
    await expect(shown(page, 'Maroon')).not.toHaveText(measured);
    // A click opens it.
    await point(page, 'Maroon').locator('.spot circle').click();
    await expect(dialog(page).getByRole('heading', { name: 'Swatch of Color Maroon' })).toBeVisible();
    expect(faults).toEqual([]);
});

test('colors are ordered in one act, looked at with other eyes, and a new one is seen before it is made', async ({
    page,
}) => {
    const faults = listen(page);
    await signIn(page);
    await page.goto(`/products/${code}/colors`);
    await page.getByLabel('Order the values').selectOption('name');
    await kept(page, 'Reordered Color: Gray, ');
    await page.getByRole('link', { name: 'without green cones' }).click();
    await expect(page.getByText('As seen without green cones')).toBeVisible();
    await page.getByRole('link', { name: 'Swatch sheet' }).click();
    await expect(page.getByRole('heading', { name: /Color/ })).toBeVisible();
    await sound(page, 'the swatch sheet');

    await page.goto('/library');
    await page.getByRole('link', { name: 'Color', exact: true }).click();
    await page.getByRole('link', { name: 'Colors and their map' }).click();
    await page.getByLabel('A color you think of').fill('#2e4c71');
    await page.getByRole('button', { name: 'See it beside the others' }).click();
    await expect(page.getByText('is nearest to')).toBeVisible();
    await sound(page, 'the colors of the library');
    await page.getByLabel('Add it as').fill(`Dusk ${stamp}`);
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    await kept(page, `Added Color Dusk ${stamp} to the library`);
    expect(faults).toEqual([]);
});
