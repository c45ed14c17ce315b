import { expect, test } from '@playwright/test';
import { chooseAxesOf, kept, listen, signIn, sound } from './helpers';

/*
 * Numbers where the matrix is: prices that come about line by line, stock counted together, codes by a pattern, and
 * what is said of parts.
 */

test.describe.configure({ mode: 'serial' });

const stamp = Date.now().toString(36).toUpperCase();
const code = `NUM-${stamp}`;

const dialog = (page) => page.getByRole('dialog');
const cell = (page, name) => page.getByRole('gridcell', { name: new RegExp(`^${name}`) });
const head = (page, part) => page.locator('.matrix th', { hasText: part }).first();
const more = async (page, words) => {
    await page.locator('#more-numbers summary').click();
    await page.locator('#more-numbers').getByRole('button', { name: words }).click();
};

test.beforeAll(async ({ browser }) => {
    const page = await browser.newPage();
    await signIn(page);
    await chooseAxesOf(page, `Numbers ${stamp}`, code);
    await dialog(page).getByLabel('Name of the axis').first().fill('Color');
    await dialog(page).locator('textarea').first().fill('Moss, Clay');
    await page.getByRole('button', { name: 'Add an axis' }).click();
    await dialog(page).getByLabel('Name of the axis').nth(1).fill('Size');
    await dialog(page).locator('textarea').nth(1).fill('S, M, L, XL');
    await dialog(page).getByRole('button', { name: 'Build' }).click();
    await expect(page.locator('[data-made]')).toHaveCount(8);
    await page.close();
});

test('prices: a base, what values add, an ending, a share more over a selection, and why', async ({ page }) => {
    const faults = listen(page);
    await signIn(page);
    await page.goto(`/products/${code}/prices`);
    await expect(page.getByText('No SKU on offer has a price yet')).toBeVisible();
    await page.getByLabel('Base price, EUR').fill('20');
    await page.keyboard.press('Tab');
    await expect(page.locator('.prices-sum')).toContainText('20.00 EUR over 8 SKUs');
    await page.getByLabel('Amount at XL').fill('+10');
    await page.keyboard.press('Tab');
    await expect(page.locator('.prices-sum')).toContainText('20.00–30.00 EUR');
    await page.getByLabel('Percent at Moss').fill('8');
    await page.keyboard.press('Tab');
    await kept(page, 'Price at Color Moss set to +8 %');
    await expect(page.locator('.ladder .spot')).toHaveCount(8);
    await page.getByLabel('Sale price, EUR').fill('25');
    await page.locator('form.detail', { hasText: 'Sale price' }).getByRole('button', { name: 'Keep' }).click();
    await expect(page.locator('#notice')).toContainText('is not below the regular 21.60 of Moss, S');
    await page.getByLabel('From, row 1', { exact: true }).fill('10');
    await page.getByLabel('Less, row 1').fill('5 %');
    await page.getByRole('button', { name: 'Keep the breaks' }).click();
    await kept(page, 'from 10: 5 % off each unit');
    await sound(page, 'prices');

    await page.goto(`/products/${code}?lens=prices`);
    await head(page, 'Clay').click();
    await more(page, 'Raise, lower, round…');
    await dialog(page).getByLabel('Change', { exact: true }).fill('+10 %');
    await expect(dialog(page).locator('#plan')).toContainText('33.00');
    await dialog(page).getByLabel('Ending').fill('.95');
    await expect(dialog(page).locator('#plan')).toContainText('32.95');
    await sound(page, 'raising prices');
    await dialog(page).getByRole('button', { name: 'Change prices' }).click();
    await kept(page, 'Price of Clay, all sizes raised by 10 %, ending .95');
    await expect(cell(page, 'Clay, XL')).toContainText('32.95');
    await cell(page, 'Moss, XL').click();
    await more(page, 'About this SKU…');
    await expect(dialog(page)).toContainText('It follows the product.');
    await expect(dialog(page).locator('.price-steps')).toContainText('+8 %');
    await sound(page, 'about a SKU');
    await dialog(page).getByRole('button', { name: 'Close' }).click();
    expect(faults).toEqual([]);
});

