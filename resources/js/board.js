import htmx from 'htmx.org';
import { act, boardRoot, context, enqueue, refresh } from './act';
import { closeDialog, openDialog } from './dialog';
import { dragging } from './dragging';
import { keyboard } from './keyboard';
import { Selection } from './selection';
import { upload } from './upload';

/** The board's momentary state: what is selected, marked and dragged. Everything else is the server's. */
export function board() {
  const selection = new Selection();
  let marked = new Set();
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
      enqueue(() => htmx.ajax('POST', url('tray'), { source: '#source-tray', target: '#tray', swap: 'morph:outerHTML', values: context() }));
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

  function focusCell(cell) {
    for (const other of document.querySelectorAll('.matrix [tabindex="0"]')) {
      other.tabIndex = -1;
    }
    cell.tabIndex = 0;
    cell.focus({ preventScroll: false });
  }

  /** The cell that was last in focus, else the first that is selected. */
  function inFocus() {
    return document.querySelector('.matrix [data-cell][tabindex="0"]') ?? selection.cells.find((one) => selection.keys.has(one.dataset.cell));
  }

  function find(typed) {
    enqueue(() => htmx.ajax('POST', url('tray'), { source: '#source-tray', target: '#tray', swap: 'morph:outerHTML', values: { ...context(), find: typed } }));
  }

  function modeOf(event) {
    return event.ctrlKey || event.metaKey ? 'toggle' : 'set';
  }

  function clearMarks() {
    marked = new Set();
    drawMarks();
  }

  const drags = dragging({ selection, isMarked: (id) => marked.has(id), markedIds, canEdit, change });
  const onKey = keyboard({ selection, focusCell, choose, change, markedIds, clearMarks });

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
      document.addEventListener('pointerup', () => {
        painting = null;
      });
      document.addEventListener('click', onClick);
      document.addEventListener('keydown', onKey);
      drags.listen();
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
          openDialog('GET', url('setup'), { axis: event.target.dataset.axis, add: event.clipboardData.getData('text') });
        }
      });
      document.addEventListener('htmx:afterSettle', (event) => {
        if (['board', 'tray'].includes(event.detail.target.id) && boardRoot()) {
          const { target, requestConfig } = event.detail;
          if (target.id === 'board' || requestConfig?.parameters.find) {
            selection.read(target.id === 'board' ? boardRoot().dataset.selected : document.getElementById('tray').dataset.selected);
            remember();
          }
          marked = new Set(cards().map((card) => card.dataset.placement).filter((id) => marked.has(id)));
          drags.makeSortable();
          drawMarks();
          awaitPictures();
        }
      });
    },
  };
}
