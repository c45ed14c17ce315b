import { on } from './events';
import { act } from './act';
import { openDialog } from './dialog';

/* The color map: swatches are moved by pointer and keys. What a place means as a color is worked out by the server. */

const STEP = {
    ArrowLeft: [0, -1, 0],
    ArrowRight: [0, 1, 0],
    ArrowUp: [0, 0, 1],
    ArrowDown: [0, 0, -1],
    PageUp: [1, 0, 0],
    PageDown: [-1, 0, 0],
};

/** Pixels of the screen that a hand may tremble. */
const STILL = 3;

let drag = null;

const mapOf = (point) => point.closest('[data-color-map]');

const lab = (point) => (point.dataset.now ?? point.dataset.lab).split(',').map(Number);

const round = (number) => String(Math.round(number)).replace('-', '−');

/** @param {any} point  @param {number[]} lab */
function show(point, [lightness, a, b]) {
    const { side, scale } = mapOf(point).dataset;
    const [x, y] = [side / 2 + a * scale, side / 2 - b * scale];
    point.dataset.now = [lightness, a, b].join(',');
    point.querySelector('.spot').setAttribute('transform', `translate(${x} ${y})`);
    point
        .querySelector('.depth')
        .setAttribute('transform', `translate(${Number(side) + 46} ${((100 - lightness) / 100) * side})`);
    for (const tie of mapOf(point).querySelectorAll(`[data-tie="${point.dataset.point}"]`)) {
        tie.setAttribute('d', tie.getAttribute('d').replace(/L.*/, `L${x} ${y}`));
    }
    document.querySelector('[data-map-readout]').textContent =
        `${point.dataset.label}: L ${round(lightness)}, a ${round(a)}, b ${round(b)}`;
}

/** @param {number[]} lab */
const bounded = ([lightness, a, b]) => [
    Math.max(0, Math.min(100, lightness)),
    Math.max(-128, Math.min(128, a)),
    Math.max(-128, Math.min(128, b)),
];

function keep(point) {
    if (point.dataset.now && point.dataset.now !== point.dataset.lab) {
        act(point.dataset.move, {
            lab: point.dataset.now,
            scope: document.querySelector('[name=map-scope]:checked')?.value ?? 'everywhere',
        });
    }
    delete point.dataset.now;
}

function reset(point) {
    show(point, point.dataset.lab.split(',').map(Number));
    delete point.dataset.now;
}

on('pointerdown', '[data-color-map] [data-point]', (event, point) => {
    if (event.button === 0) {
        event.preventDefault();
        point.focus();
        drag = {
            point,
            x: event.clientX,
            y: event.clientY,
            from: lab(point),
            isDeep: event.target.closest('.depth') !== null,
            hasMoved: false,
        };
        mapOf(point).setPointerCapture(event.pointerId);
    }
});

on('pointermove', '', (event) => {
    if (!drag) {
        return;
    }
    drag.hasMoved ||= Math.hypot(event.clientX - drag.x, event.clientY - drag.y) > STILL;
    if (!drag.hasMoved || !drag.point.dataset.move) {
        return;
    }
    const map = mapOf(drag.point);
    const pixels = map.getBoundingClientRect().width / map.viewBox.baseVal.width;
    const [across, down] = [(event.clientX - drag.x) / pixels, (event.clientY - drag.y) / pixels];
    const { side, scale } = map.dataset;
    show(
        drag.point,
        bounded(
            drag.isDeep
                ? [drag.from[0] - (down / side) * 100, drag.from[1], drag.from[2]]
                : [drag.from[0], drag.from[1] + across / scale, drag.from[2] - down / scale],
        ),
    );
});

on('pointerup', '', () => {
    const ended = drag;
    drag = null;
    if (!ended) {
        return;
    }
    if (ended.hasMoved && ended.point.dataset.move) {
        keep(ended.point);
    } else if (!ended.hasMoved && ended.point.dataset.open) {
        openDialog('POST', ended.point.dataset.open);
    }
});

on('pointercancel', '', () => {
    if (drag) {
        reset(drag.point);
        drag = null;
    }
});

on('keydown', '[data-color-map] [data-point]', (event, point) => {
    const step = STEP[event.key];
    if (step && point.dataset.move) {
        event.preventDefault();
        const size = event.shiftKey ? 5 : 1;
        show(point, bounded(lab(point).map((number, at) => number + size * step[at])));
    } else if (event.key === 'Enter' && point.dataset.now) {
        event.preventDefault();
        keep(point);
    } else if (event.key === 'Enter' && point.dataset.open) {
        event.preventDefault();
        openDialog('POST', point.dataset.open);
    } else if (event.key === 'Escape' && point.dataset.now) {
        event.preventDefault();
        reset(point);
    }
});
