import { on } from '../events';

/** Pixels that the pointer goes before a click becomes a block. */
const LEAST_MOVE = 4;

const modeOf = (event) => (event.ctrlKey || event.metaKey ? 'toggle' : 'set');

/**
 * Selecting with the pointer: a cell, a row, a column, or a block that is painted.
 *
 * @param {any} root of the board
 * @param {{selection: any, focus: any, choose: (keys: string[], mode?: string, part?: string) => void}} board
 */
export function pointer(root, { selection, focus, choose }) {
    /** @type {?{cell: any, x: number, y: number}} where a block begins */
    let painting = null;

    root.addEventListener('pointerdown', (event) => {
        const head = event.target.closest('.matrix [data-part]');
        const cell = event.target.closest('.matrix [data-cell]');
        if (event.button !== 0 || (!head && !cell)) {
            return;
        }
        focus.to(head ?? cell);
        event.preventDefault();
        if (head) {
            choose(selection.under(head.dataset.part), modeOf(event), head.dataset.part);
        } else if (event.shiftKey && selection.anchor?.isConnected) {
            choose(selection.block(selection.anchor, cell));
        } else {
            selection.anchor = cell;
            painting = modeOf(event) === 'set' ? { cell, x: event.clientX, y: event.clientY } : null;
            choose([cell.dataset.cell], modeOf(event));
        }
    });
    root.addEventListener('pointerover', (event) => {
        const cell = event.target.closest('.matrix [data-cell]');
        // A pointer that stays where it is paints nothing, though an answer may put another cell under it.
        const moved = painting && Math.hypot(event.clientX - painting.x, event.clientY - painting.y) > LEAST_MOVE;
        if (moved && cell && event.buttons === 1) {
            choose(selection.block(painting.cell, cell));
        }
    });
    on('pointerup', '', () => {
        painting = null;
    });
}
