/** The pictures that are marked: what is done next is done with them. */
export class Marks {
    /** @type {Set<string>} ids of placements */
    #ids = new Set();

    /** @returns {any[]} */
    get #cards() {
        return [...document.querySelectorAll('.card-picture')];
    }

    /** Those that are still there, in the order in which they stand. */
    get ids() {
        return this.#cards.map((card) => card.dataset.placement).filter((id) => this.#ids.has(id));
    }

    /** @param {string} id */
    has(id) {
        return this.#ids.has(id);
    }

    clear() {
        this.#ids = new Set();
        this.draw();
    }

    /** Lets go of those that are not there any more. */
    prune() {
        this.#ids = new Set(this.ids);
    }

    /** @param {any} card */
    toggle(card) {
        const id = card.dataset.placement;
        if (this.#ids.has(id)) {
            this.#ids.delete(id);
        } else {
            this.#ids.add(id);
        }
        this.draw();
    }

    /** All from the first that is marked to the card, or from the card to it. */
    extendTo(card) {
        const cards = this.#cards;
        const ends = [cards.findIndex((one) => this.has(one.dataset.placement)), cards.indexOf(card)];
        ends.sort((a, b) => a - b);
        cards.slice(Math.max(0, ends[0]), ends[1] + 1).forEach((one) => this.#ids.add(one.dataset.placement));
        this.draw();
    }

    get isEmpty() {
        return this.#ids.size === 0;
    }

    draw() {
        for (const card of this.#cards) {
            const isMarked = this.has(card.dataset.placement);
            card.classList.toggle('is-marked', isMarked);
            card.querySelector('.pick').setAttribute('aria-pressed', String(isMarked));
        }
        for (const tools of document.querySelectorAll('[data-needs-marks]')) {
            tools.hidden = !this.#ids.size;
        }
        for (const tools of document.querySelectorAll('[data-needs-no-marks]')) {
            tools.hidden = this.#ids.size > 0;
        }
    }
}
