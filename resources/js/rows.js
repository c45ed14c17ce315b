import { on } from './events';
import { act } from './act';
import { openDialog } from './dialog';

/*
 * SKUs as rows: cells are selected as in a spreadsheet, typed into, filled down, copied and pasted. What a cell says and
 * whether it can be typed is the server's to know; it answers with the rows as they are.
 */

const grid = () => document.querySelector('.rows-grid');
const canEdit = () => grid()?.dataset.canEdit === '1';
const at = (row, column) => grid()?.querySelector(`td[data-row="${row}"][data-column="${column}"]`);
const placeOf = (cell) => [Number(cell.dataset.row), Number(cell.dataset.column)];
const isTyped = (cell) => cell?.getAttribute('aria-readonly') === 'false';
const textOf = (cell) => cell?.textContent.trim() ?? '';

/** Where the selection begins and ends, as places: they outlast an answer that draws the cells anew. */
let anchor = [0, 0];
let end = [0, 0];

/** The cell that is being typed into. */
let editing = null;

const between = (one, other) => [Math.min(one, other), Math.max(one, other)];

/** The selected cells, row by row. */
function block() {
    const [top, bottom] = between(anchor[0], end[0]);
    const [left, right] = between(anchor[1], end[1]);
    const rows = [];
    for (let row = top; row <= bottom; row += 1) {
        rows.push(Array.from({ length: right - left + 1 }, (_, column) => at(row, left + column)));
    }
    return rows.map((row) => row.filter(Boolean)).filter((row) => row.length > 0);
}

function draw() {
    const selected = new Set(block().flat());
    for (const cell of grid()?.querySelectorAll('td') ?? []) {
        cell.classList.toggle('is-selected', selected.has(cell));
        cell.setAttribute('aria-selected', String(selected.has(cell)));
    }
}

/** Brings a cell into focus; the selection begins there, or reaches there. */
function point(cell, extends_ = false) {
    if (!cell) {
        return;
    }
    end = placeOf(cell);
    anchor = extends_ ? anchor : end;
    for (const other of grid().querySelectorAll('td[tabindex="0"]')) {
        other.tabIndex = -1;
    }
    cell.tabIndex = 0;
    cell.focus({ preventScroll: true });
    cell.scrollIntoView({ block: 'nearest', inline: 'nearest' });
    draw();
}

const move = (down, right, extends_ = false) => point(at(end[0] + down, end[1] + right), extends_);

/** Sends what was typed into cells: [cell, text] each. */
function send(typed) {
    const edits = typed
        .filter(([cell, text]) => isTyped(cell) && textOf(cell) !== text.trim())
        .map(([cell, text]) => {
            const row = cell.closest('tr');
            return [
                Number(row.querySelector('th').textContent),
                Number(row.dataset.product),
                Number(row.dataset.sku),
                cell.dataset.header,
                textOf(cell),
                text,
            ];
        });
    if (edits.length > 0) {
        act(grid().dataset.rows, { edits: JSON.stringify(edits) });
    }
}

function begin(cell, first = null) {
    if (!canEdit() || !isTyped(cell) || editing) {
        return;
    }
    const was = textOf(cell);
    const field = document.createElement('input');
    field.className = 'rows-field';
    field.value = first ?? was;
    field.setAttribute('aria-label', cell.dataset.header);
    // Over the text, which keeps the width of the column.
    cell.append(field);
    editing = cell;
    field.focus();
    if (first === null) {
        field.select();
    }
}

/** What is typed goes into all selected cells; without `keep` it is let go of. */
function finish(keep) {
    const cell = editing;
    if (!cell) {
        return;
    }
    editing = null;
    const text = cell.querySelector('input')?.value ?? '';
    const meant = block().flat().includes(cell) ? block().flat() : [cell];
    cell.querySelector('input')?.remove();
    if (keep) {
        send(meant.map((one) => [one, text]));
    }
}

function copied() {
    return block()
        .map((row) => row.map((cell) => textOf(cell).replace(/[\t\n\r]+/g, ' ')).join('\t'))
        .join('\n');
}

/** The first row over the rows below it. */
function fill() {
    const [first, ...others] = block();
    send(others.flatMap((row) => row.map((cell, column) => [cell, textOf(first[column])])));
}

