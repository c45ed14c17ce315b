import { on } from './events';
import { phrase } from './words';

/* Single items on a small matrix: drawn from what is typed for each of them, and typed by dragging. */

/** A matrix larger than this is not drawn: nobody would see it whole. */
const MOST_CELLS = 400;

/**
 * @typedef {{row: HTMLElement, code: string, fields: HTMLInputElement[], values: string[]}} Item
 */

/** Letters and blanks aside, as the server tells labels apart. */
const folded = (label) => label.trim().toLowerCase();

const keyOf = (values) => JSON.stringify(values.map(folded));

/**
 * @param {HTMLElement} group
 * @returns {Item[]} those that take part
 */
function itemsOf(group) {
    return [.../** @type {NodeListOf<HTMLElement>} */ (group.querySelectorAll('[data-combine-item]'))]
        .filter((row) => row.querySelector('input:checked'))
        .map((row) => {
            const fields = [
                .../** @type {NodeListOf<HTMLInputElement>} */ (row.querySelectorAll('[data-combine-value]')),
            ];
            return { row, code: row.dataset.combineItem, fields, values: fields.map((field) => field.value.trim()) };
        });
}

/**
 * @param {string[][]} order of the values of each axis, as the server proposes it
 * @param {Item[]} items
 * @param {string[][]} taken cells that have a SKU
 * @returns {string[][]} the values of each axis that are in use: in that order, and what was typed after them
 */
function labelsOf(order, items, taken) {
    return order.map((proposed, axis) => {
        const used = [...taken, ...items.map((item) => item.values)]
            .map((values) => values[axis])
            .filter((label) => label !== '');
        const isUsed = new Set(used.map(folded));
        const labels = new Map();
        for (const label of [...proposed.filter((one) => isUsed.has(folded(one))), ...used]) {
            if (!labels.has(folded(label))) {
                labels.set(folded(label), label);
            }
        }
        return [...labels.values()];
    });
}

/** Every choice of one label from each list. */
const choices = (lists) =>
    lists.reduce((soFar, list) => soFar.flatMap((choice) => list.map((label) => [...choice, label])), [[]]);

function element(name, text = '', attributes = {}) {
    const made = document.createElement(name);
    made.textContent = text;
    for (const [attribute, value] of Object.entries(attributes)) {
        made.setAttribute(attribute, value);
    }
    return made;
}

const chip = (item) =>
    element('button', item.code, {
        type: 'button',
        class: 'combine-chip',
        draggable: 'true',
        title: phrase('combine_type', { item: item.code }),
        'data-combine-chip': item.code,
    });

/** @param {boolean} hasSku whether it has one already */
function cell(values, items, hasSku) {
    const words = hasSku ? phrase('combine_taken') : items.length === 0 ? phrase('combine_hole') : '';
    const isOpen = items.length > (hasSku ? 0 : 1);
    const made = element('td', words === '' ? '' : `${words} `, {
        'data-combine-cell': JSON.stringify(values),
        class: isOpen ? 'is-open' : words === '' ? '' : 'is-hole',
    });
    made.append(...items.map(chip));
    return made;
}

/**
 * @param {Item[]} items
 * @returns {Map<string, Item[]>}
 */
function byCellOf(items) {
    const byCell = new Map();
    for (const item of items) {
        const key = keyOf(item.values);
        byCell.set(key, [...(byCell.get(key) ?? []), item]);
    }
    return byCell;
}

/**
 * @param {Map<string, Item[]>} byCell
 * @param {Set<string>} taken
 */