test('a price for all is the base price; what it does not reach is asked about, and what is needless is let go of', async ({
    page,
}) => {
    const faults = listen(page);
    await signIn(page);
    await page.goto(`/products/${code}?lens=prices`);
    await page.locator('.corner').click();
    await page.getByLabel('Price, EUR').fill('30');
    await page.keyboard.press('Enter');
    await expect(dialog(page)).toContainText('4 SKUs have prices of their own (21.95–32.95)');
    await expect(dialog(page).locator('#plan')).toContainText('Base price 30.00 (was 20.00)');
    await sound(page, 'a price for all');
    await dialog(page).getByLabel('keep').check();
    await expect(dialog(page).locator('#plan')).toContainText('the same');
    await dialog(page).getByLabel('let go').check();
    await expect(dialog(page).locator('#plan')).not.toContainText('the same');
    await dialog(page).getByRole('button', { name: 'Change prices' }).click();
    await kept(page, '4 own prices (21.95–32.95) let go of');
    await expect(cell(page, 'Clay, XL')).toContainText('40.00');
    await expect(page.locator('.matrix')).not.toContainText('own');

    await head(page, 'Clay').click();
    await page.keyboard.type('+2');
    await page.keyboard.press('Enter');
    await kept(page, 'Clay adds +2.00');
    await expect(cell(page, 'Clay, S')).toContainText('32.00');
    await cell(page, 'Clay, S').click();
    await page.keyboard.type('32');
    await page.keyboard.press('Enter');
    await expect(cell(page, 'Clay, S')).toContainText('own, as the rule');
    await page.goto(`/products/${code}/prices`);
    await page.getByRole('button', { name: 'Let go of what is needless' }).click();
    await kept(page, '1 own price that is what the rule makes let go of');
    await expect(page.getByRole('button', { name: 'Let go of what is needless' })).toHaveCount(0);
    expect(faults).toEqual([]);
});

test('stock: sums of rows, columns and all keep up with what is typed; counted together it is shown so', async ({
    page,
}) => {
    const faults = listen(page);
    await signIn(page);
    await page.goto(`/products/${code}?lens=stock`);
    await page.locator('.corner').click();
    await page.getByLabel('In stock, each').fill('10');
    await page.keyboard.press('Enter');
    await expect(page.locator('.corner [data-units]')).toHaveText('80 in stock');
    await cell(page, 'Moss, S').click();
    await page.keyboard.type('+5');
    await page.keyboard.press('Enter');
    await expect(cell(page, 'Moss, S')).toContainText('15');
    await expect(page.locator('.corner [data-units]')).toHaveText('85 in stock');
    await expect(head(page, 'Moss').locator('[data-units]')).toHaveText('45 in stock');
    await expect(page.locator('.matrix th[data-head=column]').first().locator('[data-units]')).toHaveText(
        '25 in stock',
    );

    await more(page, 'Count for…');
    await dialog(page).getByLabel('The whole product').check();
    await expect(dialog(page).locator('#plan')).toContainText('85 in stock becomes 85 in stock for the whole product');
    await sound(page, 'counting');
    await dialog(page).getByRole('button', { name: 'Count so' }).click();
    await expect(page.locator('.corner [data-units]')).toHaveText('85 in stock, all SKUs together');
    await expect(cell(page, 'Clay, M')).toContainText('shared');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.locator('.corner [data-units]')).toHaveText('85 in stock');
    expect(faults).toEqual([]);
});

