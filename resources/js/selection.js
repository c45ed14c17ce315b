/** The selected cells of the matrix, and how they are said to the server: rows, columns, cells or "*". */

const includes = (key, part) => {
    const pairs = key.split(',');
    return part.split(',').every((pair) => pairs.includes(pair));
};

export class Selection {
    constructor() {
        this.keys = new Set();
        this.drawn = new Set();
        this.anchor = null;
        this.token = '';
        this.byKey = new Map();
        this.heads = [];
        this.keysOfPart = new Map();
    }

    get cells() {
        return [...this.byKey.values()];
    }

    at(row, column) {
        return document.querySelector(`.matrix [data-row="${row}"][data-column="${column}"]`);
    }

    /** Which cells there are, and which of them each header stands for; anew after every swap. */
    index() {
        const rows = new Map();
        const columns = new Map();
        this.byKey = new Map();
        for (const cell of document.querySelectorAll('.matrix [data-cell]')) {
            const { cell: key, row, column } = cell.dataset;
            this.byKey.set(key, cell);
            for (const [lines, line] of [
                [rows, row],
                [columns, column],
            ]) {
                if (!lines.has(line)) {
                    lines.set(line, []);
                }
                lines.get(line).push(key);
            }
        }
        this.heads = [...document.querySelectorAll('.matrix [data-part]')];
        const groups = this.heads
            .filter((head) => head.dataset.head === 'group')
            .map((head) => Number(head.dataset.row));
        const keysOf = (head) => {
            const row = Number(head.dataset.row);
            switch (head.dataset.head) {
                case 'row':
                    return rows.get(head.dataset.row) ?? [];
                case 'column':
                    return columns.get(head.dataset.column) ?? [];
                case 'group': {
                    const end = groups.find((start) => start > row) ?? rows.size;
                    return Array.from({ length: end - row }, (_, at) => rows.get(String(row + at)) ?? []).flat();
                }
                default:
                    return [...this.byKey.keys()];
            }
        };
        this.keysOfPart = new Map(this.heads.map((head) => [head.dataset.part, keysOf(head)]));
        this.drawn = new Set(
            [...this.byKey].filter(([, cell]) => cell.getAttribute('aria-selected') === 'true').map(([key]) => key),
        );
    }

    /** From what the server (or the last choice) said: parts of the matrix joined by ";". */
    read(token) {
        this.index();
        this.token = token;
        this.keys = new Set(token === '' ? [] : token.split(';').flatMap((part) => this.under(part)));
        this.draw();
    }

    /** Whether what a token names is still in the matrix, as it is drawn now. */
    canRead(token) {
        this.index();
        return token === '' || token.split(';').every((part) => this.under(part).length > 0);
    }

    /** A part that a header stands for is said as it is: the only color of a product is not yet the whole product. */
    choose(keys, mode = 'set', part = null) {
        if (mode === 'set') {
            this.keys = new Set(keys);
        } else if (mode === 'toggle' && keys.every((key) => this.keys.has(key))) {
            keys.forEach((key) => this.keys.delete(key));
        } else {
            keys.forEach((key) => this.keys.add(key));
        }
        this.token = mode === 'set' && part !== null ? part : this.toToken();
        this.draw();
    }

    block(from, to) {
        const [top, bottom] = [from, to].map((cell) => Number(cell.dataset.row)).sort((a, b) => a - b);
        const [left, right] = [from, to].map((cell) => Number(cell.dataset.column)).sort((a, b) => a - b);
        return [...this.byKey]
            .filter(
                ([, { dataset }]) =>
                    dataset.row >= top && dataset.row <= bottom && dataset.column >= left && dataset.column <= right,
            )
            .map(([key]) => key);
    }

    /** The keys of all cells that a header, a cell or another part of the matrix stands for. */
    under(part) {
        if (this.byKey.has(part)) {
            return [part];
        }
        return this.keysOfPart.get(part) ?? [...this.byKey.keys()].filter((key) => part === '*' || includes(key, part));
    }

    /**
     * The keys of all cells on screen that are like one: the same value of an axis, the same state, or showing the
     * same.
     */
    like(cell, what) {
        if (what === 'lacking') {
            return [...this.byKey]
                .filter(([, one]) => one.dataset.made !== undefined && one.querySelector('.text')?.textContent === '–')
                .map(([key]) => key);
        }
        if (!cell) {
            return [];
        }
        const shown = (one) =>
            one.querySelector('img')?.getAttribute('src') ?? one.querySelector('.text')?.textContent ?? '';
        const same =
            {
                state: (one) =>
                    one.className.replace(/ ?is-\S+/g, '').trim() === cell.className.replace(/ ?is-\S+/g, '').trim(),
                shown: (one) => shown(one) === shown(cell),
            }[what] ??
            ((one) =>
                one.dataset.cell
                    .split(',')
                    .includes(cell.dataset.cell.split(',').find((pair) => pair.startsWith(`${what}:`))));
        return [...this.byKey].filter(([, one]) => same(one)).map(([key]) => key);
    }

    toToken() {
        if (this.keys.size === 0) {
            return '';
        }
        if (this.byKey.size === this.keys.size && !document.querySelector('[data-board]').dataset.layer) {
            return '*';
        }
        const left = new Set(this.keys);
        const parts = [];
        for (const kind of ['group', 'row', 'column']) {
            for (const { dataset } of this.heads) {
                const keys = dataset.head === kind && dataset.part !== '*' ? this.keysOfPart.get(dataset.part) : [];
                if (keys.length > 0 && keys.every((key) => this.keys.has(key)) && keys.some((key) => left.has(key))) {
                    parts.push(dataset.part);
                    keys.forEach((key) => left.delete(key));
                }
            }
        }
        return [...parts, ...left].join(';');
    }

    draw() {
        for (const key of this.drawn) {
            if (!this.keys.has(key)) {
                this.show(key, false);
            }
        }
        for (const key of this.keys) {
            if (!this.drawn.has(key)) {
                this.show(key, true);
            }
        }
        this.drawn = new Set(this.keys);
        for (const head of this.heads) {
            const keys = this.keysOfPart.get(head.dataset.part);
            head.classList.toggle('is-selected', keys.length > 0 && keys.every((key) => this.keys.has(key)));
        }
        document.querySelector('[data-board]').dataset.selected = this.token;
    }

    show(key, selected) {
        const cell = this.byKey.get(key);
        cell?.classList.toggle('is-selected', selected);
        cell?.setAttribute('aria-selected', String(selected));
    }
}
