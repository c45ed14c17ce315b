import { expect, test } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, readdirSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chooseAxesOf, counting, listen, signIn, sound } from './helpers';

/* Pictures that arrive and find their place, with a stamp of its own so that it can be run again. */

const stamp = Date.now().toString(36).toUpperCase();
const code = `SHOOT-${stamp}`;
const folder = mkdtempSync(join(tmpdir(), 'slate-shoot-'));
execFileSync('php', [join(import.meta.dirname, 'shoot.php'), folder, code]);
const shoot = readdirSync(folder)
    .filter((name) => name.endsWith('.jpg'))
    .map((name) => join(folder, name));
const many = readdirSync(join(folder, 'many')).map((name) => join(folder, 'many', name));

const choose = (page, files) => page.locator('[data-intake-files]').first().setInputFiles(files);
const safe = (page) => expect(page.locator('#sending')).toContainText('All is safe', { timeout: 120_000 });

test('from nothing to every picture linked on 8 colors × 7 sizes × 5 views, in fewer than 15 actions', async ({
    page,
}) => {
    const faults = listen(page);
    const { act, made } = counting(4 /* name, code, make, axes */);
    await signIn(page);
    await chooseAxesOf(page, `Shoot ${stamp}`, code);
    const dialog = page.getByRole('dialog');
    await act(dialog.getByLabel('Name of the axis').first().fill('Color'));
    await act(dialog.locator('textarea').first().fill('Teal, Maroon, Olive, Navy, Orange, Orchid, Tan, Gray'));
    await act(dialog.getByRole('button', { name: /Add an axis/ }).click());
    await act(dialog.getByLabel('Name of the axis').nth(1).fill('Size'));
    await act(dialog.locator('textarea').nth(1).fill('XS, S, M, L, XL, XXL, 3XL'));
    await act(dialog.getByRole('button', { name: 'Build' }).click());
    await expect(page.locator('[data-made]')).toHaveCount(56);

    await act(page.getByRole('link', { name: 'Intake' }).click());
    await choose(page, shoot); // the drop itself
    await safe(page);
    await expect(page.getByRole('button', { name: 'Link all 40 that are sure' })).toBeVisible({ timeout: 60_000 });
    await act(page.getByRole('button', { name: 'Link all 40 that are sure' }).click());
    await expect(page.locator('.intake-sums')).toContainText('40 linked');
    expect(made()).toBeLessThan(15);

    // Every SKU shows the five views of its own color, in one sequence.
    for (const color of ['Teal', 'Gray']) {
        await page.goto(`/products/${code}`);
        await page.locator(`.matrix [data-head=row][data-words^="${color}"]`).click();
        const cards = page.locator('#gallery .card-picture');
        await expect(cards).toHaveCount(5);
        await expect(cards.locator('.about')).toHaveText(
            ['front', 'back', 'side', 'detail', 'worn'].map(
                (view) => new RegExp(`${code}_${color.toLowerCase()}_${view}.jpg`),
            ),
        );
    }
    expect(faults).toEqual([]);
});

