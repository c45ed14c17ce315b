import { on } from './events';
import htmx from 'htmx.org';
import Sortable from 'sortablejs';
import { act, context } from './act';

/* Forms that show the plan of what they will do; foremost the editor of a product's axes, where the chips of each
   axis are the truth: what exists travels by its id, and the box takes more. */

const form = () => document.querySelector('#dialog form.replans');

let pending = 0;
let edition = 0;
let asked = 0;

function replan(delay = 250) {
    clearTimeout(pending);
    edition++;
    pending = setTimeout(() => {
        if (!form()) {
            return;
        }
        asked = edition;
        const values = Object.fromEntries(new FormData(form()));
        const target =
            form().dataset.replans === 'dialog'
                ? { target: '#dialog-body', swap: 'morph:innerHTML' }
                : { target: `#${form().id}`, swap: 'morph:outerHTML' };
        htmx.ajax('post', form().dataset.plan, {
            source: '#source-dialog',
            ...target,
            values: { ...context(), ...values },
        });
    }, delay);
}

// An answer to what has been changed since would take the change back: it is asked anew instead.
on('htmx:beforeSwap', '', (event) => {
    if (form()?.dataset.plan === event.detail.requestConfig.path && asked !== edition) {
        event.detail.shouldSwap = false;
        replan(0);
    }
});

const chips = (fieldset) => [...fieldset.querySelectorAll('.read [data-item]')];

/** The values as they stand in the row; those that were typed are among them, so that the box is free for more. */
function rewrite(fieldset, items = chips(fieldset).map((chip) => JSON.parse(chip.dataset.item))) {
    fieldset.querySelector('[data-items]').value = JSON.stringify(items);
    fieldset.querySelector('textarea').value = '';
    replan(0);
}

function keepOrder(fieldset) {
    fieldset.querySelector('[data-dragged]').value = '1';
}

on('input', '', (event) => {
    if (event.target.closest('form.replans')) {
        if (!/^(winners|roles|codes|stock_adds_up)/.test(event.target.name)) {
            // What was settled belongs to the plan as it was: another plan asks anew.
            for (const settled of form().querySelectorAll('[name^=winners], [name^=roles]')) {
                settled.disabled = true;
            }
        }
        replan();
    }
});

on('click', '#setup [data-setup]', (event, button) => {
    const fieldset = button.closest('fieldset');
    if (button.dataset.setup === 'drop-value') {
        button.closest('[data-item]').remove();
        rewrite(fieldset);
    } else if (button.dataset.setup === 'add-value') {
        rewrite(fieldset, [
            ...chips(fieldset).map((chip) => JSON.parse(chip.dataset.item)),
            JSON.parse(button.dataset.item),
        ]);
    } else if (button.dataset.setup === 'use-run') {
        keepOrder(fieldset);
        rewrite(fieldset, JSON.parse(button.dataset.items));
    } else if (button.dataset.setup === 'drop-axis') {
        fieldset.remove();
        replan(0);
    } else if (button.dataset.setup === 'add-axis') {
        const template = document.getElementById('setup-axis').content.cloneNode(true);
        const number = Date.now();
        for (const field of template.querySelectorAll('[name]')) {
            field.name = field.name.replace('NEW', number);
            field.id = field.id.replace('NEW', number);
        }
        for (const label of template.querySelectorAll('[for]')) {
            label.htmlFor = label.htmlFor.replace('NEW', number);
        }
        const rows = form().querySelector('[data-axes]');
        edition++;
        rows.append(template);
        const row = rows.lastElementChild;
        if (button.dataset.name) {
            row.querySelector('input').value = button.dataset.name;
            for (const other of rows.querySelectorAll('fieldset')) {
                if (
                    other !== row &&
                    other.querySelector('[name$="[name]"]').value === '' &&
                    other.querySelector('textarea').value === ''
                ) {
                    other.remove();
                }
            }
            keepOrder(row);
            rewrite(row, JSON.parse(button.dataset.items));
        } else {
            row.querySelector('input').focus();
        }
    } else if (button.dataset.setup === 'take') {
        const chip = chips(fieldset).find((one) => one.dataset.label === button.dataset.typed);
        if (button.dataset.item) {
            chip.dataset.item = button.dataset.item;
        } else {
            chip.remove();
        }
        rewrite(fieldset);
    } else if (button.dataset.setup === 'take-axis') {
        fieldset.querySelector('[name$="[name]"]').value = button.dataset.known;
        replan(0);
    } else if (button.dataset.setup === 'earlier' || button.dataset.setup === 'later') {
        const other =
            button.dataset.setup === 'earlier' ? fieldset.previousElementSibling : fieldset.nextElementSibling;
        other?.[button.dataset.setup === 'earlier' ? 'before' : 'after'](fieldset);
        replan(0);
    }
});

function actOn(form) {
    const values = {};
    for (const [name, value] of new FormData(form)) {
        values[name] = value;
    }
    act(form.dataset.act, values);
}

on('submit', 'form[data-act]', (event, form) => {
    event.preventDefault();
    clearTimeout(pending);
    actOn(form);
});

on('change', '', (event) => {
    // A field may belong to a form that stands elsewhere, as in a row of a table.
    const form = event.target.form?.matches('[data-act][data-at-once]') ? event.target.form : null;
    if (form) {
        actOn(form);
    }
});

function makeSortable(root) {
    for (const list of root.querySelectorAll('.setup .read')) {
        if (!list.dataset.sortable) {
            list.dataset.sortable = '1';
            new Sortable(list, {
                draggable: '[data-item]',
                animation: 0,
                onEnd: () => {
                    keepOrder(list.closest('fieldset'));
                    rewrite(list.closest('fieldset'));
                },
            });
        }
    }
}

on('htmx:afterSettle', '', () => {
    if (form()) {
        makeSortable(document);
    }
});
