import { on, onCapture } from './events';
import { act, enqueue, refresh } from './act';
import { say } from './caption';
import { closeDialog } from './dialog';
import { phrase } from './words';

/* The contact sheet: strips of pictures that are moved by pointer and by keys, compared, and made alike. */

const sheet = () => document.querySelector('[data-page=contact]');
const canEdit = () => sheet()?.dataset.canEdit === '1';
const stripOf = (shot) => shot.closest('[data-strip]');
const shots = (strip) =>
    [...strip.querySelectorAll('[data-shot]')].sort((a, b) => Number(a.dataset.place) - Number(b.dataset.place));
const inFocus = () => document.activeElement?.closest?.('[data-page=contact] [data-shot]');
const keyOf = (shot) => `[data-strip="${stripOf(shot).dataset.strip}"] [data-shot="${shot.dataset.shot}"]`;

let dragged = null;
let asked = null;

const change = (name, values) => act(sheet().dataset.changes.replace('CHANGE', name), values);

/** Focus follows the picture, wherever it stands afterwards. */
function refocus(selector) {
    enqueue(async () => {
        await new Promise((resolve) => {
            setTimeout(resolve);
        });
        const shot = document.querySelector(`[data-page=contact] ${selector}`);
        if (shot) {
            focus(shot);
        }
    });
}

function focus(shot) {
    for (const other of sheet().querySelectorAll('[data-shot][tabindex="0"]')) {
        other.tabIndex = -1;
    }
    shot.tabIndex = 0;
    shot.focus();
}

function move(shot, to) {
    const strip = stripOf(shot);
    const last = shots(strip).length - 1;
    const place = Math.max(0, Math.min(to, last));
    if (canEdit() && place !== Number(shot.dataset.place)) {
        change('move', { 'placements[]': shot.dataset.shot, selected: strip.dataset.strip, to: place });
        refocus(keyOf(shot));
    }
}

const marked = () => [...sheet().querySelectorAll('[data-shot][aria-selected=true]')];

function mark(shot) {
    const isMarked = shot.getAttribute('aria-selected') === 'true';
    if (!isMarked && marked().length === 2) {
        marked()[0].setAttribute('aria-selected', 'false');
    }
    shot.setAttribute('aria-selected', String(!isMarked));
    sheet().querySelector('[data-contact=compare]').disabled = marked().length !== 2;
}

function compare() {
    const two = marked();
    if (two.length !== 2) {
        return;
    }
    const dialog = document.getElementById('compare');
    dialog.querySelectorAll('figure').forEach((figure, at) => {
        const { large, name } = two[at].dataset;
        figure.querySelector('img').src = large;
        figure.querySelector('img').alt = name;
        figure.querySelector('figcaption').textContent = `${stripOf(two[at]).dataset.words}: ${name}`;
    });
    flicker(false);
    dialog.showModal();
}

let beat = 0;

/** One over the other, in turn; where motion is not wanted, each press shows the other. */
function flicker(on) {
    const dialog = document.getElementById('compare');
    clearInterval(beat);
    const still = window.matchMedia('(prefers-reduced-motion: reduce)').matches;
    const stack = dialog.querySelector('.compared');
    if (on && still && stack.classList.contains('is-flickering')) {
        stack.classList.toggle('is-second');
        return;
    }
    stack.classList.toggle('is-flickering', on);
    stack.classList.remove('is-second');
    dialog.querySelector('[data-flicker]').setAttribute('aria-pressed', String(on));
    if (on && !still) {
        beat = setInterval(() => stack.classList.toggle('is-second'), 700);
    }
}

function match(strip) {
    if (canEdit()) {
        change('match-others', { selected: strip.dataset.strip });
    }
}

/** A picture dropped on another strip: there as well, or there instead. */
function ask(shot, strip, place) {
    const [from, to] = [stripOf(shot).dataset, strip.dataset];
    asked = { 'placements[]': shot.dataset.shot, selected: from.strip, onto: to.strip, to: place };
    const dialog = document.getElementById('between');
    dialog.querySelector('h2').textContent = phrase('at_place', {
        file: shot.dataset.name,
        place: place + 1,
        strip: to.words,
    });
    dialog.querySelector('[data-between-words]').textContent = phrase('strip_has', {
        from: from.words,
        to: to.words,
        count: Number(to.skus),
    });
    dialog.querySelector('[data-between=also]').textContent = phrase('as_well', { strip: to.words });
    dialog.querySelector('[data-between=instead]').textContent = phrase('instead_of', {
        strip: to.words,
        other: from.words,
    });
    dialog.showModal();
}

const target = (event) => (canEdit() && dragged ? event.target.closest?.('[data-page=contact] [data-strip]') : null);

/** The place before which the pointer is. */
function placeAt(strip, event) {
    const over = event.target.closest('[data-shot]');
    const last = shots(strip).length;
    if (!over) {
        return strip === stripOf(dragged) ? last - 1 : last;
    }
    const box = over.getBoundingClientRect();
    const before = Number(over.dataset.place) + (event.clientX > box.left + box.width / 2 ? 1 : 0);
    return strip === stripOf(dragged) && before > Number(dragged.dataset.place) ? before - 1 : before;
}

function leave() {
    sheet()
        ?.querySelectorAll('.is-target')
        .forEach((strip) => strip.classList.remove('is-target'));
    say(null, '');
}

