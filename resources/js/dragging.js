import Sortable from 'sortablejs';
import { act, boardRoot } from './act';
import { upload } from './upload';

/**
 * Dragging: pictures onto the matrix or within the gallery, values within their axis, files onto the tray.
 * The board says what is selected and marked, and makes the changes.
 */
export function dragging({ selection, isMarked, markedIds, canEdit, change }) {
  let dragged = [];
  let droppedOnMatrix = false;

  const dropPart = (event) => event.target.closest?.('.matrix [data-part], .matrix [data-cell]');

  function markTarget(target) {
    for (const other of document.querySelectorAll('.matrix .is-target')) {
      other.classList.remove('is-target');
    }
    if (target?.dataset.part !== undefined) {
      const keys = new Set(selection.under(target.dataset.part));
      target.classList.add('is-target');
      selection.cells.filter((cell) => keys.has(cell.dataset.cell)).forEach((cell) => cell.classList.add('is-target'));
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
            const others = [...gallery.querySelectorAll('.card-picture')].filter((card) => card !== event.item);
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
              const order = [...list.querySelectorAll('.chip')].map((chip) => chip.dataset.value).join(',');
              act(boardRoot().dataset.order, { axis: list.dataset.axis, order });
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
    if (hasFiles) {
      event.preventDefault();
      event.dataTransfer.dropEffect = tray ? 'copy' : 'none';
      document.getElementById('tray')?.classList.toggle('is-over', Boolean(tray));
    } else if (dragged.length > 0) {
      markTarget(dropPart(event));
      if (dropPart(event) || tray) {
        event.preventDefault();
      }
    }
  }

  function onDrop(event) {
    const target = dropPart(event);
    const tray = event.target.closest?.('#tray');
    document.getElementById('tray')?.classList.remove('is-over');
    if (event.dataTransfer.files.length > 0) {
      event.preventDefault();
      if (tray && canEdit()) {
        upload([...event.dataTransfer.files]);
      }
    } else if (dragged.length > 0 && target) {
      event.preventDefault();
      droppedOnMatrix = document.querySelector(`#gallery [data-placement="${dragged[0]}"]`) !== null;
      change('link', dragged, { onto: target.dataset.part ?? target.dataset.cell, only: event.shiftKey ? 1 : 0 });
    } else if (dragged.length > 0 && tray && event.target.closest('#gallery') && !document.querySelector(`#gallery [data-placement="${dragged[0]}"]`)) {
      event.preventDefault();
      change('link', dragged);
    }
    markTarget(null);
  }

  function listen() {
    document.addEventListener('dragstart', onDragStart);
    document.addEventListener('dragover', onDragOver);
    document.addEventListener('drop', onDrop);
    document.addEventListener('dragend', () => {
      markTarget(null);
      dragged = [];
    });
  }

  return { listen, makeSortable };
}
