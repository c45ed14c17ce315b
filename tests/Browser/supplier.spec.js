import { expect, test } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { listen, signIn, sound } from './helpers';

/* From an untidy sheet of a supplier and a folder of its pictures to galleries that are finished; and single items that
   become one product. What a person does is counted. */

const stamp = Date.now().toString(36).toUpperCase();
const code = `BAG-${stamp}`;
const folder = mkdtempSync(join(tmpdir(), 'slate-supplier-'));
execFileSync('php', [join(import.meta.dirname, 'pictures.php'), folder]);
const pictures = readdirSync(folder)
    .filter((name) => name.startsWith('tote'))
    .map((name) => join(folder, name));

const sheet = join(folder, `spring ${stamp}.csv`);
const rows = [
    'Artikelnummer;Bezeichnung;Farbe;Größe;EAN;Preis;Bestand;Bild 1;Bild 2;Lagerort',
    ...['Teal', 'Rose', 'Sand'].flatMap((color) =>
        ['S', 'M'].map((size) =>
            [
                code,
                `Garden tote ${stamp}`,
                // A slip in one row, and another way of writing the name of a file in all.
                color === 'Rose' && size === 'M' ? 'Roze' : color,
                size,
                color === 'Sand' && size === 'M' ? '4.00E+12' : '',
                '24,90',
                '12',
                `TOTE_${color}_FRONT.PNG`,
                `tote ${color} back.jpg`,
                'A7',
            ].join(';'),
        ),
    ),
];
writeFileSync(sheet, `${rows.join('\n')}\n`);

test('an untidy sheet and a folder of pictures become galleries in seven acts', async ({ page }) => {
    const faults = listen(page);
    let acts = 0;
    const act = async (doing) => {
        acts++;
        await doing;
    };
    await signIn(page);
    await page.goto('/intake');
    await act(page.locator('[data-intake-files]').first().setInputFiles(pictures));
    await expect(page.locator('#sending')).toContainText('safe', { timeout: 120_000 });
    await page.goto('/intake');
    await act(page.locator('[data-intake-files]').first().setInputFiles(sheet));
    await expect(page).toHaveURL(/\/intake\/sheets\/\d+/, { timeout: 60_000 });
    await expect(page.getByRole('link', { name: 'Rejected 2' })).toBeVisible({ timeout: 60_000 });
    await sound(page, 'the rows of a sheet');

    // Colors that are new to the shop are new; one that is nearly another of them is asked about.
    await expect(page.getByText('“Roze” is new to Color, and nearly Rose.')).toBeVisible();
    await act(page.getByRole('button', { name: 'Take Rose' }).click());
    await expect(page.getByText('“Roze”')).toHaveCount(0);
    const cell = page.getByLabel('Cell E EAN of row 7');
    await act(cell.fill(''));
    await act(cell.press('Enter'));
    await expect(page.getByRole('button', { name: 'Import 1 product' })).toBeVisible();
    await page.getByRole('link', { name: 'Columns' }).click();
    await expect(page.getByLabel('What Lagerort says')).toHaveValue('');
    await sound(page, 'the columns of a sheet');
    await page.getByRole('link', { name: 'Rows', exact: true }).click();
    await act(page.getByRole('button', { name: 'Import 1 product' }).click());
    await expect(page.locator('#batch [role=status]')).toContainText('Done', { timeout: 60_000 });
    await act(page.getByRole('link', { name: `Garden tote ${stamp}` }).click());

    await expect(page.locator('[data-made]')).toHaveCount(6);
    for (const color of ['Teal', 'Rose', 'Sand']) {
        await page.getByRole('rowheader', { name: new RegExp(`^${color}`) }).click();
        await expect(page.locator('#tray')).toContainText(`tote ${color} front.jpg`);
        await expect(page.locator('#tray')).toContainText(`tote ${color} back.jpg`);
    }
    expect(acts).toBe(7);
    expect(faults).toEqual([]);
});

