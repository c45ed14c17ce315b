import { expect, test } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, readdirSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chooseAxesOf, counting, drag, kept, listen, signIn, sound } from './helpers';

/* What is missing, in which order and in which role: a product of 8 colors × 6 views, with a stamp of its own. */

test.describe.configure({ mode: 'serial' });

const stamp = Date.now().toString(36).toUpperCase();
const code = `SHEET-${stamp}`;
const folder = mkdtempSync(join(tmpdir(), 'slate-sheet-'));
execFileSync('php', [join(import.meta.dirname, 'shoot.php'), folder, code, 'flat']);
const shoot = readdirSync(folder)
    .filter((name) => name.endsWith('.jpg'))
    .map((name) => join(folder, name));

const strips = (page) => page.locator('[data-strip]');
const sum = (page) => page.locator('.coverage-sum');

test.beforeAll(async ({ browser }) => {
    const page = await browser.newPage();
    await signIn(page);
    await chooseAxesOf(page, `Sheet ${stamp}`, code, 'Garment');
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('Name of the axis').first().fill('Color');
    await dialog.locator('textarea').first().fill('Teal, Maroon, Olive, Navy, Orange, Orchid, Tan, Gray');
    await dialog.getByRole('button', { name: /Add an axis/ }).click();
    await dialog.getByLabel('Name of the axis').nth(1).fill('Size');
    await dialog.locator('textarea').nth(1).fill('S, M, L');
    await dialog.getByRole('button', { name: 'Build' }).click();
    await expect(page.locator('[data-made]')).toHaveCount(24);
    await page.goto('/intake');
    await page.locator('[data-intake-files]').first().setInputFiles(shoot);
    await page.getByRole('button', { name: 'Link all 48 that are sure' }).click({ timeout: 120_000 });
    await expect(page.locator('.intake-sums')).toContainText('48 linked');
    // Scrambled: in every other color pictures are thrown about.
    await page.goto(`/products/${code}/contact`);
    await page.evaluate(async () => {
        for (const [at, strip] of [...document.querySelectorAll('[data-strip]')].entries()) {
            for (const [from, to] of at % 2
                ? [
                      [0, 4],
                      [2, 0],
                      [5, 1],
                  ]
                : []) {
                const page = new DOMParser().parseFromString(
                    await (await fetch(window.location.pathname)).text(),
                    'text/html',
                );
                const body = new URLSearchParams({
                    version: page.querySelector('[data-page]').dataset.version,
                    page: 'contact',
                    selected: strip.dataset.strip,
                    'placements[]': strip.querySelectorAll('[data-shot]')[from].dataset.shot,
                    to,
                });
                await fetch(document.querySelector('[data-page]').dataset.changes.replace('CHANGE', 'move'), {
                    method: 'POST',
                    body,
                    headers: { 'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content },
                });
            }
        }
    });
    await page.close();
});

test('scrambled strips of 8 colors × 6 views are right after 2 actions, and wrong again after one undo', async ({
    page,
}) => {
    const faults = listen(page);
    const { act, made } = counting();
    await signIn(page);
    await page.goto(`/products/${code}`);
    await act(page.getByRole('link', { name: 'Contact sheet' }).click());
    await expect(sum(page)).toHaveText('4 of 8 strips differ in order');
    await sound(page, 'the contact sheet');
    await act(strips(page).first().getByRole('button', { name: 'Match the others to this one' }).click());
    await expect(sum(page)).toHaveText('All 8 strips have one sequence');
    expect(made()).toBe(2);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(sum(page)).toHaveText('4 of 8 strips differ in order');
    await page.getByRole('button', { name: 'Redo' }).click();
    await expect(sum(page)).toHaveText('All 8 strips have one sequence');
    expect(faults).toEqual([]);
});

test('pictures are moved by keys, by a number and by hand, within a strip and to another, and compared', async ({
    page,
}) => {
    const faults = listen(page);
    await signIn(page);
    await page.goto(`/products/${code}/contact`);
    const shot = (strip, place) => strips(page).nth(strip).locator(`[data-place="${place}"]`);
    const file = await shot(0, 1).getAttribute('data-name');
    await shot(0, 0).click();
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press(']');
    await kept(page, `Moved ${file} to place 3`);
    await expect(shot(0, 2)).toHaveAttribute('data-name', file);
    await expect(shot(0, 2)).toBeFocused();
    await page.keyboard.press('5');
    await page.keyboard.press('Enter');
    await kept(page, `Moved ${file} to place 5`);
    await expect(shot(0, 4)).toHaveAttribute('data-name', file);
    await expect(shot(0, 4)).toBeFocused();
    await page.keyboard.press('2');
    await page.keyboard.press('Enter');
    await kept(page, `Moved ${file} to place 2`);

    await drag(page, shot(0, 1), shot(0, 3), { at: 0.9 });
    await kept(page, `Moved ${file} to place 4`);
    await page.keyboard.press('Control+z');
    await expect(shot(0, 1)).toHaveAttribute('data-name', file);

    // To another color: there as well, or there instead.
    await drag(page, shot(0, 1), shot(1, 0), { at: 0.1, until: () => page.locator('#drag-caption').isVisible() });
    const question = page.getByRole('dialog');
    await expect(question).toContainText('at place 1 of');
    await question.getByRole('button', { name: 'as well' }).click();
    await expect(strips(page).nth(1).locator('[data-shot]')).toHaveCount(7);
    await expect(strips(page).nth(0).locator('[data-shot]')).toHaveCount(6);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(strips(page).nth(1).locator('[data-shot]')).toHaveCount(6);
    await drag(page, shot(0, 1), shot(1, 0), { at: 0.1, until: () => page.locator('#drag-caption').isVisible() });
    await question.getByRole('button', { name: 'instead of' }).click();
    await expect(strips(page).nth(0).locator('[data-shot]')).toHaveCount(5);
    await expect(sum(page)).toContainText('differ');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(sum(page)).toHaveText('All 8 strips have one sequence');

    // The same without a pointer.
    await shot(0, 1).click();
    await page.keyboard.press('Shift+ArrowDown');
    await expect(question).toContainText('at place 2 of');
    await question.getByRole('button', { name: 'Cancel' }).click();

    await page.getByRole('button', { name: 'By view' }).click();
    await expect(page.getByRole('columnheader', { name: 'front' })).toBeVisible();
    await shot(0, 0).click();
    await page.keyboard.press('Space');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Space');
    await page.keyboard.press('c');
    const compare = page.getByRole('dialog', { name: 'Two pictures' });
    await expect(compare.locator('img')).toHaveCount(2);
    await page.keyboard.press('f');
    await expect(compare.getByRole('button', { name: 'Flicker (F)' })).toHaveAttribute('aria-pressed', 'true');
    await compare.getByRole('button', { name: 'Close' }).click();
    expect(faults).toEqual([]);
});

test('what is missing is dropped where it is missing; the map, the board and the catalog say so', async ({ page }) => {
    const faults = listen(page);
    await signIn(page);
    await page.goto(`/products/${code}/coverage`);
    // The garment's list wants a size guide, and this product has none.
    await expect(page.locator('[data-hole]')).toHaveCount(8);
    await sound(page, 'the coverage map');
    const buffer = readFileSync(join(folder, `${code}_teal_front.jpg`)).toString('base64');
    await page
        .locator('[data-hole]')
        .first()
        .evaluate((hole, bytes) => {
            const transfer = new DataTransfer();
            transfer.items.add(
                new File([Uint8Array.from(`${atob(bytes)}guide`, (letter) => letter.charCodeAt(0))], 'IMG_1.jpg', {
                    type: 'image/jpeg',
                }),
            );
            const send = (kind) =>
                hole.dispatchEvent(new DragEvent(kind, { bubbles: true, cancelable: true, dataTransfer: transfer }));
            send('dragover');
            hole.dataset.caption = document.getElementById('drag-caption').textContent;
            send('drop');
        }, buffer);
    await expect(page.locator('[data-hole]')).toHaveCount(7);
    await expect(page.locator('#uploads')).toContainText('1 of 1 files are linked to Teal, size guide.');

    // By keys: the same through the dialog, for another color.
    await page.locator('[data-hole] button').first().focus();
    await page.keyboard.press('Enter');
    const dialog = page.getByRole('dialog');
    await expect(dialog.getByRole('heading', { name: 'Size guide of Maroon' })).toBeVisible();
    await sound(page, 'what is done about a hole');
    await dialog.getByRole('button', { name: /IMG_1/ }).click();
    await expect(page.locator('[data-hole]')).toHaveCount(6);
    await kept(page, 'IMG_1.jpg is the size guide of Maroon');

    // The product needs none.
    await page.locator('thead').getByRole('button', { name: 'Size guide' }).click();
    await dialog.getByLabel('Size guide pictures are').selectOption('not wanted');
    await dialog.getByRole('button', { name: 'Keep' }).click();
    await expect(dialog).toContainText('Say why');
    await dialog.getByLabel('Why').fill('one size');
    await dialog.getByRole('button', { name: 'Keep' }).click();
    await expect(page.locator('[data-hole]')).toHaveCount(0);
    await page.goto(`/coverage?q=${code}`);
    await expect(page.locator('.coverage-list tbody tr')).toContainText('100 %');
    await sound(page, 'coverage of the catalog');
    await page.goto(`/coverage/shooting-list?product=${code}`);
    await expect(page.locator('.empty')).toContainText('Nothing is missing');
    await sound(page, 'the shooting list');
    expect(faults).toEqual([]);
});

test('roles are given by a rule that is shown before, and one by one', async ({ page }) => {
    const faults = listen(page);
    await signIn(page);
    await page.goto(`/products/${code}/roles`);
    await expect(sum(page)).toContainText('0 assigned');
    await sound(page, 'the role table');
    await page.getByRole('button', { name: 'Roles by rule…' }).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('Lead is the').selectOption('worn');
    await dialog.getByLabel('Hover is the').selectOption('back');
    await expect(dialog.locator('.plan')).toContainText('16 of 16 change.');
    await sound(page, 'roles by rule');
    await dialog.getByRole('button', { name: 'Give these roles' }).click();
    await expect(sum(page)).toContainText('16 assigned');
    await page.getByRole('button', { name: /^Teal, Lead/ }).click();
    await dialog.locator('.offer', { has: page.getByTitle(/teal_front/) }).click();
    await expect(page.getByRole('button', { name: /^Teal, Lead: .*teal_front.jpg, assigned/ })).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(sum(page)).toContainText('0 assigned');
    expect(faults).toEqual([]);
});

test('what of a picture matters is set by keys and by pointer, and every shape follows', async ({ page }) => {
    const faults = listen(page);
    await signIn(page);
    await page.goto(`/products/${code}`);
    await page.locator('.matrix [data-head=row]').first().click();
    await page.locator('#gallery .about').first().click();
    const dialog = page.getByRole('dialog');
    await dialog.getByRole('button', { name: 'Focus and crop…' }).click();
    await expect(dialog.getByRole('heading', { name: /^Focus and crop of/ })).toBeVisible();
    await sound(page, 'focus and crop');
    const wide = dialog.locator('.is-wide svg');
    const before = await wide.getAttribute('viewBox');
    await dialog.locator('[data-focus]').focus();
    await page.keyboard.press('Shift+ArrowUp');
    await page.keyboard.press('Shift+ArrowUp');
    await expect(dialog.getByLabel('Focus down, %')).toHaveValue('30');
    await expect(wide).not.toHaveAttribute('viewBox', before);
    const byKeys = await wide.getAttribute('viewBox');
    const picture = await dialog.locator('[data-crop-picture] svg').boundingBox();
    await page.mouse.click(picture.x + picture.width / 2, picture.y + picture.height * 0.9);
    await expect(wide).not.toHaveAttribute('viewBox', byKeys);
    await dialog.getByRole('button', { name: 'Keep' }).click();
    await kept(page, 'Focus of');
    await page.getByRole('button', { name: 'Undo' }).click();
    expect(faults).toEqual([]);
});

test('a film and a model are taken in, linked, played and turned where a shopper looks', async ({ page }) => {
    const faults = listen(page);
    const film = join(folder, 'turning.mp4');
    execFileSync('ffmpeg', [
        '-nostdin',
        '-v',
        'error',
        '-y',
        '-f',
        'lavfi',
        '-i',
        `testsrc=duration=2:size=160x160:rate=${10 + (Date.now() % 15)}`,
        '-pix_fmt',
        'yuv420p',
        film,
    ]);
    const model = join(import.meta.dirname, '../../database/demo/photos/cushion-turned.glb');
    await signIn(page);
    await page.goto(`/products/${code}`);
    await page.locator('#files').setInputFiles([film, model]);
    for (const [name, mark] of [
        ['turning.mp4', '0:02'],
        ['cushion-turned.glb', '3D'],
    ]) {
        const card = page.locator('#unlinked .card-picture', { has: page.getByTitle(`About ${name}`) });
        await expect(card.locator('.film-mark')).toHaveText(mark);
        await expect(card.locator('img.thumb')).toBeVisible({ timeout: 60_000 });
    }
    await page.locator('.matrix [data-head=row]').first().click();
    await page.locator('#unlinked .pick').nth(0).click();
    await page.locator('#unlinked .pick').nth(1).click();
    await page.keyboard.press('l');
    await kept(page, 'Linked 2 pictures');
    const part = await page.locator('.matrix [data-head=row]').first().getAttribute('data-part');
    await page.goto(`/products/${code}/preview?choice=${part}`);
    await page.locator('.strip [data-kind=film]').click();
    const video = page.locator('[data-player] video');
    await expect.poll(() => video.evaluate((one) => one.duration)).toBeGreaterThan(1.9);
    await page.locator('.strip [data-kind=model]').click();
    await expect(page.locator('[data-player] canvas[data-shown]')).toBeVisible({ timeout: 60_000 });
    await expect(video).toHaveCount(0);
    await page.locator('.strip button').first().click();
    await expect(page.locator('.stage img')).toBeVisible();
    await sound(page, 'the preview with films');
    expect(faults).toEqual([]);
});

test('texts, banners and a picture in many products have pages that are sound', async ({ page }) => {
    const faults = listen(page);
    await signIn(page);
    await page.goto(`/products/${code}/contact`);
    await page.getByRole('button', { name: 'Alt texts…' }).click();
    const dialog = page.getByRole('dialog');
    await expect(dialog.getByRole('heading', { name: /^Alt texts of/ })).toBeVisible();
    await sound(page, 'alt texts');
    await page.goto('/library/banners');
    await page.getByRole('button', { name: 'A landing page…' }).click();
    await dialog.getByLabel('Landing page').fill(`Autumn ${stamp}`);
    await dialog.getByLabel('Stored pictures, by name').fill(`${code}_teal_f`);
    await expect(dialog.locator('.offer')).toHaveCount(2);
    await sound(page, 'choosing a banner');
    await dialog.locator('.offer', { has: page.getByTitle(/teal_front/) }).click();
    const banner = page.locator('.banners li', { hasText: `Autumn ${stamp}` });
    await banner.getByRole('button', { name: /Focus and text/ }).click();
    await dialog.getByLabel('Alt text').fill('A teal one');
    await dialog.getByRole('button', { name: 'Keep' }).click();
    await expect(banner.locator('img')).toHaveAttribute('alt', 'A teal one');
    await sound(page, 'banners');
    for (const [path, what] of [
        ['/library/shots', 'shot lists'],
        ['/library/texts', 'patterns of alt texts'],
        ['/intake/stored', 'stored pictures'],
    ]) {
        await page.goto(path);
        await sound(page, what);
    }
    await page.locator('.stored-pictures').getByRole('button', { name: /^used/ }).first().click();
    await dialog.getByRole('link', { name: 'Change it in many products…' }).click();
    await page.getByLabel('What', { exact: true }).selectOption('take');
    await page.getByLabel('Products with').fill(code);
    await page.getByRole('button', { name: 'Show what it does' }).click();
    await expect(page.getByRole('button', { name: 'Change 1 product' })).toBeVisible();
    await sound(page, 'a picture in many products');
    expect(faults).toEqual([]);
});