function table(axes, labels, byCell, taken) {
    const [down, across] = axes.length === 1 ? [[''], labels] : [labels[0], labels.slice(1)];
    const columns = choices(across);
    const made = element('table', '', { class: 'plain' });
    const head = element('tr');
    head.append(element('td', axes.length === 1 ? '' : axes[0]));
    head.append(...columns.map((column) => element('th', column.join(', '), { scope: 'col' })));
    made.append(element('thead'), element('tbody'));
    made.tHead.append(head);
    for (const label of down) {
        const row = element('tr');
        row.append(element('th', label, { scope: 'row' }));
        for (const column of columns) {
            const values = axes.length === 1 ? column : [label, ...column];
            row.append(cell(values, byCell.get(keyOf(values)) ?? [], taken.has(keyOf(values))));
        }
        made.tBodies[0].append(row);
    }
    return made;
}

function draw(place) {
    const group = place.closest('form');
    const order = /** @type {Record<string, string[]>} */ (JSON.parse(place.dataset.combineMatrix));
    const items = itemsOf(group);
    const given = /** @type {string[][]} */ (JSON.parse(place.dataset.combineTaken ?? '[]'));
    const labels = labelsOf(Object.values(order), items, given);
    const taken = new Set(given.map(keyOf));
    const unplaced = items.filter((item) => item.values.includes(''));
    const byCell = byCellOf(items.filter((item) => !unplaced.includes(item)));
    const cells = labels.reduce((product, list) => product * list.length, 1);
    const isOpen = (key) => (byCell.get(key) ?? []).length > (taken.has(key) ? 0 : 1);
    const several = [...byCell.keys()].filter(isOpen).length;
    const words = [
        phrase(taken.size > 0 ? 'combine_has' : 'combine_filled', {
            filled: new Set([...byCell.keys(), ...taken]).size,
            count: cells,
        }),
        ...(several > 0 ? [phrase('combine_several', { count: several })] : []),
        ...(cells > MOST_CELLS ? [phrase('combine_too_large')] : []),
    ];
    place.replaceChildren(element('p', words.join(' · '), { class: 'quiet', role: 'status' }));
    if (cells > 0 && cells <= MOST_CELLS) {
        place.append(table(Object.keys(order), labels, byCell, taken));
    }
    if (unplaced.length > 0) {
        const rest = element('p', `${phrase('combine_unplaced')} `);
        rest.append(...unplaced.map(chip));
        place.append(rest);
    }
    for (const item of items) {
        item.row.classList.toggle('is-open', unplaced.includes(item) || isOpen(keyOf(item.values)));
    }
}

const placeOf = (within) =>
    /** @type {?HTMLElement} */ (within.closest('form')?.querySelector('[data-combine-matrix]') ?? null);

for (const type of ['input', 'change']) {
    on(type, '[data-combine-item]', (event, row) => {
        const place = placeOf(row);
        if (place) {
            draw(place);
        }
    });
}

/** The chip that is being dragged. */
let dragged = /** @type {?HTMLElement} */ (null);

on('dragstart', '[data-combine-chip]', (event, one) => {
    dragged = one;
    event.dataTransfer.effectAllowed = 'move';
    event.dataTransfer.setData('text/plain', one.dataset.combineChip);
});
on('dragend', '', () => (dragged = null));
on('dragover', '[data-combine-cell]', (event, target) => {
    if (dragged && placeOf(dragged) === placeOf(target)) {
        event.preventDefault();
    }
});
on('drop', '[data-combine-cell]', (event, target) => {
    const place = placeOf(target);
    if (!dragged || placeOf(dragged) !== place) {
        return;
    }
    event.preventDefault();
    const item = itemsOf(place.closest('form')).find((one) => one.code === dragged.dataset.combineChip);
    JSON.parse(target.dataset.combineCell).forEach((label, axis) => (item.fields[axis].value = label));
    dragged = null;
    draw(place);
});

// From the matrix to where it is typed.
on('click', '[data-combine-chip]', (event, one) =>
    itemsOf(one.closest('form'))
        .find((item) => item.code === one.dataset.combineChip)
        ?.fields[0]?.focus(),
);

for (const place of /** @type {NodeListOf<HTMLElement>} */ (document.querySelectorAll('[data-combine-matrix]'))) {
    draw(place);
}