function paste(text) {
    const lines = text
        .replace(/[\r\n]+$/, '')
        .split(/\r\n|\n|\r/)
        .map((line) => line.split('\t'));
    const [top, left] = [Math.min(anchor[0], end[0]), Math.min(anchor[1], end[1])];
    if (lines.length === 1 && lines[0].length === 1) {
        send(block().flatMap((row) => row.map((cell) => [cell, lines[0][0]])));
        return;
    }
    const heads = lines[0].map((_, column) => at(top, left + column));
    if (grid().dataset.rowsPlan && heads.some((cell) => cell?.dataset.axis)) {
        // Who says the values of rows says which rows are meant, wherever they are pasted.
        const rows = lines.map((cells) =>
            Object.fromEntries(
                cells
                    .map((cell, column) => [heads[column]?.dataset.header, cell.trim()])
                    .filter(([header, cell]) => header && cell !== ''),
            ),
        );
        openDialog('POST', grid().dataset.rowsPlan, { rows: JSON.stringify(rows) });
        return;
    }
    send(
        lines.flatMap((cells, row) =>
            cells.map((cell, column) => [at(top + row, left + column), cell]).filter(([cell]) => cell),
        ),
    );
}

const isHere = () => document.activeElement?.matches?.('.rows-grid td') === true && !editing;

on('mousedown', '.rows-grid td', (event, cell) => {
    if (event.button === 0 && cell !== editing) {
        finish(true);
        event.preventDefault();
        point(cell, event.shiftKey);
    }
});
on('mouseover', '.rows-grid td', (event, cell) => {
    if (event.buttons === 1 && !editing) {
        end = placeOf(cell);
        draw();
    }
});
on('dblclick', '.rows-grid td', (event, cell) => begin(cell));
on('focusin', '.rows-grid td', (event, cell) => {
    if (!editing && event.target === cell && placeOf(cell).join() !== end.join()) {
        point(cell);
    }
});
on('focusout', '.rows-field', () => {
    // A click elsewhere keeps what was typed; a page that is hidden keeps it open.
    if (document.hasFocus()) {
        finish(true);
    }
});

on('keydown', '.rows-grid', (event) => {
    if (editing) {
        const does = {
            Enter: () => [true, event.shiftKey ? 1 : 0, 0],
            Tab: () => [true, 0, event.shiftKey ? -1 : 1],
            Escape: () => [false, 0, 0],
        }[event.key]?.();
        if (does) {
            event.preventDefault();
            const cell = editing;
            finish(does[0]);
            point(cell);
            move(does[1], does[2]);
        }
        return;
    }
    const extends_ = event.shiftKey;
    const control = event.ctrlKey || event.metaKey;
    const steps = { ArrowDown: [1, 0], ArrowUp: [-1, 0], ArrowRight: [0, 1], ArrowLeft: [0, -1] }[event.key];
    if (steps && !event.altKey) {
        event.preventDefault();
        move(...steps, extends_);
    } else if (event.key === 'Home' || event.key === 'End') {
        event.preventDefault();
        const row = [...grid().querySelectorAll(`td[data-row="${end[0]}"]`)];
        point(event.key === 'Home' ? row[0] : row[row.length - 1], extends_);
    } else if (control && event.key.toLowerCase() === 'd') {
        event.preventDefault();
        fill();
    } else if (event.key === 'Enter' || event.key === 'F2') {
        event.preventDefault();
        begin(at(...end));
    } else if (event.key === 'Delete' || event.key === 'Backspace') {
        event.preventDefault();
        send(block().flatMap((row) => row.map((cell) => [cell, ''])));
    } else if (event.key.length === 1 && !control && !event.altKey && event.key !== '/' && event.key !== '?') {
        event.preventDefault();
        begin(at(...end), event.key);
    }
});

on('copy', '', (event) => {
    if (isHere()) {
        event.preventDefault();
        event.clipboardData.setData('text/plain', copied());
    }
});
on('paste', '', (event) => {
    if (isHere() && canEdit()) {
        event.preventDefault();
        paste(event.clipboardData.getData('text/plain'));
    }
});

// A row is added like the one in focus.
on('click', '[data-rows-new]', (event, button) => {
    openDialog('GET', button.dataset.rowsNew, { like: at(...end)?.closest('tr').dataset.sku ?? 0 });
});
on('submit', '[data-rows-form]', (event, form) => {
    event.preventDefault();
    const row = Object.fromEntries([...new FormData(form)].filter(([, text]) => String(text).trim() !== ''));
    openDialog('POST', form.dataset.rowsForm, { rows: JSON.stringify([row]) });
});

// A column that is to make SKUs: who types into it means it.
on('submit', '[data-axis-form]', (event, form) => {
    event.preventDefault();
    openDialog('POST', form.dataset.axisForm, Object.fromEntries(new FormData(form)));
});
on('input', '[data-axis-form] textarea', (event, field) => {
    field.form.querySelector('[name="column"][value=""]').checked = true;
});

// The rows as they are after a change: the focus is where it was.
on('htmx:afterSwap', '', (event) => {
    if (event.detail.target.id === 'live' && grid()) {
        const hadFocus = document.activeElement === document.body || document.activeElement?.closest('.rows-grid');
        const cell = at(...end);
        if (cell && hadFocus && !editing) {
            const [from] = [anchor];
            point(cell);
            anchor = from;
        }
        draw();
    }
});