test('single items become one product in two acts, and what they were in two more', async ({ page }) => {
    const faults = listen(page);
    const items = join(folder, `items ${stamp}.csv`);
    const lines = ['product,name,sku,price,stock'];
    for (const color of ['Moss', 'Clay', 'Slate']) {
        for (const size of ['S', 'M', 'L']) {
            const item = `Q${stamp}-${color.slice(0, 2).toUpperCase()}-${size}`;
            lines.push(`${item},"Weeder's kneeler ${stamp}, ${color.toUpperCase()} / ${size}",${item},19.00,3`);
        }
    }
    writeFileSync(items, `${lines.join('\n')}\n`);
    await signIn(page);
    await page.goto('/intake');
    await page.locator('[data-intake-files]').first().setInputFiles(items);
    await page.getByRole('button', { name: 'Import 9 products' }).click({ timeout: 60_000 });
    await expect(page.locator('#batch [role=status]')).toContainText('Done', { timeout: 60_000 });

    await page.goto('/single-items');
    const group = page.locator('.combine-group').filter({ hasText: `Q${stamp}-MO-S` });
    await expect(group).toContainText('9 items: 3 colors × 3 sizes');
    await sound(page, 'single items');
    await group.getByRole('button', { name: 'Combine' }).click();
    await expect(page.locator('[data-made]')).toHaveCount(9);
    await expect(page).toHaveURL(new RegExp(`/products/Q${stamp}$`));

    await page.getByRole('button', { name: 'Change axes…' }).click();
    await page.getByRole('button', { name: 'Separate…' }).click();
    await expect(page.getByRole('dialog')).toContainText(`Q${stamp}-CL-L`);
    await page.getByRole('dialog').getByRole('button', { name: 'Separate' }).click();
    await expect(page).toHaveURL(new RegExp(`/products/Q${stamp}-`));
    await expect(page.locator('[data-made]')).toHaveCount(1);
    expect(faults).toEqual([]);
});

test('items in the wrong cell or in none are dragged to their own', async ({ page }) => {
    const faults = listen(page);
    await signIn(page);
    const own = `W${stamp}`;
    const items = join(folder, `mats ${stamp}.csv`);
    const names = { MS: 'Moss S', ML: 'Moss L', CS: 'Clay S', CL: 'Clay S', KS: 'Slate' };
    writeFileSync(
        items,
        [
            'product,name,sku,price,stock',
            ...Object.entries(names).map(
                ([end, words]) => `${own}-${end},Kneeling mat ${stamp} ${words},${own}-${end},9,3`,
            ),
        ].join('\n'),
    );
    await page.goto('/intake');
    await page.locator('[data-intake-files]').first().setInputFiles(items);
    await page.getByRole('button', { name: 'Import 5 products' }).click({ timeout: 60_000 });
    await expect(page.locator('#batch [role=status]')).toContainText('Done', { timeout: 60_000 });

    await page.goto(
        `/single-items?products=${Object.keys(names)
            .map((end) => `${own}-${end}`)
            .join('+')}`,
    );
    const matrix = page.getByRole('group', { name: 'The items as a matrix' });
    const cell = (color, place) =>
        matrix
            .getByRole('row', { name: new RegExp(`^${color}`) })
            .getByRole('cell')
            .nth(place);
    await expect(matrix.getByRole('columnheader')).toHaveText(['S', 'L']);
    await expect(matrix.getByRole('status')).toHaveText('3 of 6 cells have an item · 1 cell has several');
    await expect(cell('Clay', 1)).toHaveText('no item');
    await sound(page, 'items on a matrix');

    await matrix.getByText(`${own}-CL`).dragTo(cell('Clay', 1));
    await expect(page.getByLabel(`Size of Kneeling mat ${stamp} Clay S`).first()).toHaveValue('L');
    await expect(matrix.getByRole('status')).toHaveText('4 of 6 cells have an item');
    // What is in no cell has no row before it has a value: it is typed, where its chip leads.
    await matrix.getByRole('button', { name: `${own}-KS` }).click();
    await page.keyboard.press('Tab');
    await page.keyboard.type('s');
    await expect(matrix.getByRole('status')).toHaveText('5 of 6 cells have an item');
    await expect(page.locator('.combine-group tr.is-open')).toHaveCount(0);
    // Left out, it is in no cell; in again, it is where it was.
    await page.getByLabel(`Kneeling mat ${stamp} Moss L takes part`).uncheck();
    await expect(matrix.getByRole('status')).toHaveText('4 of 6 cells have an item');
    await page.getByLabel(`Kneeling mat ${stamp} Moss L takes part`).check();
    await page.getByRole('button', { name: 'Combine' }).click();
    await expect(page.locator('[data-made]')).toHaveCount(5);
    await expect(page.getByRole('gridcell', { name: /^Clay, L/ })).toHaveAttribute('data-made', '');
    expect(faults).toEqual([]);
});

