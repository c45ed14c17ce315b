import { expect, test } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chooseAxesOf, drag, listen, signIn, sound } from './helpers';

/* Pictures that a camera has numbered: laid out as they were taken, put right by hand, linked at once, undone at once. */

const stamp = Date.now().toString(36).toUpperCase();
const code = `CAM-${stamp}`;
const folder = mkdtempSync(join(tmpdir(), 'slate-camera-'));
execFileSync('php', [join(import.meta.dirname, 'camera.php'), folder]);
const pictures = readdirSync(folder)
    .sort()
    .map((name) => join(folder, name));

const cell = (page, row, place) => page.locator('.shoot-series tbody tr').nth(row).locator('td').nth(place);
const picture = (page, number) => page.getByRole('button', { name: `DSC_${number}.jpg` });

test('a shoot is laid out, moved by hand and by key, linked in one act, and undone in one', async ({ page }) => {
    const faults = listen(page);
    await signIn(page);
    await chooseAxesOf(page, `Camera ${stamp}`, code);
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('Name of the axis').first().fill('Color');
    await dialog.locator('textarea').first().fill('Moss, Clay, Slate');
    await dialog.getByRole('button', { name: 'Build' }).click();
    await expect(page.locator('[data-made]')).toHaveCount(3);
    await page.goto('/intake');
    await page.getByLabel('From whom').fill(`Studio ${stamp}`);
    await page.locator('[data-intake-files]').first().setInputFiles(pictures);
    await page.getByRole('link', { name: 'Lay out as a shoot (9 pictures)' }).click({ timeout: 120_000 });

    await page.getByLabel('Product', { exact: true }).fill(code);
    await page.getByRole('button', { name: 'Say so' }).click();
    await expect(page.getByLabel('Color of row 2')).toHaveValue(/\d/);
    await expect(page.getByLabel('Color of row 2').locator('option:checked')).toHaveText(/Clay/);
    await sound(page, 'a shoot');
    await expect(cell(page, 1, 0)).toContainText('DSC_1004.jpg');

    // By key: what follows stands one later; and back.
    await picture(page, 1005).click();
    await page.keyboard.press('ArrowRight');
    await expect(cell(page, 1, 2)).toContainText('DSC_1005.jpg');
    await expect(page.getByLabel('View of column 4')).toBeVisible();
    await expect(picture(page, 1005)).toBeFocused();
    await page.keyboard.press('ArrowLeft');
    await expect(cell(page, 1, 1)).toContainText('DSC_1005.jpg');
    // With the pointer: to another row, and back.
    await drag(page, picture(page, 1006), cell(page, 0, 2));
    await expect(cell(page, 0, 2)).toContainText('taken twice?');
    await drag(page, picture(page, 1006), cell(page, 1, 2));
    await expect(cell(page, 1, 2)).toContainText('DSC_1006.jpg');
    // Out, and in again as it was proposed.
    await picture(page, 1009).click();
    await page.keyboard.press('x');
    await expect(page.locator('[data-shoot-out]')).toContainText('DSC_1009.jpg');
    await picture(page, 1009).click();
    await page.keyboard.press('g');
    await expect(cell(page, 3, 0)).toContainText('DSC_1009.jpg');
    await drag(page, picture(page, 1009), cell(page, 2, 2));
    await expect(cell(page, 2, 2)).toContainText('DSC_1009.jpg');
    for (const [place, view] of [
        [1, 'Front'],
        [2, 'Back'],
        [3, 'Detail'],
    ]) {
        await page.getByLabel(`View of column ${place}`).selectOption({ label: view });
        await expect(page.getByLabel(`View of column ${place}`).locator('option:checked')).toHaveText(view);
    }
    await page.getByRole('button', { name: 'Link all (9 pictures)' }).click();
    await expect(page.getByText('No picture of this drop has to be told')).toBeVisible();
    await page.goto(`/products/${code}`);
    await page.locator('.matrix [data-head=row][data-words^="Clay"]').click();
    await expect(page.locator('#gallery .card-picture .about')).toHaveText([
        /DSC_1004.jpg/,
        /DSC_1005.jpg/,
        /DSC_1006.jpg/,
    ]);
    await page.goBack();
    await page.getByRole('button', { name: /^Undo: Linked 9/ }).click();
    await expect(page.getByRole('button', { name: 'Link all (9 pictures)' })).toBeVisible();
    expect(faults).toEqual([]);
});
