import { expect, test } from '@playwright/test';
import { chooseAxesOf, kept, listen, signIn, sound } from './helpers';

/* A product of four axes and 5,000 cells, and one of a single SKU. */

const code = `LARGE-${Date.now()}`;
const numbered = (stem, count) => Array.from({ length: count }, (_, at) => `${stem} ${at + 1}`).join(', ');
const foot = (page) => page.locator('#foot b');

test.describe.configure({ mode: 'serial' });

test('5,000 cells are planned, built and looked at layer by layer', async ({ page }) => {
    const faults = listen(page);
    await signIn(page);
    await chooseAxesOf(page, 'Large coat', code);
    const dialog = page.getByRole('dialog');
    for (const [at, [name, values]] of [
        ['Tone', numbered('Hue', 25)],
        ['Span size', numbered('Run', 20)],
        ['Style', numbered('Cut', 5)],
        ['Lining', 'None, Wool'],
    ].entries()) {
        if (at > 0) {
            await dialog.getByRole('button', { name: 'Add an axis' }).click();
        }
        await dialog.getByLabel('Name of the axis').nth(at).fill(name);
        await dialog.locator('textarea').nth(at).fill(values);
        await expect(dialog.locator('#plan')).toContainText(`${values.split(',').length} ${name.toLowerCase()}s`);
    }
    await expect(dialog.locator('#plan')).toContainText('25 tones × 20 span sizes × 5 styles × 2 linings = 5,000 SKUs');
    await dialog.getByRole('button', { name: 'Build' }).click();
    await kept(page, 'makes 5,000');
    await page.goto(`/products/${code}`);
    await expect(page.getByRole('gridcell')).toHaveCount(500);
    await sound(page, 'four axes');

    // Another layer, then all of one axis; what is selected stays to its layer.
    await page.getByRole('group', { name: 'Shown of Style' }).getByRole('button', { name: 'Cut 3' }).click();
    await expect(page.getByRole('gridcell', { name: /^Hue 1, Run 1, Cut 3, None/ })).toBeVisible();
    await page.locator('.matrix .corner').click();
    await expect(foot(page)).toContainText('Cut 3');
    await expect(page.locator('#foot .sums')).toContainText('500 SKUs');
    await page.getByRole('group', { name: 'Shown of Lining' }).getByRole('button', { name: 'All' }).click();
    await expect(page.getByRole('gridcell')).toHaveCount(1000);

    // Typing finds what the layers hide; a price set for it is kept.
    await page.keyboard.press('3');
    await page.locator('#find').fill('hue 7 run 12 wool');
    await page.keyboard.press('Enter');
    await expect(foot(page)).toHaveText('Hue 7, Wool, Run 12');
    await page.locator('#typed').fill('88');
    await page.keyboard.press('Enter');
    await kept(page, 'Price of Hue 7, Wool, Run 12, all styles set to 88.00');
    await expect(page.getByRole('gridcell', { name: /^Hue 7, Run 12, Cut 3, Wool/ })).toContainText('88.00');
    expect(faults).toEqual([]);
});

test('too many cells are refused in words, and what was typed stays', async ({ page }) => {
    const faults = listen(page);
    await signIn(page);
    await page.goto(`/products/${code}`);
    await page.getByRole('button', { name: 'Change axes' }).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('Values of Lining').fill('None, Wool, Fleece, Silk, Down');
    await expect(dialog.locator('#plan')).toContainText(
        'That would be 12,500 cells; a product can have 10,000. Take away some values, or make it two products.',
    );
    await expect(dialog.getByRole('button', { name: 'Change', exact: true })).toBeDisabled();
    await expect(dialog.getByLabel('Values of Lining')).toHaveValue(/Fleece/);
    await dialog.getByLabel('Values of Lining').fill('None, Wool, Fleece');
    await expect(dialog.locator('#plan')).toContainText('7,500 SKUs');
    await expect(dialog.locator('#plan')).toContainText('This makes 2,500');
    expect(faults).toEqual([]);
});

test('a single SKU has a board, a price and a place for pictures too', async ({ page }) => {
    const faults = listen(page);
    await signIn(page);
    await chooseAxesOf(page, 'One line', `${code}-ONE`);
    await expect(page.locator('#plan')).toContainText('No axes: 1 SKU');
    await page.getByRole('button', { name: 'Build' }).click();
    await kept(page, 'makes 1');
    await page.keyboard.press('3');
    await page.locator('#typed').fill('6.50');
    await page.keyboard.press('Enter');
    await kept(page, 'set to 6.50');
    await sound(page, 'no axis');
    expect(faults).toEqual([]);
});

test('forty values of long names leave the matrix its height; they are a list to scroll, to search and to put in order', async ({
    page,
}) => {
    const faults = listen(page);
    await signIn(page);
    await chooseAxesOf(page, 'Long names', `${code}-FORTY`);
    const dialog = page.getByRole('dialog');
    const name = (at) => `Zwirbeltuch ${String(at).padStart(2, '0')} nach alter Zunftordnung`;
    await dialog.getByLabel('Name of the axis').fill('Hue');
    await dialog.locator('textarea').fill(Array.from({ length: 40 }, (_, at) => name(at + 1)).join('\n'));
    await expect(dialog.locator('#plan')).toContainText('40 hues = 40 SKUs');
    // The list of an axis scrolls in itself: what the change does is in sight.
    await expect(dialog.locator('#plan')).toBeInViewport();
    await dialog.getByRole('button', { name: 'Build' }).click();
    await kept(page, 'makes 40');
    await page.goto(`/products/${code}-FORTY`);
    expect((await page.locator('#matrix-scroll').boundingBox()).height).toBeGreaterThan(0.55 * 800);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(1280);
    await sound(page, 'forty long names');

    const more = page.getByRole('button', { name: /^\d+ more$/ });
    await more.click();
    await page.getByLabel('Find among the values of Hue').fill('07');
    await expect(page.locator('.chip:visible')).toHaveCount(1);
    await page.getByLabel('Find among the values of Hue').fill('');
    const second = page.locator('.chip').nth(1);
    await second.getByRole('button', { name: name(2), exact: true }).focus();
    await second.getByRole('button', { name: `${name(2)} earlier` }).press('Enter');
    await kept(page, 'order');
    await expect(page.locator('.chip').first()).toHaveAttribute('data-name', name(2));
    await expect(page.locator('.matrix tbody th').first()).toContainText('02');
    await page.getByLabel('Find among the values of Hue').press('Escape');
    await expect(more).toBeFocused();
    await expect(page.locator('.chip:visible').first()).toBeVisible();
    expect(faults).toEqual([]);
});

test('on a phone the catalog begins with its products, and the intake says things in whole lines', async ({ page }) => {
    const faults = listen(page);
    await signIn(page);
    await page.setViewportSize({ width: 390, height: 844 });
    await page.goto('/');
    await expect(page.getByLabel('Name of a new product')).toBeHidden();
    await expect(page.locator('.catalog tbody tr').first()).toBeInViewport();
    await page.goto('/intake');
    await page
        .locator('input[type=file]')
        .first()
        .setInputFiles([
            {
                name: 'something nobody understands at all.jpg',
                mimeType: 'image/jpeg',
                buffer: await page.screenshot({ type: 'jpeg' }),
            },
        ]);
    const why = page.locator('.row .why').first();
    await expect(why).toBeVisible({ timeout: 60_000 });
    const { x, width } = await why.boundingBox();
    expect(width).toBeGreaterThan(300);
    expect(x + width).toBeLessThanOrEqual(390);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    await sound(page, 'intake on a phone');
    expect(faults).toEqual([]);
});
