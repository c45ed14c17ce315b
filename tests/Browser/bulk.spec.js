import { expect, test } from '@playwright/test';
import { chooseAxesOf, listen, signIn, sound } from './helpers';

/*
 * One act on many products, begun in the catalog and watched on the bulk desk, with a stamp of its own so that it can
 * be run again.
 */

const stamp = Date.now().toString(36).toUpperCase();
const codes = ['A', 'B', 'C'].map((letter) => `BULK-${stamp}-${letter}`);

test('products found in the catalog get one price, watched until it is done, undone and made again', async ({
    page,
}) => {
    const faults = listen(page);
    await signIn(page);
    for (const code of codes) {
        await page.goto('/');
        await chooseAxesOf(page, `Bulk ${code}`, code);
        const dialog = page.getByRole('dialog');
        await dialog.getByLabel('Name of the axis').first().fill('Size');
        await dialog.locator('textarea').first().fill('S, M, L');
        await dialog.getByRole('button', { name: 'Build' }).click();
        await expect(page.locator('[data-made]')).toHaveCount(3);
    }

    await page.goto(`/?q=bulk-${stamp.toLowerCase()}`);
    await expect(page.locator('.catalog .name')).toHaveCount(3);
    await page.getByRole('link', { name: 'Change all of these' }).click();
    await expect(page.getByRole('heading', { name: 'Change 3 products' })).toBeVisible();
    await sound(page, 'changing many products');
    await page.getByLabel('To', { exact: true }).fill('much');
    await page.getByRole('button', { name: 'Change 3 products' }).click();
    await expect(page.getByText('“much”')).toBeVisible();
    await expect(page.getByLabel('To', { exact: true })).toHaveValue('much');
    await page.getByLabel('To', { exact: true }).fill('52,50');
    await page.getByLabel('change none: all or nothing').check();
    await page.getByRole('button', { name: 'Change 3 products' }).click();

    await expect(page.getByRole('heading', { name: 'Price of every SKU set to 52.5' })).toBeVisible();
    await expect(page.getByRole('status').filter({ hasText: 'Done' })).toContainText('3 of 3 products');
    await sound(page, 'a batch that is done');
    await page.getByRole('link', { name: `Bulk ${codes[1]}` }).click();
    await page.goto(`${page.url().split('?')[0]}?lens=prices`);
    await expect(page.locator('[data-made] .text')).toHaveText(['52.50', '52.50', '52.50']);

    await page.goto('/bulk');
    await sound(page, 'the bulk desk');
    await page.getByRole('link', { name: 'Price of every SKU set to 52.5' }).first().click();
    await page.getByRole('button', { name: 'Undo all' }).click();
    await expect(page.getByRole('button', { name: 'Make all again' })).toBeVisible();
    await page.goto(`/products/${codes[1]}?lens=prices`);
    await expect(page.locator('[data-made] .text')).toHaveText(['–', '–', '–']);
    expect(faults).toEqual([]);
});