test('what is in doubt is settled by keys and on the small matrix; all of it is undone', async ({ page }) => {
    const faults = listen(page);
    await signIn(page);
    await page.goto('/intake');
    await sound(page, 'the intake');
    await page.getByLabel('From whom').fill(`Studio ${stamp}`);
    const buffer = (name) => readFileSync(join(folder, `${code}_${name}.jpg`));
    await choose(page, [
        {
            name: `${code} tl pack ${stamp}.jpg`,
            mimeType: 'image/jpeg',
            buffer: Buffer.concat([buffer('teal_front'), Buffer.from('1')]),
        },
        {
            name: `${code}_gray_flat.jpg`,
            mimeType: 'image/jpeg',
            buffer: Buffer.concat([buffer('teal_side'), Buffer.from('2')]),
        },
        { name: 'IMG_4711.jpg', mimeType: 'image/jpeg', buffer: Buffer.concat([buffer('tan_worn'), Buffer.from('3')]) },
        { name: 'notes.txt', mimeType: 'text/plain', buffer: Buffer.from(`notes ${stamp}`) },
    ]);
    await safe(page);
    await expect(page.locator('#sending')).toContainText('plain text');
    await page.locator('#sending').getByRole('button', { name: 'Close' }).click();
    await expect(page.locator('.intake-sums')).not.toContainText('being looked at', { timeout: 60_000 });
    await sound(page, 'a drop in the intake');

    // Name and picture disagree, with the swatches beside each other.
    await page.locator('tr.row', { hasText: '_gray_flat' }).click();
    await expect(page.locator('.clash')).toContainText('The name says');
    await expect(page.locator('.clash')).toContainText('Teal');
    await sound(page, 'a contradiction');
    const teal = page.locator('.small-matrix').getByRole('button', { name: 'Teal', exact: false }).first();
    await teal.click();
    // What is pointed at is meant for the picture beside it, not for one that is on its way there.
    const slowly = async (route) => {
        await new Promise((go) => {
            setTimeout(go, 600);
        });
        await route.continue();
    };
    await page.route('**/files/*', slowly);
    await page.locator('tr.row', { hasText: 'IMG_' }).click();
    await page.keyboard.press('l');
    await expect(page.locator('.settle-inner .file-name')).toHaveAttribute('title', 'IMG_4711.jpg');
    await page.unroute('**/files/*', slowly);
    await expect(page.locator('.intake-sums')).not.toContainText('linked');
    await page.locator('tr.row', { hasText: '_gray_flat' }).click();
    await expect(page.locator('.settle-inner .file-name')).toHaveAttribute('title', `${code}_gray_flat.jpg`);
    await teal.click();
    await page.keyboard.press('l');
    await expect(page.locator('.intake-sums')).toContainText('1 linked');

    // Nobody knows which product: it is found, then pointed at.
    await page.locator('tr.row', { hasText: 'IMG_' }).click();
    await expect(page.locator('.settle-inner .file-name')).toHaveAttribute('title', 'IMG_4711.jpg');
    await page.getByLabel('Product', { exact: true }).pressSequentially(code, { delay: 20 });
    await page
        .locator('#settle-hits')
        .getByRole('button', { name: new RegExp(code) })
        .click();
    await expect(page.locator('.small-matrix')).toBeVisible();
    await page.locator('.small-matrix').getByRole('button', { name: 'Tan, M', exact: true }).click();
    await page
        .locator('.settle-link')
        .getByRole('button', { name: /Link here/ })
        .click();
    await expect(page.locator('.intake-sums')).toContainText('2 linked');

    // The third is put aside and taken up again.
    await page.locator('tr.row', { hasText: ' tl pack' }).click();
    await page.keyboard.press('x');
    await expect(page.locator('.intake-sums')).toContainText('1 put aside');
    await page.getByRole('link', { name: 'Settled' }).click();
    await page.locator('tr.row', { hasText: ' tl pack' }).getByRole('checkbox').check();
    await expect(page.locator('tr.row')).toHaveCount(3);
    await page.getByRole('button', { name: 'Take up again' }).click();
    await expect(page.locator('.intake-sums')).not.toContainText('put aside');
    await expect(page.locator('tr.row')).toHaveCount(2);

    await sound(page, 'what is settled of a drop');
    await page.getByRole('link', { name: 'By what is wrong' }).click();
    await page.getByRole('button', { name: /^Undo/ }).click();
    await expect(page.locator('.intake-sums')).toContainText('1 linked');
    await expect(page.getByRole('button', { name: 'Make again' })).toBeVisible();
    await page.goto(`/intake/stored?name=${code}`);
    await sound(page, 'stored pictures');
    expect(faults).toEqual([]);
});

test('files dropped on any page that shows products go into the intake', async ({ page }) => {
    const faults = listen(page);
    await signIn(page);
    const bytes = [...readFileSync(shoot[0])];
    const transfer = await page.evaluateHandle(
        ([data, name]) => {
            const all = new DataTransfer();
            all.items.add(new File([new Uint8Array([...data, 9])], name, { type: 'image/jpeg', lastModified: 7 }));
            return all;
        },
        [bytes, `${code}_olive_flat.jpg`],
    );
    await page.locator('.catalog, main').first().dispatchEvent('dragover', { dataTransfer: transfer });
    await expect(page.locator('#intake-veil')).toBeVisible();
    await page.locator('.catalog, main').first().dispatchEvent('drop', { dataTransfer: transfer });
    await safe(page);
    await expect(page.locator('#intake-veil')).toBeHidden();
    await page.locator('#sending a').click();
    await expect(page.locator('tr.row')).toHaveCount(1);
    await expect(page).toHaveURL(/\/intake\/\d+$/);
    expect(faults).toEqual([]);
});

test('a browser closed in the middle of 200 files goes on where it was, and sends nothing twice', async ({
    browser,
}) => {
    const context = await browser.newContext();
    const first = await context.newPage();
    await signIn(first);
    await first.goto('/intake');
    let sent = 0;
    await first.route('**/intake/files/**', async (route) => {
        sent += 1;
        await (sent > 90 ? route.abort() : route.continue());
    });
    await choose(first, many);
    await expect.poll(() => sent, { timeout: 120_000 }).toBeGreaterThan(90);
    await first.close({ runBeforeUnload: false });

    const again = await context.newPage();
    await again.goto('/intake');
    let resent = 0;
    again.on('request', (request) => {
        resent += /\/intake\/files\//.test(request.url()) ? 1 : 0;
    });
    await choose(again, many);
    await safe(again);
    expect(resent).toBeGreaterThan(100);
    expect(resent).toBeLessThanOrEqual(112);
    await again.goto('/intake');
    const line = again.locator('tbody tr').first();
    await expect(line.locator('td').nth(2)).toHaveText('200');
    await expect(line.locator('td').last()).not.toBeEmpty();
    await choose(again, many);
    await expect(again.locator('#sending')).toContainText('All of these are here already');
    await context.close();
});
