import { on } from './events';
import { act, boardRoot } from './act';
import { phrase } from './words';

/*
 * Blocks of cells, copied to a spreadsheet and pasted from one, and the first row or column written along the others.
 */

const NOTHING = '–';

/** A cell's figure as a spreadsheet reads it: nothing where there is none, no marks between thousands. */
function figure(cell) {
    const text = cell?.dataset.made === undefined ? '' : (cell.querySelector('.text')?.textContent.trim() ?? '');
    if (text === NOTHING) {
        return '';
    }
    const { lens } = boardRoot().dataset;
    // Three digits behind a point could be thousands: a zero more says that they are not.
    return lens === 'stock' || lens === 'weight'
        ? text.replace(/[^\d-]/g, '')
        : text.replace(/^(\d{1,3}\.\d{3})$/, lens === 'prices' ? '$10' : '$1');
}

const place = ({ dataset }) => [Number(dataset.row), Number(dataset.column)];

/** Cells as they lie on screen, row by row. */
function rowsOf(cells) {
    const rows = new Map();
    for (const cell of [...cells].sort(
        (one, other) => place(one)[0] - place(other)[0] || place(one)[1] - place(other)[1],
    )) {
        const [row] = place(cell);
        rows.set(row, [...(rows.get(row) ?? []), cell]);
    }
    return [...rows.values()];
}

/** Whether every row has the same columns. */
const isRectangle = (rows) =>
    rows.every(
        (row) => row.length === rows[0].length && row.every((cell, at) => place(cell)[1] === place(rows[0][at])[1]),
    );

const key = (rows) => rows.map((row) => row.map((cell) => cell.dataset.cell).join(';')).join('|');

/** The sums of rows, columns and all, where each SKU's units are its own: of what the cells show. */
export function sumHeads(selection) {
    const { lens, counting } = boardRoot().dataset;
    for (const head of lens === 'stock' && counting === 'sku'
        ? document.querySelectorAll('.matrix th [data-units]')
        : []) {
        const made = (selection.keysOfPart.get(head.closest('th').dataset.part) ?? [])
            .map((key) => selection.byKey.get(key))
            .filter((cell) => cell?.dataset.made !== undefined);
        const counted = made.map(figure).filter((units) => units !== '');
        head.textContent =
            counted.length === 0
                ? phrase('not_counted')
                : phrase('in_stock', { count: counted.reduce((sum, units) => sum + Number(units), 0) });
    }
}

export function blocks({ selection, canEdit }) {
    const isOfNumbers = () => boardRoot() && boardRoot().dataset.lens !== 'photos';
    const chosen = () => selection.cells.filter((cell) => selection.keys.has(cell.dataset.cell));
    const isHere = () => isOfNumbers() && document.activeElement?.closest('.matrix') && selection.keys.size > 0;

    function paste(text) {
        const cells = chosen();
        const isOne = !/[\t\n\r]./s.test(text);
        let rows = rowsOf(cells);
        const isFirst = cells.length === 1 && !isOne;
        if (isFirst) {
            const [row, column] = place(cells[0]);
            rows = rowsOf(selection.cells.filter((cell) => place(cell)[0] >= row && place(cell)[1] >= column));
        } else if (isOne) {
            rows = [cells];
        }
        act(boardRoot().dataset.block, {
            block: text,
            grid: isRectangle(rows) ? key(rows) : '',
            first: isFirst ? 1 : 0,
        });
    }

    function copied() {
        const cells = chosen();
        const [rows, columns] = [0, 1].map((side) =>
            [...new Set(cells.map((cell) => place(cell)[side]))].sort((a, b) => a - b),
        );
        return rows
            .map((row) =>
                columns
                    .map((column) => {
                        const cell = selection.at(row, column);
                        return cell && selection.keys.has(cell.dataset.cell) ? figure(cell) : '';
                    })
                    .join('\t'),
            )
            .join('\n');
    }

    /** The first row over the rows below it, or the first cell of a row over those beside it. */
    function fill() {
        const rows = rowsOf(chosen());
        if (canEdit() && rows.length > 0 && isOfNumbers()) {
            const first = rows.length > 1 ? rows[0] : rows[0].slice(0, 1);
            act(boardRoot().dataset.block, {
                block: `${first.map(figure).join('\t')}\n`,
                grid: isRectangle(rows) ? key(rows) : '',
                first: 0,
            });
        }
    }

    return {
        fill,
        listen() {
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
            on('click', '', (event) => {
                if (event.target.closest('[data-fill]')) {
                    fill();
                }
            });
        },
    };
}
