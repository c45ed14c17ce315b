import AxeBuilder from '@axe-core/playwright';
import { expect } from '@playwright/test';

/** Cookies of those who have signed in by the form, by who it is. */
const signedIn = new Map();

/** Signs in: by the form at first, then as a browser that was closed and opened again, as long as that is let in. */
export async function signIn(page, who = 'ada') {
    if (signedIn.has(who)) {
        await page.context().addCookies(signedIn.get(who));
        await page.goto('/');
        if (!page.url().includes('/sign-in')) {
            await expect(page.getByRole('heading', { name: /Catalog/ })).toBeVisible();
            return;
        }
    }
    await page.goto('/sign-in');
    await page.getByLabel('Email address').fill(`${who}@thrumbury.example`);
    await page.getByLabel('Password').fill('slate-demo');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByRole('heading', { name: /Catalog/ })).toBeVisible();
    signedIn.set(who, await page.context().cookies());
}

/** A new product, made in the catalog, with the dialog of its axes open. */
export async function chooseAxesOf(page, name, code, shotList = '') {
    await page.getByRole('button', { name: 'New product' }).click();
    await page.getByLabel('Name of a new product').fill(name);
    await page.getByLabel('Code', { exact: true }).fill(code);
    if (shotList !== '') {
        await page.getByLabel('Shot list', { exact: true }).selectOption({ label: shotList });
    }
    await page.getByRole('button', { name: 'Make product' }).click();
    await page.getByRole('button', { name: /Choose axes/ }).click();
}

/** No serious fault that axe can see. There are no frames to look into, and what is well is not asked for: that is slow. */
export async function sound(page, what) {
    const { violations } = await new AxeBuilder({ page })
        .setLegacyMode(true)
        .options({ resultTypes: ['violations'] })
        .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
        .analyze();
    const serious = violations.filter(({ impact }) => impact === 'serious' || impact === 'critical');
    expect(serious.map(({ id, nodes }) => `${what}: ${id}: ${nodes.map((node) => node.html).join(' | ')}`)).toEqual([]);
}

/** Counts what a person does: each act is one, and those that were made in another way are added. */
export function counting(before = 0) {
    let made = before;
    return {
        async act(work) {
            made += 1;
            await work;
        },
        made: () => made,
    };
}

/** A change is made: what is kept says so. */
export async function kept(page, words) {
    await expect(page.locator('#kept .what')).toContainText(words);
}

/** A drag with the real pointer, in steps, as a hand would; let go once what is dragged over has answered. */
export async function drag(page, from, to, { shift = false, at = 0.5, until = async () => true } = {}) {
    await from.scrollIntoViewIfNeeded();
    const start = await from.boundingBox();
    await page.mouse.move(start.x + start.width / 2, start.y + start.height / 3);
    await page.mouse.down();
    const end = await to.boundingBox();
    await page.mouse.move(start.x + start.width / 2 - 12, start.y + start.height / 3 + 6, { steps: 3 });
    await page.mouse.move(end.x + end.width / 2, end.y + end.height / 2, { steps: 8 });
    await page.mouse.move(end.x + end.width * at, end.y + end.height / 2 + 2, { steps: 6 });
    let step = 0;
    await expect
        .poll(async () => {
            await page.mouse.move(end.x + end.width * at + (step++ % 2), end.y + end.height / 2 + 2);
            return until();
        })
        .toBe(true);
    if (shift) {
        await page.keyboard.down('Shift');
        await page.mouse.move(end.x + end.width / 2 + 2, end.y + end.height / 2 + 1, { steps: 2 });
    }
    await page.mouse.up();
    if (shift) {
        await page.keyboard.up('Shift');
    }
}

/** What an address says, asked for again as long as something else is being worked out for the same person. */
export async function textOf(page, address) {
    for (;;) {
        const answer = await page.request.get(address);
        if (answer.status() !== 429) {
            expect(answer.ok(), `${address} answers ${answer.status()}`).toBe(true);
            return answer.text();
        }
        await page.waitForTimeout(200);
    }
}

/** Nothing on the page broke: no script error, no refused style or script, no question on leaving it. */
export function listen(page) {
    const faults = [];
    page.on('dialog', (dialog) => {
        faults.push(`The browser asks: ${dialog.type()}`);
        dialog.accept();
    });
    page.on('pageerror', (error) => faults.push(error.message));
    page.on('console', (message) => {
        // What is refused says so on the page; what was too much at once is asked for again by itself.
        if (message.type() === 'error' && !/(status of|Status Error Code) 4(09|10|22|29)/.test(message.text())) {
            faults.push(message.text());
        }
    });
    return faults;
}
