import { on, onCapture } from './events';
import { act, boardRoot } from './act';
import { phrase } from './words';

/*
 * The values of an axis on the board: one line of them, and how many more there are. Opened, they are a list to scroll,
 * to search and to put in order, by hand or by keys.
 */

let openAxis = '';

/** Keeps the order in which the values of a list stand now. */
export function keepOrder(list) {
    const order = [...list.querySelectorAll('.chip')].map((chip) => chip.dataset.value).join(',');
    act(boardRoot().dataset.order, { axis: list.dataset.axis, order });
}

const box = (axis) => document.querySelector(`[data-values-of="${CSS.escape(axis)}"]`);

/** How many values of each axis stand on the first line; the others are counted on a button. */
function measure() {
    for (const more of document.querySelectorAll('[data-more-values]')) {
        const values = box(more.dataset.moreValues);
        const chips = [...values.querySelectorAll('.chip')];
        const isOpen = openAxis === more.dataset.moreValues;
        values.classList.toggle('is-open', isOpen);
        values.querySelector('[data-values-find]').hidden = !isOpen;
        const hidden =
            isOpen || chips.length === 0 ? 0 : chips.filter((chip) => chip.offsetTop > chips[0].offsetTop).length;
        more.hidden = !isOpen && hidden === 0;
        more.setAttribute('aria-expanded', String(isOpen));
        if (!isOpen) {
            more.textContent = phrase('more', { count: hidden });
        }
        // What is not seen is not stepped through by keys.
        for (const chip of chips) {
            chip.inert = !isOpen && chip.offsetTop > chips[0].offsetTop;
        }
    }
}

function open(axis) {
    openAxis = axis;
    measure();
    if (axis !== '') {
        box(axis).querySelector('[data-values-find]').focus();
    }
}

function search(field) {
    const typed = field.value.trim().toLocaleLowerCase();
    for (const chip of field.parentElement.querySelectorAll('.chip')) {
        chip.hidden = typed !== '' && !chip.dataset.name.toLocaleLowerCase().includes(typed);
    }
}

/** Moves a value by one among those that are shown. */
function step(button) {
    const chip = button.closest('.chip');
    const list = chip.parentElement;
    const shown = [...list.querySelectorAll('.chip:not([hidden])')];
    const other = shown[shown.indexOf(chip) + Number(button.dataset.valueStep)];
    if (other) {
        list.insertBefore(chip, button.dataset.valueStep === '1' ? other.nextSibling : other);
        button.focus();
        keepOrder(list);
    }
}

on('click', '', (event) => {
    const more = event.target.closest('[data-more-values]');
    const stepping = event.target.closest('[data-value-step]');
    if (more) {
        open(openAxis === more.dataset.moreValues ? '' : more.dataset.moreValues);
    } else if (stepping) {
        step(stepping);
    } else if (openAxis !== '' && !event.target.closest('.values.is-open, dialog')) {
        open('');
    }
});

on('input', '', (event) => {
    if (event.target.matches('[data-values-find]')) {
        search(event.target);
    }
});

onCapture('keydown', '', (event) => {
    if (event.key === 'Escape' && event.target.closest?.('.values.is-open')) {
        event.preventDefault();
        event.stopPropagation();
        const axis = openAxis;
        open('');
        document.querySelector(`[data-more-values="${CSS.escape(axis)}"]`)?.focus();
    }
});

for (const name of ['DOMContentLoaded', 'htmx:afterSettle']) {
    on(name, '', measure);
}
window.addEventListener('resize', measure);
