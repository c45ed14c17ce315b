import { on } from './events';
import Sortable from 'sortablejs';
import { act } from './act';

/* The order of an axis's values in the library: rows are dragged, or moved with their buttons. */

const send = (rows) =>
    act(rows.dataset.orders, {
        order: [...rows.querySelectorAll('[data-value]')].map((row) => row.dataset.value).join(','),
    });

on('click', '[data-step]', (event, button) => {
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

on('DOMContentLoaded', '', makeSortable);
on('htmx:afterSettle', '', makeSortable);