test('codes and GTINs: a pattern put together in the library, its plan, numbers out of a range, and labels', async ({
    page,
}) => {
    const faults = listen(page);
    await signIn(page);
    await page.goto('/library/codes');
    await page.getByRole('button', { name: 'Another pattern…' }).click();
    await dialog(page).getByLabel('Name', { exact: true }).fill(`Pattern ${stamp}`);
    await dialog(page).getByLabel('Part 2', { exact: true }).selectOption('number');
    await dialog(page).getByLabel('Text of part 2').fill('001');
    await expect(dialog(page).locator('#plan')).toContainText('001');
    await sound(page, 'code pattern');
    await dialog(page).getByRole('button', { name: 'Keep' }).click();
    await kept(page, `Made the code pattern Pattern ${stamp}`);
    await page.getByLabel('Name of the range').last().fill(`Range ${stamp}`);
    await page.getByLabel('Company prefix').last().fill('4006381');
    await page.getByLabel('First item').last().fill('1');
    await page.getByLabel('Last item').last().fill('500');
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    await expect(page.getByText('500 of 500 free')).toBeVisible();
    await sound(page, 'codes in the library');

    await page.goto(`/products/${code}?lens=codes`);
    await more(page, 'Make codes anew…');
    await dialog(page)
        .getByLabel('Made by')
        .selectOption({ label: `Pattern ${stamp}` });
    await expect(dialog(page).locator('#plan')).toContainText('Changes 8 codes');
    await sound(page, 'codes anew');
    await dialog(page).getByRole('button', { name: 'Apply' }).click();
    await expect(cell(page, 'Moss, S')).toContainText(`${code}-001`);

    await page.getByRole('button', { name: 'GTIN', exact: true }).click();
    await page.locator('.corner').click();
    await more(page, 'Give the next free…');
    await dialog(page)
        .getByLabel('Out of')
        .selectOption({ label: `Range ${stamp}: 4006381` });
    await expect(dialog(page).locator('#plan')).toContainText('8 SKUs get 4006381000017 to');
    await dialog(page).getByRole('button', { name: 'Give them' }).click();
    await expect(cell(page, 'Moss, S')).toContainText('4006381000017');
    await page.locator('.corner').click();
    await more(page, 'Labels…');
    await expect(page.locator('.paper-label .barcode')).toHaveCount(8);
    await sound(page, 'labels');
    expect(faults).toEqual([]);
});

test('details: kept as they are left, formatted, said otherwise of a part, and what is missing named', async ({
    page,
}) => {
    const faults = listen(page);
    await signIn(page);
    await page.goto(`/products/${code}/details`);
    await expect(page.locator('.strip-findings')).toContainText('No category');
    await page.getByLabel('Category', { exact: true }).fill('Outerwear > Smocks');
    await page.keyboard.press('Tab');
    await expect(page.locator('.strip-findings')).not.toContainText('No category');
    const text = page.locator('[data-editor=description]');
    await text.click();
    await page.keyboard.type('Deep pockets');
    await page.keyboard.press('ControlOrMeta+A');
    await page.getByRole('button', { name: 'Strong' }).click();
    await page.getByLabel('Brand').click();
    await kept(page, 'Changed the description');
    await expect(page.locator('.strip-findings')).not.toContainText('No description');
    // A field is left for a dialog: the answer to what was kept leaves the dialog open (it closed).
    await page.getByLabel('Dimensions').fill('30x20x5');
    await page.getByRole('button', { name: 'Say otherwise of a part…' }).click();
    await kept(page, 'Dimensions set to 30 × 20 × 5 cm');
    await expect(dialog(page).getByRole('heading', { name: 'Otherwise of a part' })).toBeVisible();
    await dialog(page).getByLabel('Part', { exact: true }).fill('Moss XL');
    await dialog(page).getByLabel('What', { exact: true }).selectOption('condition');
    await dialog(page).getByLabel('Says').fill('used');
    await sound(page, 'otherwise of a part');
    await dialog(page).getByRole('button', { name: 'Set' }).click();
    await expect(page.getByRole('heading', { name: 'Said otherwise of parts' })).toBeVisible();
    await sound(page, 'details');
    await page.goto(`/products/${code}/preview`);
    await expect(page.locator('.shop-description strong')).toHaveText('Deep pockets');
    expect(faults).toEqual([]);
});

test('the product gets another code, its SKUs with it, and the address of before leads there', async ({ page }) => {
    const faults = listen(page);
    await signIn(page);
    await page.goto(`/products/${code}/details`);
    await page.getByRole('button', { name: 'Change… the code' }).click();
    await dialog(page).getByLabel('Code', { exact: true }).fill(`GAR-${stamp}`);
    await expect(dialog(page).locator('#plan')).toContainText(/Changes \d+ codes/);
    await sound(page, 'another code');
    await dialog(page).getByRole('button', { name: 'Change', exact: true }).click();
    await page.waitForURL(`**/products/GAR-${stamp}/details`);
    await kept(page, `Code of the product set to GAR-${stamp}`);
    await page.goto(`/products/${code}/prices`);
    await expect(page).toHaveURL(new RegExp(`/products/GAR-${stamp}/prices$`));
    expect(faults).toEqual([]);
});