test('a SKU is taken out as a single item, and added to its product again', async ({ page }) => {
    const faults = listen(page);
    await signIn(page);
    const own = `T${stamp}`;
    const items = join(folder, `mitts ${stamp}.csv`);
    writeFileSync(
        items,
        [
            'product,name,axis Color,axis Size,sku,price,stock',
            ...['Moss', 'Clay'].flatMap((color) =>
                ['S', 'M'].map(
                    (size) => `${own},Frost mitt ${stamp},${color},${size},${own}-${color[0]}${size},9.00,3`,
                ),
            ),
        ].join('\n'),
    );
    await page.goto('/intake');
    await page.locator('[data-intake-files]').first().setInputFiles(items);
    await page.getByRole('button', { name: 'Import 1 product' }).click({ timeout: 60_000 });
    await expect(page.locator('#batch [role=status]')).toContainText('Done', { timeout: 60_000 });

    await page.goto(`/products/${own}`);
    await page.getByRole('gridcell', { name: /^Clay, M/ }).click();
    await page.locator('#more summary').click();
    await page.getByRole('button', { name: 'Take out as single items…' }).click();
    const dialog = page.getByRole('dialog');
    await expect(dialog).toContainText(`Frost mitt ${stamp} Clay, M`);
    await sound(page, 'SKUs that are taken out');
    await dialog.getByRole('button', { name: 'Take out' }).click();
    await expect(page.locator('[data-made]')).toHaveCount(3);

    await page.getByRole('button', { name: 'Change axes…' }).click();
    await page.getByRole('link', { name: 'Add single items…' }).click();
    await expect(page.getByLabel(`Color of Frost mitt ${stamp} Clay, M`)).toHaveValue('Clay');
    // The SKUs that are there stand on the matrix too: dragged onto one, the item is in its way.
    const matrix = page.getByRole('group', { name: 'The items as a matrix' });
    await expect(matrix.getByRole('status')).toHaveText('4 of 4 cells have a SKU or an item');
    const cell = (place) => matrix.getByRole('row', { name: /^Clay/ }).getByRole('cell').nth(place);
    await matrix.getByText(`${own}-CM`).dragTo(cell(0));
    await expect(cell(0)).toHaveText(`has a SKU ${own}-CM`);
    await expect(matrix.getByRole('status')).toHaveText('3 of 4 cells have a SKU or an item · 1 cell has several');
    await matrix.getByText(`${own}-CM`).dragTo(cell(1));
    await expect(page.getByLabel(`Size of Frost mitt ${stamp} Clay, M`)).toHaveValue('M');
    await sound(page, 'items that are added');
    await page.getByRole('button', { name: 'See what becomes of it' }).click();
    await expect(page.getByText('Adds 1 SKU.')).toBeVisible();
    await page.getByRole('button', { name: 'Add them' }).click();
    await expect(page.locator('[data-made]')).toHaveCount(4);
    expect(faults).toEqual([]);
});

test('a product goes out as a package, and dropped on the intake it is the same', async ({ page }) => {
    const faults = listen(page);
    await signIn(page);
    await page.goto(`/?q=T${stamp}`);
    await page.getByRole('link', { name: 'As a sheet' }).click();
    await page.getByLabel('Package').check();
    const [download] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('button', { name: 'Download' }).click(),
    ]);
    const path = join(folder, `moved ${stamp}.zip`);
    await download.saveAs(path);
    await page.goto('/intake');
    await page.locator('[data-intake-files]').first().setInputFiles(path);
    await expect(page).toHaveURL(/\/intake\/packages\/\d+/, { timeout: 60_000 });
    await expect(page.locator('.sheet-rows tbody tr')).toHaveCount(1, { timeout: 60_000 });
    await expect(page.locator('.sheet-rows tbody tr')).toContainText('Same', { timeout: 60_000 });
    await sound(page, 'a package');
    expect(faults).toEqual([]);
});
