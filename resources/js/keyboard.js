import { boardRoot, refresh } from './act';

/** The keys of the board. The board says what is selected and marked, and makes the changes. */
export function keyboard({ selection, fill, focusCell, inFocus, choose, change, markedIds, clearMarks }) {
    function edit(first = '') {
        const field = document.getElementById('typed');
        if (field && selection.keys.size > 0) {
            field.value = first;
            field.focus();
            field.setSelectionRange(first.length, first.length);
        }
    }

    // What is typed before a lens that was asked for is there is meant for that lens, not for the one still shown.
    let awaited = 0;
    let held = [];

    function changeLens(lens) {
        awaited += 1;
        const shown = document.getElementById('typed');
        if (shown) {
            shown.disabled = true;
        }
        refresh({ lens })
            .catch(() => {})
            .then(() => {
                awaited -= 1;
                document.querySelector('#typed:disabled')?.removeAttribute('disabled');
                const keys = held;
                held = [];
                keys.forEach(type);
            });
    }

    /** A key as if it were pressed now. */
    function type(key) {
        const here = /** @type {HTMLInputElement} */ (document.activeElement);
        if (awaited > 0) {
            held.push(key);
        } else if (here.id === 'typed' && key.length === 1) {
            here.value += key;
        } else {
            here.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
        }
    }

    function moveMarked(step) {
        const ids = markedIds();
        const gallery = [...document.querySelectorAll('#gallery .card-picture')].map((card) => card.dataset.placement);
        if (ids.length === 1 && gallery.includes(ids[0])) {
            change('move', ids, { to: Math.max(0, gallery.indexOf(ids[0]) + step) });
        }
    }

    /** The cell or header beside one; the head of a group of rows stands beside each of its rows. */
    function neighbor(here, [down, right]) {
        const [row, column] = [Number(here.dataset.row) + down, Number(here.dataset.column) + right];
        if (column !== -2) {
            return document.querySelector(`.matrix [data-row="${row}"][data-column="${column}"]`);
        }
        const groups = [...document.querySelectorAll('.matrix [data-head=group]')];
        return here.dataset.head === 'group'
            ? groups[groups.indexOf(here) + down]
            : groups.findLast((group) => Number(group.dataset.row) <= row);
    }

    function arrows(event) {
        const step = { ArrowUp: [-1, 0], ArrowDown: [1, 0], ArrowLeft: [0, -1], ArrowRight: [0, 1] }[event.key];
        const here = event.target.closest('.matrix [data-row]');
        if (!step || !here) {
            return false;
        }
        event.preventDefault();
        const next = neighbor(here, step);
        if (next) {
            focusCell(next);
            if (next.dataset.part !== undefined) {
                choose(selection.under(next.dataset.part), 'set', next.dataset.part);
            } else if (event.shiftKey && selection.anchor) {
                choose(selection.block(selection.anchor, next));
            } else {
                selection.anchor = next;
                choose([next.dataset.cell]);
            }
        }
        return true;
    }

    const keyActions = {
        r: (cell) => {
            const part = cell?.parentElement.querySelector('[data-head=row]').dataset.part;
            choose(cell ? selection.under(part) : [], 'set', part);
        },
        c: (cell) =>
            choose(
                cell
                    ? selection.block(
                          selection.at(0, cell.dataset.column),
                          selection.at(document.querySelectorAll('.matrix tbody tr').length - 1, cell.dataset.column),
                      )
                    : [],
            ),
        a: () => choose(selection.under('*')),
        l: () => change('link', markedIds()),
        u: () => change('unlink', markedIds()),
        h: () => change('hide', markedIds()),
        d: () => fill(),
        f: () => document.getElementById('find')?.focus(),
        s: () => {
            const menu = document.getElementById('like-this');
            if (menu) {
                menu.open = true;
                menu.querySelector('button').focus();
            }
        },
        '[': () => moveMarked(-1),
        ']': () => moveMarked(1),
        Escape: () => {
            clearMarks();
            choose([]);
        },
    };

    /** The next cell on offer, row by row; the one before it with a step back. */
    function beside(cell, step) {
        const cells = [...document.querySelectorAll('.matrix [data-made]')];
        return cells[cells.indexOf(cell) + step] ?? cell;
    }

    function goTo(cell) {
        if (cell) {
            focusCell(cell);
            selection.anchor = cell;
            choose([cell.dataset.cell]);
        }
    }

    /**
     * What is typed in a lens is kept with Enter, and the focus is back on the cell; Shift+Enter and Tab keep it and go
     * on
     * to the next. Escape keeps nothing.
     */
    function onTyped(event) {
        const field = event.target;
        if (field.id !== 'typed' || !['Enter', 'Tab', 'Escape'].includes(event.key) || event.isComposing) {
            return;
        }
        const cell = inFocus();
        event.preventDefault();
        if (event.key !== 'Escape') {
            field.form.requestSubmit();
        }
        field.value = '';
        if (event.key === 'Tab' || (event.key === 'Enter' && event.shiftKey)) {
            goTo(beside(cell, event.key === 'Tab' && event.shiftKey ? -1 : 1));
        } else if (cell) {
            focusCell(cell);
        }
    }

    function onKey(event) {
        if (event.target.closest('input, textarea, select, dialog') || event.ctrlKey || event.metaKey || event.altKey) {
            return;
        }
        if (awaited > 0 && !['Tab', 'Shift'].includes(event.key)) {
            event.preventDefault();
            held.push(event.key);
            return;
        }
        if (arrows(event)) {
            return;
        }
        const cell =
            document.activeElement.closest('.matrix [data-cell]') ??
            selection.cells.find((one) => selection.keys.has(one.dataset.cell));
        const lens = document.querySelectorAll('[data-lens-choice]')[Number(event.key) - 1]?.dataset.lensChoice;
        const isEditing = document.getElementById('typed') && event.target.closest('.matrix');
        if (isEditing && /^[0-9+-]$/.test(event.key) && boardRoot().dataset.figures !== undefined) {
            event.preventDefault();
            edit(event.key);
        } else if (lens) {
            event.preventDefault();
            changeLens(lens);
        } else if (event.key === 'Enter' && event.target.closest('.matrix')) {
            event.preventDefault();
            edit();
        } else if (keyActions[event.key.length === 1 ? event.key.toLowerCase() : event.key]) {
            event.preventDefault();
            keyActions[event.key.length === 1 ? event.key.toLowerCase() : event.key](cell);
        }
    }

    return { onKey, onTyped, changeLens };
}
