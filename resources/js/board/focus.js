/** Of the matrix one cell or header can be reached with Tab: the one that was last in focus. */
export class Focus {
    #selection;

    /** @type {?string} key of the cell */
    #key = null;

    /** @param {any} selection */
    constructor(selection) {
        this.#selection = selection;
    }

    /** @param {any} cell */
    to(cell) {
        this.#makeReachable(cell);
        cell.focus({ preventScroll: false });
    }

    /** The cell that was last in focus, else the first that is selected. */
    get cell() {
        return (
            this.#selection.byKey.get(this.#key) ??
            this.#selection.cells.find((one) => this.#selection.keys.has(one.dataset.cell))
        );
    }

    /** The server draws the first cell as the one to reach; whoever is elsewhere stays there. */
    keep() {
        const cell = this.#selection.byKey.get(this.#key);
        if (cell) {
            this.#makeReachable(cell);
        }
    }

    #makeReachable(cell) {
        for (const other of document.querySelectorAll('.matrix [tabindex="0"]')) {
            other.tabIndex = -1;
        }
        cell.tabIndex = 0;
        this.#key = cell.dataset.cell ?? null;
    }
}
