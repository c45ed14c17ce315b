import htmx from 'htmx.org';
import Sortable from 'sortablejs';
import { act, boardRoot, context, refresh } from './act';
import { closeDialog, openDialog } from './dialog';
import { Selection } from './selection';
import { upload } from './upload';

const LENSES = ['photos', 'codes', 'prices', 'stock'];

/** The board's momentary state: what is selected, marked and dragged. Everything else is the server's. */
export function board() {
  const selection = new Selection();
  let marked = new Set();
  let dragged = [];
  let droppedOnMatrix = false;
  let painting = null;
  let trayTimer = 0;

  const url = (name) => boardRoot().dataset[name];
  const canEdit = () => boardRoot().dataset.canEdit === '1';
  const cards = () => [...document.querySelectorAll('.card-picture')];
  const markedIds = () => cards().map((card) => card.dataset.placement).filter((id) => marked.has(id));

  function drawMarks() {
    for (const card of cards()) {
      const on = marked.has(card.dataset.placement);
      card.classList.toggle('is-marked', on);
      card.querySelector('.pick').setAttribute('aria-pressed', String(on));
    }
    for (const button of document.querySelectorAll('[data-needs-marks]')) {
      button.disabled = marked.size === 0;
    }
  }

  function loadTray() {
    clearTimeout(trayTimer);
    trayTimer = setTimeout(() => {
      htmx.ajax('POST', url('tray'), { source: '#source-tray', target: '#tray', swap: 'morph:outerHTML', values: context() });
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
    if (layer) {
      query.set('layer', layer);
    }
    if (selected.length < 500) {
      query.set('selected', selected);
    }
    history.replaceState(null, '', `?${query}`);
  }

  function choose(keys, mode) {
    selection.choose(keys, mode);
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

  function focusCell(cell) {
    for (const other of document.querySelectorAll('.matrix [tabindex="0"]')) {
      other.tabIndex = -1;
    }
    cell.tabIndex = 0;
    cell.focus({ preventScroll: false });
  }

  function modeOf(event) {
    return event.ctrlKey || event.metaKey ? 'toggle' : 'set';
  }

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
          if (!droppedOnMatrix && event.oldIndex !== event.newIndex) {
            change('move', [event.item.dataset.placement], { to: event.newIndex });
          } else if (droppedOnMatrix) {
            refresh();
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
              act(url('order'), { axis: list.dataset.axis, order });
            }
          },
        });
      }
    }
  }

  function edit(first = '') {
    const field = document.getElementById('typed');
    if (field && selection.keys.size > 0) {
      field.value = first;
      field.focus();
      field.setSelectionRange(first.length, first.length);
    }
  }

  function moveMarked(step) {
    const ids = markedIds();
    const gallery = [...document.querySelectorAll('#gallery .card-picture')].map((card) => card.dataset.placement);
    if (ids.length === 1 && gallery.includes(ids[0])) {
      change('move', ids, { to: Math.max(0, gallery.indexOf(ids[0]) + step) });
    }
  }

  /** The cell or header beside one; the head of a group of rows stands beside each of its rows. */
  function neighbor(here, [down, right]) {
    const [row, column] = [Number(here.dataset.row) + down, Number(here.dataset.column) + right];
    if (column !== -2) {
      return document.querySelector(`.matrix [data-row="${row}"][data-column="${column}"]`);
    }
    const groups = [...document.querySelectorAll('.matrix [data-head=group]')];
    return here.dataset.head === 'group' ? groups[groups.indexOf(here) + down] : groups.findLast((group) => Number(group.dataset.row) <= row);
  }

  function arrows(event) {
    const step = { ArrowUp: [-1, 0], ArrowDown: [1, 0], ArrowLeft: [0, -1], ArrowRight: [0, 1] }[event.key];
    const here = event.target.closest('.matrix [data-row]');
    if (!step || !here) {
      return false;
    }
    event.preventDefault();
    const next = neighbor(here, step);
    if (next) {
      focusCell(next);
      if (next.dataset.part !== undefined) {
        choose(selection.under(next.dataset.part));
      } else if (event.shiftKey && selection.anchor) {
        choose(selection.block(selection.anchor, next));
      } else {
        selection.anchor = next;
        choose([next.dataset.cell]);
      }
    }
    return true;
  }

  const keyActions = {
    r: (cell) => choose(cell ? selection.under(cell.parentElement.querySelector('[data-head=row]').dataset.part) : []),
    c: (cell) => choose(cell ? selection.block(selection.at(0, cell.dataset.column), selection.at(document.querySelectorAll('.matrix tbody tr').length - 1, cell.dataset.column)) : []),
    a: () => choose(selection.under('*')),
    l: () => change('link', markedIds()),
    u: () => change('unlink', markedIds()),
    h: () => change('hide', markedIds()),
    '[': () => moveMarked(-1),
    ']': () => moveMarked(1),
    Escape: () => {
      marked = new Set();
      drawMarks();
      choose([]);
    },
  };

  function onKey(event) {
    if (event.target.closest('input, textarea, select, dialog') || event.ctrlKey || event.metaKey || event.altKey || arrows(event)) {
      return;
    }
    const cell = document.activeElement.closest('.matrix [data-cell]') ?? selection.cells.find((one) => selection.keys.has(one.dataset.cell));
    const lens = LENSES[Number(event.key) - 1];
    const isEditing = document.getElementById('typed') && event.target.closest('.matrix');
    if (isEditing && /^[0-9]$/.test(event.key) && boardRoot().dataset.lens !== 'codes') {
      event.preventDefault();
      edit(event.key);
    } else if (lens) {
      event.preventDefault();
      refresh({ lens });
    } else if (event.key === 'Enter' && event.target.closest('.matrix')) {
      event.preventDefault();
      edit();
    } else if (keyActions[event.key.length === 1 ? event.key.toLowerCase() : event.key]) {
      event.preventDefault();
      keyActions[event.key.length === 1 ? event.key.toLowerCase() : event.key](cell);
    }
  }

  function onPointerDown(event) {
    const head = event.target.closest('.matrix [data-part]');
    const cell = event.target.closest('.matrix [data-cell]');
    if (event.button !== 0 || (!head && !cell)) {
      return;
    }
    focusCell(head ?? cell);
    event.preventDefault();
    if (head) {
      choose(selection.under(head.dataset.part), modeOf(event));
    } else if (event.shiftKey && selection.anchor?.isConnected) {
      choose(selection.block(selection.anchor, cell));
    } else {
      selection.anchor = cell;
      painting = modeOf(event) === 'set' ? cell : null;
      choose([cell.dataset.cell], modeOf(event));
    }
  }

  function onPointerOver(event) {
    const cell = event.target.closest('.matrix [data-cell]');
    if (painting && cell && event.buttons === 1) {
      choose(selection.block(painting, cell));
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
        const ends = [all.findIndex((one) => marked.has(one.dataset.placement)), all.indexOf(card)].sort((a, b) => a - b);
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
    const lens = event.target.closest('[data-lens-choice]');
    if (lens) {
      refresh({ lens: lens.dataset.lensChoice });
    }
    const layer = event.target.closest('[data-layer-choice]');
    if (layer) {
      refresh({ layer: layer.dataset.layerChoice });
    }
    const dialog = event.target.closest('[data-dialog]');
    if (dialog) {
      openDialog(dialog.dataset.verb ?? 'GET', dialog.dataset.dialog, JSON.parse(dialog.dataset.with ?? '{}'));
    }
  }

  function onDragStart(event) {
    const card = event.target.closest?.('.card-picture');
    if (!card || !canEdit()) {
      return;
    }
    const id = card.dataset.placement;
    dragged = marked.has(id) ? markedIds() : [id];
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

  return {
    init() {
      selection.read(boardRoot().dataset.selected);
      makeSortable();
      drawMarks();
      awaitPictures();
      const root = this.$root;
      root.addEventListener('pointerdown', onPointerDown);
      root.addEventListener('pointerover', onPointerOver);
      document.addEventListener('pointerup', () => {
        painting = null;
      });
      document.addEventListener('click', onClick);
      document.addEventListener('keydown', onKey);
      document.addEventListener('dragstart', onDragStart);
      document.addEventListener('dragover', onDragOver);
      document.addEventListener('drop', onDrop);
      document.addEventListener('dragend', () => {
        markTarget(null);
        dragged = [];
      });
      root.addEventListener('change', (event) => {
        if (event.target.id === 'marked-view') {
          change('view', markedIds(), { view: event.target.value });
          event.target.value = '';
        } else if (event.target.matches('[data-files]')) {
          upload([...event.target.files]);
          event.target.value = '';
        }
      });
      root.addEventListener('keydown', (event) => {
        if (event.target.matches('[data-add-values]') && event.key === 'Enter') {
          event.preventDefault();
          openDialog('GET', url('setup'), { axis: event.target.dataset.axis, add: event.target.value });
          event.target.value = '';
        }
      });
      root.addEventListener('paste', (event) => {
        if (event.target.matches('[data-add-values]')) {
          event.preventDefault();
          openDialog('GET', url('setup'), { axis: event.target.dataset.axis, add: event.clipboardData.getData('text') });
        }
      });
      document.addEventListener('htmx:afterSettle', (event) => {
        if (['board', 'tray'].includes(event.detail.target.id) && boardRoot()) {
          if (event.detail.target.id === 'board') {
            selection.read(boardRoot().dataset.selected);
            remember();
          }
          marked = new Set(cards().map((card) => card.dataset.placement).filter((id) => marked.has(id)));
          makeSortable();
          drawMarks();
          awaitPictures();
        }
      });
    },
  };
}
