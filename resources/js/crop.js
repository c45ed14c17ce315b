import { on } from './events';

/* The focus of a picture, set by pointer and keys; the shapes beside it follow. */

const form = () => document.querySelector('#dialog form.crop');
const field = (name) => document.getElementById(`crop-${name}`);

function set(values) {
    for (const [name, value] of Object.entries(values)) {
        field(name).value = Math.max(0, Math.min(100, Math.round(value * 10) / 10));
    }
    field('x').dispatchEvent(new Event('input', { bubbles: true }));
}

/** The mark follows at once; what it means for the shapes is asked for. */
function place(event) {
    const svg = form().querySelector('[data-crop-picture] svg');
    const { width, height } = svg.viewBox.baseVal;
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
    const [x, y] = [Math.max(0, Math.min(width, point.x)), Math.max(0, Math.min(height, point.y))];
    const mark = form().querySelector('[data-focus]');
    mark.setAttribute('transform', `translate(${x} ${y}) scale(${Math.max(width, height) / 400})`);
    set({ x: (x / width) * 100, y: (y / height) * 100 });
}

on('pointerdown', '[data-crop-picture]', (event, picture) => {
    event.preventDefault();
    picture.setPointerCapture(event.pointerId);
    place(event);
    form().querySelector('[data-focus]').focus();
});

on('pointermove', '', (event) => {
    const picture = event.target.closest?.('[data-crop-picture]');
    if (picture?.hasPointerCapture(event.pointerId)) {
        place(event);
    }
});

on('keydown', '', (event) => {
    const step = { ArrowLeft: ['x', -1], ArrowRight: ['x', 1], ArrowUp: ['y', -1], ArrowDown: ['y', 1] }[event.key];
    if (step && event.target.closest?.('[data-focus]')) {
        event.preventDefault();
        set({ [step[0]]: Number(field(step[0]).value) + step[1] * (event.shiftKey ? 10 : 1) });
    }
});

on('click', '', (event) => {
    if (event.target.closest('[data-crop-middle]')) {
        set({ x: 50, y: 50, left: 0, top: 0, width: 100, height: 100 });
    }
});
