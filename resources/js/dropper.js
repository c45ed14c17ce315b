import { on, onCapture } from './events';
import { openDialog } from './dialog';
import { wait } from './act';
import { phrase } from './words';

/* A swatch as it is being made: what is typed or picked is read by the server, which draws the dialog anew. */

const form = () => document.querySelector('#dialog form[data-draft]');

const dropper = () => form()?.querySelector('[data-dropper]');

/** Milliseconds between two looks whether a picture that was just sent can be read. */
const LOOK_AGAIN = 500;

const LOOKS = 40;

/** The middle of the patch and its side, in thousandths of the picture's width. */
let patch = { x: 500, y: 500, side: 100 };

let asked = 0;

let drawing = null;

let isOld = false;

/** One at a time: what was changed while the last was on its way is asked for after it. */
function draft() {
    isOld = drawing !== null;
    drawing ??= (async () => {
        do {
            isOld = false;
            const values = Object.fromEntries(
                [...new FormData(form())].filter(([, value]) => typeof value === 'string'),
            );
            await openDialog('POST', form().dataset.draft, { renew: 1, ...values });
        } while (isOld && form());
        drawing = null;
    })();
    return drawing;
}

// An answer to what is not in the form any more would take back what was typed since.
on('htmx:beforeSwap', '', (event) => {
    if (isOld && form() && event.detail.requestConfig.path === form().dataset.draft) {
        event.detail.shouldSwap = false;
    }
});

/** A crop as it is stored: the focus, then left, top, width and height. */
function frame() {
    const picture = dropper().querySelector('img');
    const ratio = picture.naturalWidth / picture.naturalHeight || 1;
    const [width, height] = [patch.side, Math.min(1000, Math.round(patch.side * ratio))];
    const left = Math.max(0, Math.min(1000 - width, Math.round(patch.x - width / 2)));
    const top = Math.max(0, Math.min(1000 - height, Math.round(patch.y - height / 2)));
    return {
        left,
        top,
        width,
        height,
        key: [left + Math.round(width / 2), top + Math.round(height / 2), left, top, width, height].join('-'),
    };
}

function drawPatch() {
    const { left, top, width, height } = frame();
    for (const square of dropper().querySelectorAll('rect')) {
        for (const [name, value] of Object.entries({ x: left, y: top, width, height })) {
            square.setAttribute(name, value);
        }
    }
    form().querySelector('[data-dropper-share]').textContent = `${Math.round(patch.side / 10)} %`;
}

async function look(url) {
    for (let time = 0; time < LOOKS; time++) {
        const answer = await fetch(url, { headers: { Accept: 'application/json' } });
        if (answer.status !== 422) {
            return answer;
        }
        await wait(LOOK_AGAIN);
    }
    return null;
}

async function take() {
    const into = form().querySelector('[data-dropper-into]').value;
    const said = form().querySelector('[data-dropper-said]');
    const { key } = frame();
    const mine = ++asked;
    said.textContent = phrase('looking');
    const answer = await look(`${dropper().dataset.url}?frame=${key}`).catch(() => null);
    if (mine !== asked || !form()) {
        return;
    }
    if (!answer?.ok) {
        said.textContent = phrase('color_unread');
        return;
    }
    const { hex, leftOut, name } = await answer.json();
    form().querySelector(`[name="colors[${into}]"]`).value = hex;
    form().querySelector('[data-frame]').value = key;
    await draft();
    const now = form()?.querySelector('[data-dropper-said]');
    if (now) {
        now.textContent = phrase(leftOut ? 'color_near_without' : 'color_near', { hex, name, left_out: leftOut ?? '' });
        form().querySelector('[data-dropper-into]').value = into;
    }
}

function point(event) {
    const box = dropper().querySelector('img').getBoundingClientRect();
    patch.x = Math.max(0, Math.min(1000, ((event.clientX - box.left) / box.width) * 1000));
    patch.y = Math.max(0, Math.min(1000, ((event.clientY - box.top) / box.height) * 1000));
    drawPatch();
}

/** Begins with the piece that the swatch is cut from. */
function begin() {
    const key = form()?.querySelector('[data-frame]').value.split('-').map(Number) ?? [];
    if (dropper() && !dropper().dataset.begun) {
        dropper().dataset.begun = '1';
        patch =
            key.length === 6
                ? { x: key[2] + key[4] / 2, y: key[3] + key[5] / 2, side: key[4] }
                : { x: 500, y: 500, side: 100 };
        form().querySelector('[data-dropper-size]').value = patch.side / 10;
    }
    if (dropper()) {
        const picture = dropper().querySelector('img');
        if (picture.complete) {
            drawPatch();
        } else {
            picture.addEventListener('load', drawPatch, { once: true });
        }
    }
}

