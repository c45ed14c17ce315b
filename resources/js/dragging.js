import { on } from './events';
import Sortable from 'sortablejs';
import { keepOrder } from './axes';
import { say } from './caption';
import { upload } from './upload';
import { phrase } from './words';

/**
 * Dragging: pictures onto the matrix or within the gallery, values within their axis, files onto the tray.
 * The board says what is selected and marked, and makes the changes.
 */
export function dragging({ selection, isMarked, markedIds, canEdit, change }) {
    let dragged = [];
    let droppedOnMatrix = false;

    /** Of a header or a cell: what it stands for in words, and how many SKUs on offer. */
    function describe(target) {
        const { part, cell, row, column, words } = target.dataset;
        const keys = part === undefined ? [cell] : selection.under(part);
        const count = keys.filter((key) => selection.byKey.get(key)?.hasAttribute('data-made')).length;
        const beside = (selector) => document.querySelector(`.matrix ${selector}`)?.dataset.words;
        const place =
            part === undefined
                ? [beside(`[data-head=row][data-row="${row}"]`), beside(`[data-head=column][data-column="${column}"]`)]
                      .filter(Boolean)
                      .join(', ')
                : words;
        return phrase('place_skus', { place: place || phrase('this_sku'), count });
    }

    function saying(event, target, tray) {
        const files = event.dataTransfer.types.includes('Files');
        const many = files ? event.dataTransfer.items.length : dragged.length;
        const things = phrase(files ? 'files' : 'pictures', { count: many });
        if (target && files) {
            return phrase('take_in_and_link', { things, place: describe(target) });
        }
        if (target) {
            return phrase(event.shiftKey ? 'link_only' : 'link', { things, place: describe(target) });
        }
        if (tray && files) {
            return phrase('take_in', { things });
        }
        return '';
    }

    const dropPart = (event) => event.target.closest?.('.matrix [data-part], .matrix [data-cell]');

    function markTarget(target) {
        for (const other of document.querySelectorAll('.matrix .is-target')) {
            other.classList.remove('is-target');
        }
        if (target?.dataset.part !== undefined) {
            const keys = new Set(selection.under(target.dataset.part));
            target.classList.add('is-target');
            selection.cells
                .filter((cell) => keys.has(cell.dataset.cell))
                .forEach((cell) => cell.classList.add('is-target'));
        } else {
            target?.classList.add('is-target');
        }
    }

    function makeSortable() {
        const gallery = document.getElementById('gallery');
        if (gallery && canEdit() && !Sortable.get(gallery)) {
            new Sortable(gallery, {
                draggable: '.card-picture',
                animation: 0,
                onEnd(event) {
                    if (droppedOnMatrix) {
                        // It was dragged out of the gallery, not within it: its place there stays.
                        const others = [...gallery.querySelectorAll('.card-picture')].filter(
                            (card) => card !== event.item,
                        );
                        gallery.insertBefore(event.item, others[event.oldIndex] ?? others.at(-1)?.nextSibling ?? null);
                    } else if (event.oldIndex !== event.newIndex) {
                        change('move', [event.item.dataset.placement], { to: event.newIndex });
                    }
                    droppedOnMatrix = false;
                },
            });
        }
        for (const list of document.querySelectorAll('.axis .chips')) {
            if (canEdit() && !Sortable.get(list)) {
                new Sortable(list, {
                    draggable: '.chip',
                    animation: 0,
                    onEnd(event) {
                        if (event.oldIndex !== event.newIndex) {
                            keepOrder(list);
                        }
                    },
                });
            }
        }
    }

    function onDragStart(event) {
        const card = event.target.closest?.('.card-picture');
        if (!card || !canEdit()) {
            return;
        }
        const id = card.dataset.placement;
        dragged = isMarked(id) ? markedIds() : [id];
        event.dataTransfer.setData('text/plain', dragged.join(','));
        event.dataTransfer.effectAllowed = 'copyMove';
    }

    function onDragOver(event) {
        const hasFiles = event.dataTransfer.types.includes('Files');
        const tray = event.target.closest?.('#tray');
        const target = dropPart(event);
        if (hasFiles || dragged.length > 0) {
            const may = (tray || target) && canEdit();
            markTarget(target);
            say(event, may ? saying(event, target, tray) : '');
            if (hasFiles) {
                event.preventDefault();
                // What is dropped beside them goes into the intake.
                event.dataTransfer.dropEffect = canEdit() ? 'copy' : 'none';
                document.getElementById('tray')?.classList.toggle('is-over', Boolean(tray));
            } else if (may) {
                event.preventDefault();
            }
        }
    }

    function leave() {
        document.getElementById('tray')?.classList.remove('is-over');
        say(null, '');
        markTarget(null);
    }

    function onDrop(event) {
        const target = dropPart(event);
        const tray = event.target.closest?.('#tray');
        const onto = target?.dataset.part ?? target?.dataset.cell;
        if (event.dataTransfer.files.length > 0) {
            event.preventDefault();
            if ((tray || target) && canEdit()) {
                upload(
                    [...event.dataTransfer.files],
                    onto === undefined ? null : { part: onto, words: describe(target) },
                );
            }
        } else if (dragged.length > 0 && target) {
            event.preventDefault();
            droppedOnMatrix = document.querySelector(`#gallery [data-placement="${dragged[0]}"]`) !== null;
            change('link', dragged, { onto, only: event.shiftKey ? 1 : 0 });
        } else if (
            dragged.length > 0 &&
            tray &&
            event.target.closest('#gallery') &&
            !document.querySelector(`#gallery [data-placement="${dragged[0]}"]`)
        ) {
            event.preventDefault();
            change('link', dragged);
        }
        leave();
    }

    function listen() {
        on('dragstart', '', onDragStart);
        on('dragover', '', onDragOver);
        on('drop', '', onDrop);
        on('dragend', '', () => {
            leave();
            dragged = [];
        });
        // Files that leave the window are not dropped anywhere.
        on('dragleave', '', (event) => {
            if (event.relatedTarget === null) {
                leave();
            }
        });
    }

    return { listen, makeSortable };
}
