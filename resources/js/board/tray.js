import htmx from 'htmx.org';
import { boardRoot, context, enqueue } from '../act';

/** Milliseconds in which somebody who goes on selecting is waited for. */
const PAUSE = 60;

/** Milliseconds after which pictures that are being read are looked for again. */
const AGAIN = 900;

let timer = 0;

/** The tray for what is selected now. */
export function loadTray() {
    loadAfter(PAUSE);
}

/** Pictures that are still being read are looked for again, until all are there. */
export function awaitPictures() {
    if (document.getElementById('tray').dataset.waiting === '1') {
        loadAfter(AGAIN);
    }
}

/** @param {string} typed names of values, or a SKU's code: it is selected, and its tray is shown */
export function find(typed) {
    ask({ find: typed });
}

/** @param {number} milliseconds */
function loadAfter(milliseconds) {
    clearTimeout(timer);
    timer = window.setTimeout(() => ask({}), milliseconds);
}

/** @param {Record<string, string>} more */
function ask(more) {
    enqueue(() =>
        htmx.ajax('post', boardRoot().dataset.tray, {
            source: '#source-tray',
            target: '#tray',
            swap: 'morph:outerHTML',
            values: { ...context(), ...more },
        }),
    );
}
