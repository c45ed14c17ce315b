import { act, actWithFile, boardRoot, refresh } from './act';
import { blocks } from './blocks';
import { Focus } from './board/focus';
import { Marks } from './board/marks';
import { drawNumbers } from './board/numbers';
import { pointer } from './board/pointer';
import { awaitPictures, find, loadTray } from './board/tray';
import { closeDialog, openDialog } from './dialog';
import { dragging } from './dragging';
import { on } from './events';
import { keyboard } from './keyboard';
import { Selection } from './selection';
import { upload } from './upload';

/** A longer selection does not stand in the address. */
const LONGEST_SELECTION = 500;

/** The board's momentary state: what is selected, marked and dragged. Everything else is the server's. */
export function board() {
    const selection = new Selection();
    const marks = new Marks();
    const focus = new Focus(selection);

    const url = (name) => boardRoot().dataset[name];
    const canEdit = () => boardRoot().dataset.canEdit === '1';

    /** The address says what is shown, so that a reload or a link shows the same. */
    function remember() {
        const { lens, layer, selected } = boardRoot().dataset;
        const query = new URLSearchParams({ lens });
        if (layer || document.querySelector('[data-layer-choice]')) {
            query.set('layer', layer);
        }
        if (selected.length < LONGEST_SELECTION) {
            query.set('selected', selected);
        }
        history.replaceState(null, '', `?${query}`);
    }

    function choose(keys, mode, part) {
        selection.choose(keys, mode, part);
        remember();
        loadTray();
    }

    function change(name, ids, extra = {}) {
        if (canEdit()) {
            act(url('changes').replace('CHANGE', name), { 'placements[]': ids, ...extra });
            if (name === 'link') {
                marks.clear();
            }
        }
    }

    /** A button of the tray or of a picture's dialog. */
    function press(button) {
        const ids = button.dataset.placements ? button.dataset.placements.split(',') : marks.ids;
        if (button.dataset.change === 'remove') {
            closeDialog();
        }
        change(button.dataset.change, ids, JSON.parse(button.dataset.with ?? '{}'));
    }

    function pick(event, card) {
        if (event.shiftKey && !marks.isEmpty) {
            marks.extendTo(card);
        } else {
            marks.toggle(card);
        }
    }

    const drags = dragging({
        selection,
        isMarked: (id) => marks.has(id),
        markedIds: () => marks.ids,
        canEdit,
        change,
    });
    const cells = blocks({ selection, canEdit });
    const { onKey, onTyped, changeLens } = keyboard({
        selection,
        fill: cells.fill,
        focusCell: (cell) => focus.to(cell),
        inFocus: () => focus.cell,
        choose,
        change,
        markedIds: () => marks.ids,
        clearMarks: () => marks.clear(),
    });

    function listenToClicks() {
        on('click', '[data-about]', (event, about) => openDialog('POST', about.dataset.about));
        on('click', '.card-picture .pick', (event, button) => pick(event, button.closest('.card-picture')));
        on('click', '[data-change]', (event, button) => press(button));
        // To a page about what is selected.
        on('click', '[data-go]', (event, going) =>
            window.location.assign(`${going.dataset.go}?${new URLSearchParams({ selected: selection.token })}`),
        );
        on('click', '[data-lens-choice]', (event, lens) => changeLens(lens.dataset.lensChoice));
        on('click', '[data-fold-axes]', (event, fold) => act(url('fold'), { folded: fold.dataset.foldAxes }));
        on('click', '[data-layer-choice]', (event, layer) => refresh({ layer: layer.dataset.layerChoice }));
        on('click', '[data-like]', (event, like) => choose(selection.like(focus.cell, like.dataset.like)));
    }

    function listenToFields(root) {
        on('change', '[data-replace]', (event, field) => {
            if (field.files.length > 0) {
                actWithFile(field.dataset.replace, field.files[0]);
                field.value = '';
            }
        });
        root.addEventListener('change', ({ target }) => {
            if (target.id === 'marked-view') {
                change('view', marks.ids, { view: target.value });
                target.value = '';
            } else if (target.matches('[data-place]')) {
                act(target.dataset.url, { axis: target.dataset.place, place: target.value });
            } else if (target.matches('[data-files]')) {
                upload([...target.files]);
                target.value = '';
            }
        });
        root.addEventListener('keydown', (event) => {
            onTyped(event);
            const { target, key } = event;
            if (target.id === 'find' && key === 'Enter' && target.value.trim() !== '') {
                event.preventDefault();
                find(target.value);
            } else if (target.id === 'find' && key === 'Escape') {
                target.blur();
            } else if (target.matches('[data-add-values]') && key === 'Enter') {
                event.preventDefault();
                openDialog('GET', url('setup'), { axis: target.dataset.axis, add: target.value });
                target.value = '';
            }
        });
        root.addEventListener('paste', (event) => {
            if (event.target.matches('[data-add-values]')) {
                event.preventDefault();
                const add = event.clipboardData.getData('text');
                openDialog('GET', url('setup'), { axis: event.target.dataset.axis, add });
            }
        });
    }

    /** What is selected on a board that was drawn anew; true where somebody has gone on to another cell meanwhile. */
    function readBoard(asked) {
        const isElsewhere = asked?.selected !== undefined && asked.selected !== selection.token;
        const stays = isElsewhere && selection.canRead(selection.token);
        selection.read(stays ? selection.token : boardRoot().dataset.selected);
        focus.keep();
        remember();

        return stays;
    }

    function listenToAnswers() {
        // At once, not as it settles: what is typed in between must not meet the selection of the answer.
        on('htmx:afterSwap', '', ({ detail: { target, requestConfig } }) => {
            const asked = requestConfig?.parameters;
            if (target.id === 'numbers') {
                drawNumbers(target, selection, asked.selected);
            }
            if (!['board', 'tray'].includes(target.id) || !boardRoot()) {
                return;
            }
            if (target.id === 'board') {
                // Whoever has gone on stays there; the answer is about where they were.
                if (readBoard(asked)) {
                    loadTray();
                }
            } else if (asked?.find) {
                selection.read(document.getElementById('tray').dataset.selected);
                remember();
            }
            marks.prune();
            drags.makeSortable();
            marks.draw();
            awaitPictures();
        });
    }

    return {
        init() {
            selection.read(boardRoot().dataset.selected);
            const open = new URLSearchParams(window.location.search).get('open') ?? '';
            if (open.startsWith('/products/')) {
                openDialog('GET', open);
            }
            drags.makeSortable();
            marks.draw();
            awaitPictures();
            pointer(this.$root, { selection, focus, choose });
            listenToClicks();
            on('keydown', '', onKey);
            drags.listen();
            cells.listen();
            listenToFields(this.$root);
            listenToAnswers();
        },
    };
}