on('dragstart', '', (event) => {
    dragged = event.target.closest?.('[data-page=contact] [data-shot]') ?? null;
    event.dataTransfer?.setData('text/plain', dragged?.dataset.name ?? '');
});

on('dragover', '', (event) => {
    const strip = target(event);
    if (dragged) {
        leave();
    }
    if (strip) {
        event.preventDefault();
        strip.classList.add('is-target');
        const place = placeAt(strip, event) + 1;
        say(
            event,
            phrase(strip === stripOf(dragged) ? 'to_place' : 'to_place_or', { place, strip: strip.dataset.words }),
        );
    }
});

on('drop', '', (event) => {
    const strip = target(event);
    if (strip) {
        event.preventDefault();
        const place = placeAt(strip, event);
        if (strip === stripOf(dragged)) {
            move(dragged, place);
        } else {
            ask(dragged, strip, place);
        }
    }
});

on('dragend', '', () => {
    if (dragged) {
        leave();
        dragged = null;
    }
});

on('click', '', (event) => {
    if (!sheet()) {
        return;
    }
    const align = event.target.closest('[data-align-by]');
    const tool = event.target.closest('[data-contact]')?.dataset.contact;
    const shot = event.target.closest('[data-shot]');
    const between = event.target.closest('[data-between]')?.dataset.between;
    if (align) {
        refresh({ align: align.dataset.alignBy });
    } else if (tool === 'follow-shot-list') {
        change('follow-shot-list', {});
    } else if (tool === 'match-others') {
        match(event.target.closest('[data-strip]'));
    } else if (tool === 'compare') {
        compare();
    } else if (between) {
        change('place', { ...asked, instead: between === 'instead' ? 1 : 0 });
        closeDialog();
    } else if (event.target.closest('[data-flicker]')) {
        flicker(
            !document.querySelector('.compared').classList.contains('is-flickering') ||
                window.matchMedia('(prefers-reduced-motion: reduce)').matches,
        );
    } else if (shot) {
        focus(shot);
        if (event.ctrlKey || event.metaKey) {
            mark(shot);
        }
    }
});

on('submit', '', (event) => {
    if (event.target.matches('[data-place-form]')) {
        event.preventDefault();
        const field = document.getElementById('to-place');
        const shot = sheet().querySelector('[data-shot][tabindex="0"]');
        const place = Number.parseInt(field.value, 10);
        field.value = '';
        if (shot && place > 0) {
            if (place - 1 === Number(shot.dataset.place)) {
                shot.focus();
            }
            move(shot, place - 1);
        }
    }
});

/** The picture beside, or that in the strip above or below that stands nearest under it. */
function beside(shot, key) {
    const own = [...stripOf(shot).querySelectorAll('[data-shot]')];
    const at = own.indexOf(shot);
    if (key === 'ArrowLeft' || key === 'ArrowRight') {
        return own[at + (key === 'ArrowRight' ? 1 : -1)];
    }
    if (key === 'Home' || key === 'End') {
        return own.at(key === 'Home' ? 0 : -1);
    }
    const strips = [...sheet().querySelectorAll('[data-strip]')];
    const next = strips[strips.indexOf(stripOf(shot)) + (key === 'ArrowDown' ? 1 : -1)];
    const left = (one) => one.getBoundingClientRect().left;
    return (
        next &&
        [...next.querySelectorAll('[data-shot]')].sort(
            (a, b) => Math.abs(left(a) - left(shot)) - Math.abs(left(b) - left(shot)),
        )[0]
    );
}

on('keydown', '', (event) => {
    if (document.getElementById('compare')?.open && event.key.toLowerCase() === 'f') {
        document.querySelector('#compare [data-flicker]').click();
        return;
    }
    const shot = inFocus();
    if (!shot || event.ctrlKey || event.metaKey || event.altKey || event.target.closest('dialog, input')) {
        return;
    }
    const place = Number(shot.dataset.place);
    if (event.shiftKey && ['ArrowUp', 'ArrowDown'].includes(event.key) && canEdit()) {
        event.preventDefault();
        const strips = [...sheet().querySelectorAll('[data-strip]')];
        const other = strips[strips.indexOf(stripOf(shot)) + (event.key === 'ArrowDown' ? 1 : -1)];
        if (other) {
            ask(shot, other, Math.min(place, shots(other).length));
        }
        return;
    }
    const keys = {
        ' ': () => mark(shot),
        '[': () => move(shot, place - 1),
        ']': () => move(shot, place + 1),
        m: () => match(stripOf(shot)),
        c: compare,
    };
    if (/^(Arrow|Home$|End$)/.test(event.key)) {
        event.preventDefault();
        const next = beside(shot, event.key);
        if (next) {
            focus(next);
        }
    } else if (/^[0-9]$/.test(event.key) && canEdit()) {
        event.preventDefault();
        const field = document.getElementById('to-place');
        field.value = event.key;
        field.focus();
    } else if (keys[event.key.length === 1 ? event.key.toLowerCase() : event.key]) {
        event.preventDefault();
        keys[event.key.toLowerCase()]();
    }
});

// What was marked is drawn anew with the sheet.
on('htmx:afterSwap', '', (event) => {
    if (sheet() && event.detail.target.id === 'live') {
        sheet()
            .querySelector('[data-contact=compare]')
            ?.toggleAttribute('disabled', marked().length !== 2);
    }
});

onCapture('close', '', () => flickerEnds());

function flickerEnds() {
    clearInterval(beat);
}
