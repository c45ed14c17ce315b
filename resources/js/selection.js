/** The selected cells of the matrix, and how they are said to the server: rows, columns, cells or "*". */

const includes = (key, part) => part === '' || part.split(',').every((pair) => key.split(',').includes(pair));

export class Selection {
  constructor() {
    this.keys = new Set();
    this.anchor = null;
    this.token = '';
  }

  get cells() {
    return [...document.querySelectorAll('.matrix [data-cell]')];
  }

  at(row, column) {
    return document.querySelector(`.matrix [data-row="${row}"][data-column="${column}"]`);
  }

  /** From what the server (or the last choice) said: parts of the matrix joined by ";". */
  read(token) {
    this.token = token;
    const parts = token === '*' ? [''] : token.split(';');
    this.keys = new Set(token === '' ? [] : this.cells.map((cell) => cell.dataset.cell).filter((key) => parts.some((part) => includes(key, part))));
    this.draw();
  }

  choose(keys, mode = 'set') {
    if (mode === 'set') {
      this.keys = new Set(keys);
    } else if (mode === 'toggle' && keys.every((key) => this.keys.has(key))) {
      keys.forEach((key) => this.keys.delete(key));
    } else {
      keys.forEach((key) => this.keys.add(key));
    }
    this.token = this.toToken();
    this.draw();
  }

  block(from, to) {
    const [top, bottom] = [from, to].map((cell) => Number(cell.dataset.row)).sort((a, b) => a - b);
    const [left, right] = [from, to].map((cell) => Number(cell.dataset.column)).sort((a, b) => a - b);
    return this.cells.filter((cell) => cell.dataset.row >= top && cell.dataset.row <= bottom && cell.dataset.column >= left && cell.dataset.column <= right).map((cell) => cell.dataset.cell);
  }

  /** The keys of all cells that a header stands for. */
  under(part) {
    return this.cells.map((cell) => cell.dataset.cell).filter((key) => part === '*' || includes(key, part));
  }

  toToken() {
    const cells = this.cells;
    if (this.keys.size === 0) {
      return '';
    }
    if (cells.length === this.keys.size && !document.querySelector('[data-board]').dataset.layer) {
      return '*';
    }
    const left = new Set(this.keys);
    const parts = [];
    for (const kind of ['group', 'row', 'column']) {
      for (const head of document.querySelectorAll(`.matrix [data-head="${kind}"]`)) {
        const keys = this.under(head.dataset.part);
        if (head.dataset.part !== '*' && keys.length > 0 && keys.every((key) => this.keys.has(key)) && keys.some((key) => left.has(key))) {
          parts.push(head.dataset.part);
          keys.forEach((key) => left.delete(key));
        }
      }
    }
    return [...parts, ...left].join(';');
  }

  draw() {
    for (const cell of this.cells) {
      const selected = this.keys.has(cell.dataset.cell);
      cell.classList.toggle('is-selected', selected);
      cell.setAttribute('aria-selected', String(selected));
    }
    for (const head of document.querySelectorAll('.matrix [data-part]')) {
      const keys = this.under(head.dataset.part);
      head.classList.toggle('is-selected', keys.length > 0 && keys.every((key) => this.keys.has(key)));
    }
    document.querySelector('[data-board]').dataset.selected = this.token;
  }
}