on('htmx:afterSettle', '', (event) => {
    if (event.detail.target.id === 'dialog-body' && form()) {
        begin();
    }
});

on('pointerdown', '', (event) => {
    if (event.target.closest?.('[data-dropper]') && event.button === 0) {
        event.preventDefault();
        dropper().focus();
        dropper().setPointerCapture(event.pointerId);
        point(event);
    }
});

on('pointermove', '', (event) => {
    if (event.target.closest?.('[data-dropper]')?.hasPointerCapture(event.pointerId)) {
        point(event);
    }
});

on('pointerup', '', (event) => {
    if (event.target.closest?.('[data-dropper]')?.hasPointerCapture(event.pointerId)) {
        take();
    }
});

on('keydown', '', (event) => {
    if (!event.target.matches?.('[data-dropper]')) {
        return;
    }
    const move = { ArrowLeft: [-10, 0], ArrowRight: [10, 0], ArrowUp: [0, -10], ArrowDown: [0, 10] }[event.key];
    const grow = { '+': 10, '=': 10, '-': -10 }[event.key];
    if (move) {
        const size = event.shiftKey ? 5 : 1;
        [patch.x, patch.y] = [
            Math.max(0, Math.min(1000, patch.x + size * move[0])),
            Math.max(0, Math.min(1000, patch.y + size * move[1])),
        ];
    } else if (grow) {
        patch.side = Math.max(20, Math.min(600, patch.side + grow));
        form().querySelector('[data-dropper-size]').value = patch.side / 10;
    } else if (event.key === 'Enter') {
        take();
    } else {
        return;
    }
    event.preventDefault();
    drawPatch();
});

on('input', '', (event) => {
    if (event.target.matches?.('[data-dropper-size]')) {
        patch.side = Number(event.target.value) * 10;
        drawPatch();
    } else if (event.target.matches?.('[data-color-eye]')) {
        form().querySelector(`[name="colors[${event.target.dataset.colorEye}]"]`).value = event.target.value;
    }
});

async function send(file) {
    const field = form().querySelector('[data-swatch-file]');
    const body = new FormData();
    body.append('picture', file);
    const said = field.closest('.field');
    const answer = await fetch(field.dataset.swatchFile, {
        method: 'POST',
        body,
        headers: {
            Accept: 'application/json',
            'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content,
        },
    }).catch(() => null);
    const told = await answer?.json().catch(() => null);
    if (!answer?.ok) {
        const problem =
            said.querySelector('.problem') ??
            said.appendChild(Object.assign(document.createElement('p'), { className: 'problem', role: 'alert' }));
        problem.textContent = told?.message ?? phrase('picture_lost');
        return;
    }
    form().querySelector('[name=kind][value=piece]').checked = true;
    await choose(told.photo);
}

/** Another picture to take from: the patch begins in its middle. */
async function choose(photo) {
    form().querySelector('[data-photo]').value = photo;
    form().querySelector('[data-frame]').value = '';
    patch = { x: 500, y: 500, side: 100 };
    await draft();
    if (form()?.querySelector('[name=kind]:checked')?.value === 'piece') {
        await take();
    }
}

on('change', '', (event) => {
    if (
        !event.target.closest?.('form[data-draft]') ||
        event.target.matches('[data-dropper-size], [data-dropper-into]')
    ) {
        return;
    }
    if (event.target.matches('[data-swatch-file]')) {
        send(event.target.files[0]);
    } else if (event.target.matches('[name=kind][value=piece]') && dropper()) {
        take();
    } else {
        draft();
    }
});

// A picture dropped on the dialog is for the swatch, and for nothing behind it.
for (const kind of ['dragover', 'drop']) {
    onCapture(kind, '#dialog', (event) => {
        if (form() && event.dataTransfer.types.includes('Files')) {
            event.preventDefault();
            event.stopPropagation();
            if (kind === 'drop' && event.dataTransfer.files.length > 0) {
                send(event.dataTransfer.files[0]);
            }
        }
    });
}

on('click', '', (event) => {
    const picture = event.target.closest?.('[data-dropper-photo]');
    const color = event.target.closest?.('[data-color-take]');
    if (picture) {
        choose(picture.dataset.dropperPhoto);
    } else if (color) {
        form().querySelector('[name="colors[0]"]').value = color.dataset.colorTake;
        draft();
    }
});
