import { on } from './events';
import htmx from 'htmx.org';
import { context, isOfBefore } from './act';

const dialog = () => document.getElementById('dialog');

/** Loads a fragment into the dialog and opens it; one that is open already is only brought up to date. */
export function openDialog(verb, url, values = {}) {
    return htmx.ajax(verb, url, {
        source: '#source-dialog',
        target: '#dialog-body',
        swap: values.renew ? 'morph:innerHTML' : 'innerHTML',
        values: { ...context(), ...values },
    });
}

export function closeDialog() {
    for (const open of document.querySelectorAll('dialog[open]')) {
        open.close();
    }
}

// A dialog that is part of the page: shown by its button, and at once where something in it was refused.
on('click', '[data-shows]', (event, show) => {
    document.getElementById(show.dataset.shows).showModal();
});
on('DOMContentLoaded', '', () => {
    document.querySelector('dialog[data-open]')?.showModal();
});

// A change that was kept though its answer was lost.
on('kept', '', closeDialog);

on('htmx:afterSwap', '', (event) => {
    if (event.detail.target.id === 'dialog-body' && event.detail.xhr.status < 400 && !dialog().open) {
        document.getElementById('dialog-notice').replaceChildren();
        dialog().dataset.opening = String(Number(dialog().dataset.opening ?? 0) + 1);
        dialog().showModal();
    }
    if (
        ['board', 'live', 'library', 'numbers'].includes(event.detail.target.id) &&
        event.detail.requestConfig.verb === 'post'
    ) {
        const stays = dialog().open ? dialog().querySelector('[data-stay]') : null;
        if (stays) {
            openDialog('POST', stays.dataset.stay, { renew: 1 });
        } else if (
            !dialog().open ||
            !isOfBefore(event.detail.requestConfig.parameters.token, dialog().dataset.opening)
        ) {
            closeDialog();
        }
    }
});

// What goes wrong while the dialog is open is said in the dialog; what was typed stays.
on('htmx:beforeSwap', '', (event) => {
    // What the dialog shows is asked for again after a change; if it is closed meanwhile, it stays closed.
    if (event.detail.requestConfig.parameters.renew && !dialog().open) {
        event.detail.shouldSwap = false;
    }
    if (dialog()?.open && event.detail.target.id === 'notice') {
        event.detail.target = document.getElementById('dialog-notice');
    }
});
