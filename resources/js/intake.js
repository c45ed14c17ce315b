import { on } from './events';
import htmx from 'htmx.org';
import { act, enqueue } from './act';
import { closeDialog } from './dialog';
import { isSending } from './sending';
import { phrase } from './words';

/** Milliseconds between two looks at what moves by itself. */
export const SOON = 2500;

export const drop = () => document.querySelector('[data-drop]');
const rows = () => [...document.querySelectorAll('.intake-table tr.row')];
const box = (row) => row?.querySelector('input[type=checkbox]');
const marked = () => rows().filter((row) => box(row)?.checked);
const token = (row) => `${row.dataset.file}:${row.dataset.seen}`;

let focused = null;

/** Which picture, as it is read, the pane beside the table shows or is about to show. */
let asked = null;

let pointed = new Set();

const focusedRow = () => rows().find((row) => row.dataset.file === focused) ?? null;

/** The marked pictures, else the one in focus; those alone that something can be done with. */
const meant = () => (marked().length > 0 ? marked() : [focusedRow()].filter(Boolean)).filter(box);

/** What of the drop is looked at. */
const shown = () => ({ by: drop().dataset.by, show: drop().dataset.shown, page: drop().dataset.page });

const change = (way, values) => act(`${drop().dataset.url}/${way}`, { ...shown(), ...values });

function count() {
    const many = marked().length;
    const words = document.querySelector('[data-intake-count]');
    if (words) {
        words.textContent = many === 0 ? phrase('none_marked') : phrase('marked', { count: many });
    }
    for (const control of document.querySelectorAll('[data-needs-files]')) {
        control.disabled = meant().length === 0;
    }
}

/** Brings a picture into focus, and beside the table what is known of it. */
function focus(row) {
    if (!row) {
        return;
    }
    for (const other of rows()) {
        other.tabIndex = other === row ? 0 : -1;
        other.classList.toggle('is-focus', other === row);
        other.toggleAttribute('aria-current', other === row);
    }
    focused = row.dataset.file;
    if (asked !== token(row)) {
        asked = token(row);
        htmx.ajax('get', row.dataset.settle, { source: '#source-dialog', target: '#settle', swap: 'innerHTML' });
    }
    count();
}

function move(by) {
    const all = rows();
    const at = all.findIndex((row) => row.dataset.file === focused);
    const next = all[Math.max(0, Math.min(all.length - 1, at + by))];
    next?.focus();
    next?.scrollIntoView({ block: 'nearest' });
}

/** To the next picture that needs a person, from the one in focus on, and from the first again. */
function toDoubt() {
    const all = rows();
    const at = all.findIndex((row) => row.dataset.file === focused) + 1;
    const next = [...all.slice(at), ...all.slice(0, at)].find((row) => row.dataset.doubt);
    next?.focus();
    next?.scrollIntoView({ block: 'nearest' });
}

/** The parts of the small matrix that are pointed at. */
function point(parts) {
    pointed = new Set(parts);
    for (const button of document.querySelectorAll('[data-point]')) {
        button.setAttribute('aria-pressed', String(pointed.has(button.dataset.point)));
    }
    for (const link of document.querySelectorAll('.settle-link [data-intake=link]')) {
        link.disabled = pointed.size === 0;
    }
}

const deeds = {
    accept(files) {
        return files.length > 0 && change('accept', { files: files.join(',') });
    },
    replace(files) {
        closeDialog();
        return files.length > 0 && change('accept', { files: files.join(','), replace: 1 });
    },
    link(files) {
        const { product, settledFile } = document.querySelector('[data-settled-file]')?.dataset ?? {};
        // What is pointed at is meant for the picture beside it: while another is on its way there, nothing is linked.
        if (files.length === 0 || !product || settledFile !== focused) {
            return null;
        }
        return change('link', {
            files: files.map((one) => one.split(':')[0]).join(','),
            product,
            selected: [...pointed].join(';'),
            view: document.getElementById('settle-view')?.value ?? '',
        });
    },
    aside(files) {
        return (
            files.length > 0 &&
            change('aside', {
                files: files.map((one) => one.split(':')[0]).join(','),
                back: drop().dataset.shown === 'settled' ? 1 : 0,
            })
        );
    },
    forget() {
        return change('aside', { missing: 1 });
    },
    'read-again': (files) => change('read-again', { files: files.join(',') }),
};

function filesFor(button) {
    if (button.dataset.files !== undefined) {
        return button.dataset.files.split(',').filter(Boolean);
    }
    if (button.dataset.of === 'better') {
        return [...document.querySelectorAll('.better input:checked')].map((input) => input.value);
    }
    if (button.dataset.of === 'focus') {
        return marked().some((row) => row.dataset.file === focused)
            ? marked().map(token)
            : [focusedRow()].filter(Boolean).map(token);
    }
    return meant().map(token);
}

