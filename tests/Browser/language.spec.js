import { execFileSync } from 'node:child_process';
import { expect, test } from '@playwright/test';
import { chooseAxesOf, kept, signIn } from './helpers';

/*
 * The interface in a language that nobody speaks, made of lang/en: longer, and from right to left. What stands on screen
 * without brackets was not translated; what does not fit was drawn for English. The data has no Latin letters.
 */

const CODE = `L${Date.now()}`;

/** Pages that show nothing of other products: what those are called is not ours to translate. */
const PAGES = [
    '/account',
    `/products/${CODE}`,
    `/products/${CODE}/contact`,
    `/products/${CODE}/coverage`,
    `/products/${CODE}/roles`,
    `/products/${CODE}/colors`,
    `/products/${CODE}/prices`,
    `/products/${CODE}/preview`,
    `/products/${CODE}/details`,
    `/products/${CODE}/history`,
];

/**
 * Texts on these pages that the core says, which has no translator: labels and hints of details, roles, findings, what a
 * change did. The number may fall, never rise.
 */
const MOST_OF_THE_CORE = 90;

test.beforeAll(() => execFileSync('php', ['tests/Browser/pseudo.php', 'make']));
test.afterAll(() => execFileSync('php', ['tests/Browser/pseudo.php', 'remove']));

/** What is seen on a page, or read to those who cannot see it, and has Latin letters outside of brackets. */
const untranslated = () => {
    const isLatin = (text) =>
        /[A-Za-z]{3,}/.test(text) &&
        !/^[A-Z0-9 ._-]+$/.test(text.trim()) &&
        !/Ada Ferris|thrumbury|Mozilla|^\d+ [A-Z][a-z]{2} \d{4}/.test(text.trim());
    const found = [];
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    while (walker.nextNode()) {
        const { textContent, parentElement } = walker.currentNode;
        const isSaid = !parentElement.closest('script, code, kbd, option, [data-keep]');
        if (
            isSaid &&
            isLatin(textContent) &&
            !parentElement.closest('p, li, td, th, dd, label, a, h1, h2, h3, button, div').textContent.includes('⟦')
        ) {
            found.push(textContent.trim());
        }
    }
    for (const element of document.querySelectorAll('[title], [aria-label], [placeholder]')) {
        for (const name of ['title', 'aria-label', 'placeholder']) {
            const text = element.getAttribute(name) ?? '';
            if (isLatin(text) && !text.includes('⟦')) {
                found.push(text);
            }
        }
    }
    return [...new Set(found)];
};

test('another language is a folder: every page speaks it, from right to left, and fits', async ({
    browser,
    page: english,
}) => {
    await signIn(english, 'ada');
    await chooseAxesOf(english, 'Фартук', CODE);
    const dialog = english.locator('#dialog');
    await dialog.locator('input[name*="[name]"]').first().fill('Цвет');
    await dialog.locator('textarea').first().fill('Мох, Глина, Сланец');
    await english.keyboard.press('Tab');
    await dialog.getByRole('button', { name: 'Build' }).click();
    await kept(english, 'Цвет');
    const context = await browser.newContext({
        storageState: await english.context().storageState(),
        locale: 'qps',
    });
    const page = await context.newPage();
    const found = [];
    for (const address of PAGES) {
        await page.goto(address);
        await expect(page.locator('html')).toHaveAttribute('dir', 'rtl');
        await expect(page.getByRole('navigation').first()).toContainText('⟦');
        for (const text of await page.evaluate(untranslated)) {
            found.push(`${address}: ${text}`);
        }
        const wider = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
        expect(wider, `${address} is wider than the window`).toBeLessThanOrEqual(0);
    }
    expect(found.length, found.join('\n')).toBeLessThanOrEqual(MOST_OF_THE_CORE);
});
