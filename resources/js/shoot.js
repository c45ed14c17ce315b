import htmx from 'htmx.org';
import { act, enqueue } from './act';
import { on } from './events';

/* The grid of a shoot: pictures are dragged to another place, or moved by keys; every move is kept at once. */

const shoot = () => /** @type {HTMLElement} */ (document.querySelector('[data-shoot]'));
const canEdit = () => shoot()?.dataset.canEdit === '1';

/** The picture that is chosen, by the id of its file. */
let chosen = '';

const picture = () => document.querySelector(`[data-picture="${chosen}"]`);

const change = (deed, values) =>
    canEdit() && act(shoot().dataset.url, { do: deed, seen: shoot().dataset.seen, ...values });

/** Marks the picture that is chosen, and says which. */
function draw() {
    if (!shoot()) {
        return;
    }
    for (const one of document.querySelectorAll('[data-picture]')) {
        one.setAttribute('aria-pressed', String(one.dataset.picture === chosen));
    }
    const words = document.querySelector('[data-shoot-chosen]');
    if (words) {
        words.textContent = picture()?.title ?? words.dataset.none;
    }
    for (const button of document.querySelectorAll('[data-needs-picture]')) {
        button.disabled = !picture();
    }
}

/** Where something stands: series, group and place. */
const placeOf = (spot) => ({
    series: spot.closest('[data-series]')?.dataset.series,
    group: spot.closest('[data-group]')?.dataset.group,
    place: spot.closest('[data-place]')?.dataset.place,
});

const deeds = {
    shift: (button) => change('shift', { file: chosen, by: button.dataset.by }),
    own() {
        const series = picture()?.closest('[data-series]') ?? document.querySelector('[data-series]');
        const place = picture()?.closest('[data-place]')?.dataset.place ?? 0;
        return change('move', { file: chosen, series: series.dataset.series, group: series.dataset.next, place });
    },
    out: () => change('out', { file: chosen }),
    anew: () => change('anew', {}),
};

on('click', '[data-picture]', (event, button) => {
    chosen = button.dataset.picture;
    draw();
});

on('click', '[data-shoot-do]', (event, button) => deeds[button.dataset.shootDo](button));

on('click', '[data-shoot-link]', (event, button) => {
    const group = button.dataset.shootLink;
    const only = group === '' ? {} : { series: button.closest('[data-series]').dataset.series, group };
    act(shoot().dataset.link, only);
});

on('change', '[data-shoot-view]', (event, select) => {
    change('view', {
        series: select.closest('[data-series]').dataset.series,
        place: select.dataset.shootView,
        view: select.value,
    });
});

on('change', '[data-shoot-axis]', (event, select) => {
    const part = [...select.closest('tr').querySelectorAll('[data-shoot-axis]')]
        .filter((one) => one.value !== '')
        .map((one) => `${one.dataset.shootAxis}:${one.value}`)
        .join(',');
    change('part', { ...placeOf(select), part });
});

on('submit', '[data-shoot-product]', (event, form) => {
    event.preventDefault();
    change('product', {
        series: form.closest('[data-series]').dataset.series,
        product: new FormData(form).get('product'),
    });
});

on('keydown', '[data-picture]', (event, button) => {
    const keys = {
        ArrowLeft: () => change('shift', { file: chosen, by: -1 }),
        ArrowRight: () => change('shift', { file: chosen, by: 1 }),
        g: deeds.own,
        x: deeds.out,
    };
    const deed = event.ctrlKey || event.metaKey || event.altKey ? undefined : keys[event.key];
    if (deed && canEdit()) {
        event.preventDefault();
        chosen = button.dataset.picture;
        deed();
    }
});

on('dragstart', '[data-picture]', (event, button) => {
    chosen = button.dataset.picture;
    event.dataTransfer.setData('text/plain', chosen);
    event.dataTransfer.effectAllowed = 'move';
    draw();
});

/** What a picture may be laid on. */
const target = (event) => canEdit() && event.target.closest?.('[data-shoot] [data-place], [data-shoot-out]');

on('dragover', '', (event) => {
    const spot = target(event);
    for (const one of document.querySelectorAll('[data-shoot] .is-over')) {
        one.classList.toggle('is-over', one === spot);
    }
    if (spot) {
        event.preventDefault();
        spot.classList.add('is-over');
    }
});

on('drop', '', (event) => {
    const spot = target(event);
    if (!spot || chosen === '') {
        return;
    }
    event.preventDefault();
    spot.classList.remove('is-over');
    if (spot.dataset.shootOut === undefined) {
        change('move', { file: chosen, ...placeOf(spot) });
    } else {
        deeds.out();
    }
});

on('htmx:afterSwap', '', (event) => {
    if (event.detail.target.id === 'live') {
        draw();
        picture()?.focus({ preventScroll: true });
    }
});

// What was refused may be because the grid is out of date: it is drawn as things stand.
on('htmx:afterRequest', '', (event) => {
    if (shoot() && event.detail.requestConfig.verb === 'post' && event.detail.xhr.status === 422) {
        enqueue(() =>
            htmx.ajax('get', shoot().dataset.url, {
                source: '#source-read',
                target: '#live',
                swap: 'morph:innerHTML',
            }),
        );
    }
});

on('DOMContentLoaded', '', draw);
