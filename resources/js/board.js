import { on } from './events';
import htmx from 'htmx.org';
import { act, actWithFile, boardRoot, context, enqueue, refresh } from './act';
import { blocks, sumHeads } from './blocks';
import { closeDialog, openDialog } from './dialog';
import { dragging } from './dragging';
import { keyboard } from './keyboard';
import { Selection } from './selection';
import { upload } from './upload';

/** Pixels that the pointer goes before a click becomes a block. */
const LEAST_MOVE = 4;

/** The board's momentary state: what is selected, marked and dragged. Everything else is the server's. */
export function board() {
    const selection = new Selection();
    let marked = new Set();
    let painting = null;
    let reachable = null;
    let trayTimer = 0;

    const url = (name) => boardRoot().dataset[name];
    const canEdit = () => boardRoot().dataset.canEdit === '1';
    const cards = () => [...document.querySelectorAll('.card-picture')];
    const markedIds = () =>
        cards()
            .map((card) => card.dataset.placement)
            .filter((id) => marked.has(id));

    function drawMarks() {
        for (const card of cards()) {
            const on = marked.has(card.dataset.placement);
            card.classList.toggle('is-marked', on);
            card.querySelector('.pick').setAttribute('aria-pressed', String(on));
        }
        for (const tools of document.querySelectorAll('[data-needs-marks]')) {
            tools.hidden = marked.size === 0;
        }
        for (const tools of document.querySelectorAll('[data-needs-no-marks]')) {
            tools.hidden = marked.size > 0;
        }
    }

    function loadTray() {
        clearTimeout(trayTimer);
        trayTimer = setTimeout(() => {
            enqueue(() =>
                htmx.ajax('post', url('tray'), {
                    source: '#source-tray',
                    target: '#tray',
                    swap: 'morph:outerHTML',
                    values: context(),
                }),
            );
        }, 60);
    }

    /** Pictures that are still being read are looked for again, until all are there. */
    function awaitPictures() {
        if (document.getElementById('tray').dataset.waiting === '1') {
            clearTimeout(trayTimer);
            trayTimer = setTimeout(loadTray, 900);
        }
    }

    /** The address says what is shown, so that a reload or a link shows the same. */
    function remember() {
        const { lens, layer, selected } = boardRoot().dataset;
        const query = new URLSearchParams({ lens });
        if (layer || document.querySelector('[data-layer-choice]')) {
            query.set('layer', layer);
        }
        if (selected.length < 500) {
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
                marked = new Set();
            }
        }
    }

    /** Of the matrix one cell or header can be reached with Tab: the one that was last in focus. */
    function makeReachable(cell) {
        for (const other of document.querySelectorAll('.matrix [tabindex="0"]')) {
            other.tabIndex = -1;
        }
        cell.tabIndex = 0;
        reachable = cell.dataset.cell ?? null;
    }

    function focusCell(cell) {
        makeReachable(cell);
        cell.focus({ preventScroll: false });
    }

    /** The cell that was last in focus, else the first that is selected. */
    function inFocus() {
        return selection.byKey.get(reachable) ?? selection.cells.find((one) => selection.keys.has(one.dataset.cell));
    }

    /** Cells and sums as a change of numbers has left them; what is selected, marked and in focus stays. */
    function drawNumbers(answer, about) {
        const numbers = answer.querySelector('[data-numbers]');
        // What comes with it out of band is told as a swap of its own.
        if (!numbers) {
            return;
        }
        for (const drawn of answer.querySelectorAll('[data-cell]')) {
            const cell = selection.byKey.get(drawn.dataset.cell);
            if (cell) {
                cell.replaceChildren(...drawn.childNodes);
                cell.className = `${drawn.className}${cell.classList.contains('is-selected') ? ' is-selected' : ''}`;
                cell.ariaLabel = drawn.ariaLabel;
                // Drawn otherwise than the server knows: it is looked at with the next board.
                cell.parentElement.removeAttribute('data-print');
            }
        }
        sumHeads(selection);
        boardRoot().dataset.version = numbers.dataset.version;
        // Whoever selects something else meanwhile sees the sums of that.
        for (const sum of about === selection.token ? answer.querySelectorAll('[data-sum]') : []) {
            document.querySelector(`#foot [data-sum=${sum.dataset.sum}]`)?.replaceChildren(sum.textContent);
        }
        answer.replaceChildren();
    }

    /** To a page about what is selected. */
    function go(address) {
        window.location.assign(`${address}?${new URLSearchParams({ selected: selection.token })}`);
    }

    function find(typed) {
        enqueue(() =>
            htmx.ajax('post', url('tray'), {
                source: '#source-tray',
                target: '#tray',
                swap: 'morph:outerHTML',
                values: { ...context(), find: typed },
            }),
        );
    }

    function modeOf(event) {
        return event.ctrlKey || event.metaKey ? 'toggle' : 'set';
    }

    function clearMarks() {
        marked = new Set();
        drawMarks();
    }

    const drags = dragging({ selection, isMarked: (id) => marked.has(id), markedIds, canEdit, change });
    const cells = blocks({ selection, canEdit });
    const { onKey, onTyped, changeLens } = keyboard({
        selection,
        fill: cells.fill,
        focusCell,
        inFocus,
        choose,
        change,
        markedIds,
        clearMarks,
    });

    function onPointerDown(event) {
        const head = event.target.closest('.matrix [data-part]');
        const cell = event.target.closest('.matrix [data-cell]');
        if (event.button !== 0 || (!head && !cell)) {
            return;
        }
        focusCell(head ?? cell);
        event.preventDefault();
        if (head) {
            choose(selection.under(head.dataset.part), modeOf(event), head.dataset.part);
        } else if (event.shiftKey && selection.anchor?.isConnected) {
            choose(selection.block(selection.anchor, cell));
        } else {
            selection.anchor = cell;
            painting = modeOf(event) === 'set' ? { cell, x: event.clientX, y: event.clientY } : null;
            choose([cell.dataset.cell], modeOf(event));
        }
    }

    function onPointerOver(event) {
        const cell = event.target.closest('.matrix [data-cell]');
        // A pointer that stays where it is paints nothing, though an answer may put another cell under it.
        const moved = painting && Math.hypot(event.clientX - painting.x, event.clientY - painting.y) > LEAST_MOVE;
        if (moved && cell && event.buttons === 1) {
            choose(selection.block(painting.cell, cell));
        }
    }

    function onClick(event) {
        const about = event.target.closest('[data-about]');
        const card = event.target.closest('.card-picture');
        const button = event.target.closest('[data-change]');
        if (about) {
            openDialog('POST', about.dataset.about);
        } else if (card && event.target.closest('.pick')) {
            const id = card.dataset.placement;
            if (event.shiftKey && marked.size > 0) {
                const all = cards();
                const ends = [all.findIndex((one) => marked.has(one.dataset.placement)), all.indexOf(card)].sort(
                    (a, b) => a - b,
                );
                all.slice(ends[0], ends[1] + 1).forEach((one) => marked.add(one.dataset.placement));
            } else if (marked.has(id)) {
                marked.delete(id);
            } else {
                marked.add(id);
            }
            drawMarks();
        } else if (button) {
            const ids = button.dataset.placements ? button.dataset.placements.split(',') : markedIds();
            if (button.dataset.change === 'remove') {
                closeDialog();
            }
            change(button.dataset.change, ids, JSON.parse(button.dataset.with ?? '{}'));
        }
        const going = event.target.closest('[data-go]');
        if (going) {
            go(going.dataset.go);
            return;
        }
        const lens = event.target.closest('[data-lens-choice]');
        if (lens) {
            changeLens(lens.dataset.lensChoice);
        }
        const fold = event.target.closest('[data-fold-axes]');
        if (fold) {
            act(url('fold'), { folded: fold.dataset.foldAxes });
        }
        const layer = event.target.closest('[data-layer-choice]');
        if (layer) {
            refresh({ layer: layer.dataset.layerChoice });
        }
        const like = event.target.closest('[data-like]');
        if (like) {
            choose(selection.like(inFocus(), like.dataset.like));
        }
    }

    return {
        init() {
            selection.read(boardRoot().dataset.selected);
            const open = new URLSearchParams(window.location.search).get('open') ?? '';
            if (open.startsWith('/products/')) {
                openDialog('GET', open);
            }
            drags.makeSortable();
            drawMarks();
            awaitPictures();
            const root = this.$root;
            root.addEventListener('pointerdown', onPointerDown);
            root.addEventListener('pointerover', onPointerOver);
            on('pointerup', '', () => {
                painting = null;
            });
            on('click', '', onClick);
            on('keydown', '', onKey);
            drags.listen();
            cells.listen();
            on('change', '', (event) => {
                if (event.target.matches('[data-replace]') && event.target.files.length > 0) {
                    actWithFile(event.target.dataset.replace, event.target.files[0]);
                    event.target.value = '';
                }
            });
            root.addEventListener('change', (event) => {
                if (event.target.id === 'marked-view') {
                    change('view', markedIds(), { view: event.target.value });
                    event.target.value = '';
                } else if (event.target.matches('[data-place]')) {
                    act(event.target.dataset.url, { axis: event.target.dataset.place, place: event.target.value });
                } else if (event.target.matches('[data-files]')) {
                    upload([...event.target.files]);
                    event.target.value = '';
                }
            });
            root.addEventListener('keydown', (event) => {
                onTyped(event);
                if (event.target.id === 'find' && event.key === 'Enter' && event.target.value.trim() !== '') {
                    event.preventDefault();
                    find(event.target.value);
                } else if (event.target.id === 'find' && event.key === 'Escape') {
                    event.target.blur();
                }
                if (event.target.matches('[data-add-values]') && event.key === 'Enter') {
                    event.preventDefault();
                    openDialog('GET', url('setup'), { axis: event.target.dataset.axis, add: event.target.value });
                    event.target.value = '';
                }
            });
            root.addEventListener('paste', (event) => {
                if (event.target.matches('[data-add-values]')) {
                    event.preventDefault();
                    openDialog('GET', url('setup'), {
                        axis: event.target.dataset.axis,
                        add: event.clipboardData.getData('text'),
                    });
                }
            });
            // At once, not as it settles: what is typed in between must not meet the selection of the answer.
            on('htmx:afterSwap', '', (event) => {
                if (event.detail.target.id === 'numbers') {
                    drawNumbers(event.detail.target, event.detail.requestConfig.parameters.selected);
                }
                if (['board', 'tray'].includes(event.detail.target.id) && boardRoot()) {
                    const { target, requestConfig } = event.detail;
                    if (target.id === 'board') {
                        // Whoever has gone on to another cell meanwhile stays there; the answer is about where they
                        // were.
                        const isElsewhere =
                            requestConfig?.parameters.selected !== undefined &&
                            requestConfig.parameters.selected !== selection.token;
                        const stays = isElsewhere && selection.canRead(selection.token);
                        selection.read(stays ? selection.token : boardRoot().dataset.selected);
                        // The server draws the first cell as the one to reach; whoever is elsewhere stays there.
                        const cell = selection.byKey.get(reachable);
                        if (cell) {
                            makeReachable(cell);
                        }
                        remember();
                        if (stays) {
                            loadTray();
                        }
                    } else if (requestConfig?.parameters.find) {
                        selection.read(document.getElementById('tray').dataset.selected);
                        remember();
                    }
                    marked = new Set(
                        cards()
                            .map((card) => card.dataset.placement)
                            .filter((id) => marked.has(id)),
                    );
                    drags.makeSortable();
                    drawMarks();
                    awaitPictures();
                }
            });
        },
    };
}