on('click', '', (event) => {
    if (!drop()) {
        return;
    }
    const button = event.target.closest('[data-intake]');
    if (button && !button.disabled) {
        deeds[button.dataset.intake]?.(filesFor(button));
        return;
    }
    const spot = event.target.closest('[data-point]');
    if (spot) {
        const adds = event.ctrlKey || event.metaKey || event.shiftKey;
        const had = pointed.has(spot.dataset.point);
        point(
            adds
                ? had
                    ? [...pointed].filter((part) => part !== spot.dataset.point)
                    : [...pointed, spot.dataset.point]
                : [spot.dataset.point],
        );
        return;
    }
    const product = event.target.closest('[data-intake-product]');
    if (product) {
        change('say', {
            files: (meant().length > 0 ? meant() : [focusedRow()]).map((row) => row.dataset.file).join(','),
            product: product.dataset.intakeProduct,
        });
        return;
    }
    const group = event.target.closest('[data-intake-group]');
    if (group) {
        const own = [...group.closest('tbody').querySelectorAll('tr.row')].filter((row) => box(row));
        const mark = own.some((row) => !box(row).checked);
        own.forEach((row) => {
            box(row).checked = mark;
        });
        count();
        return;
    }
    const row = event.target.closest('.intake-table tr.row');
    if (row) {
        if (event.target.closest('.mark') && !event.target.matches('input') && box(row)) {
            box(row).checked = !box(row).checked;
        }
        row.focus();
        count();
    }
});

on('focusin', '', (event) => {
    if (event.target.matches?.('.intake-table tr.row')) {
        focus(event.target);
    }
});

on('change', '', (event) => {
    if (event.target.matches('.intake-table input[type=checkbox]')) {
        count();
    } else if (event.target.matches('[data-intake-view]') && event.target.value !== '') {
        change('say', {
            files: meant()
                .map((row) => row.dataset.file)
                .join(','),
            view: event.target.value === 'as-read' ? '' : event.target.value,
        });
        event.target.value = '';
    }
});

on('submit', '[data-intake-teach]', (event, form) => {
    event.preventDefault();
    change('teach', Object.fromEntries(new FormData(form)));
});

on('keydown', '', (event) => {
    if (
        !drop() ||
        event.ctrlKey ||
        event.metaKey ||
        event.altKey ||
        event.target.closest('input:not([type=checkbox]), textarea, select, dialog')
    ) {
        return;
    }
    const inTable = event.target.closest('.intake-table') || event.target === document.body;
    const does = {
        ArrowDown: () => move(1),
        ArrowUp: () => move(-1),
        ' ': () => {
            const own = box(focusedRow());
            if (own) {
                own.checked = !own.checked;
                count();
            }
        },
        Enter: () => deeds.accept(meant().map(token)),
    };
    const anywhere = {
        l: () => deeds.link(meant().map(token)),
        x: () => deeds.aside(meant().map(token)),
        v: () => document.getElementById('settle-view')?.focus(),
        p: () => document.getElementById('settle-find')?.focus(),
        n: toDoubt,
    };
    const key = event.key.length === 1 ? event.key.toLowerCase() : event.key;
    const doing = (inTable && !event.target.closest('button, a') ? does[key] : undefined) ?? anywhere[key];
    const may = drop().dataset.canEdit === '1' && (drop().dataset.shown !== 'settled' || [' ', 'x'].includes(key));
    if (doing && (may || key === 'n' || key.startsWith('Arrow'))) {
        event.preventDefault();
        doing();
    }
});

// After a change the next picture is in focus, so that the drop can be gone through without a hand on the mouse.
let place = 0;
on('htmx:beforeSwap', '', (event) => {
    if (event.detail.target.id === 'intake') {
        place = Math.max(
            0,
            rows().findIndex((row) => row.dataset.file === focused),
        );
    }
});

on('htmx:afterSwap', '', (event) => {
    if (event.detail.target.id === 'main') {
        asked = null;
    }
    if (event.detail.target.id === 'intake') {
        const next = focusedRow() ?? rows()[Math.min(place, rows().length - 1)];
        if (next) {
            const held = document.activeElement?.closest('#settle, dialog, .topbar');
            if (!held) {
                next.focus({ preventScroll: true });
            }
            focus(next);
        } else {
            document.getElementById('settle')?.replaceChildren();
            asked = null;
        }
        count();
    } else if (event.detail.target.id === 'settle') {
        point((document.querySelector('[data-settled-file]')?.dataset.selected ?? '').split(';').filter(Boolean));
    }
});

/**
 * Draws the drop as it stands; what is marked stays so.
 *
 * @param values how things stood when the table was drawn, where it is to be drawn only if they have changed
 */
export function look(values = {}) {
    if (!drop()) {
        return Promise.resolve();
    }
    return enqueue(() =>
        htmx.ajax('get', drop().dataset.url, {
            source: '#source-read',
            target: '#intake',
            swap: 'morph:innerHTML',
            values: { ...shown(), ...values, ...(isSending() ? { sending: 1 } : {}) },
        }),
    );
}

// What was refused may be because the table is out of date: it is drawn as things stand.
on('htmx:afterRequest', '', (event) => {
    if (drop() && event.detail.requestConfig.verb === 'post' && event.detail.xhr.status === 422) {
        look();
    }
});

/** Times as long as a look took is waited before the next: a large drop takes seconds to read. */
const PAUSE = 4;

/** Pictures are measured and linked while the page is open. */
async function follow() {
    const begun = performance.now();
    try {
        if (drop()?.dataset.moving && !document.hidden) {
            await look({ pulse: drop().dataset.pulse });
        }
    } finally {
        setTimeout(follow, Math.max(SOON, PAUSE * (performance.now() - begun)));
    }
}

setTimeout(follow, SOON);
