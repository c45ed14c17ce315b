import Sortable from 'sortablejs';
import { act } from './act';

/* The order of an axis's values in the library: rows are dragged, or moved with their buttons. */

const send = (rows) =>
    act(rows.dataset.orders, {
        order: [...rows.querySelectorAll('[data-value]')].map((row) => row.dataset.value).join(','),
    });

document.addEventListener('click', (event) => {
    const button = event.target.closest('[data-step]');
    if (!button) {
        return;
    }
    const row = button.closest('[data-value]');
    const other = button.dataset.step === 'earlier' ? row.previousElementSibling : row.nextElementSibling;
    other?.[button.dataset.step === 'earlier' ? 'before' : 'after'](row);
    if (row.parentElement.dataset.orders) {
        send(row.parentElement);
    } else {
        button.focus();
    }
});

function makeSortable() {
    const rows = document.querySelector('[data-orders]');
    if (rows?.querySelector('[data-step]') && !Sortable.get(rows)) {
        new Sortable(rows, {
            draggable: '[data-value]',
            filter: 'button',
            preventOnFilter: false,
            animation: 0,
            onEnd(event) {
                if (event.oldIndex !== event.newIndex) {
                    send(rows);
                }
            },
        });
    }
}

document.addEventListener('DOMContentLoaded', makeSortable);
document.addEventListener('htmx:afterSettle', makeSortable);
