import htmx from 'htmx.org';

let last = null;

export const boardRoot = () => document.querySelector('[data-board]');

/** The part of the page that a change is answered with: the board, the library's page, or the facts. */
const region = () => document.querySelector('#board, #library, #facts');

/** What every request from the board says of where the person stands. */
export function context() {
  const root = boardRoot();
  if (!root) {
    return { version: document.getElementById('version')?.value ?? document.querySelector('[data-version]')?.dataset.version ?? '' };
  }
  const { version, lens, layer } = root.dataset;
  return { version, lens, layer, selected: root.dataset.selected };
}

let queue = Promise.resolve();

/** Changes and looks at the board go one after the other, so that no older answer is drawn over a newer one. */
export function enqueue(work) {
  queue = queue.catch(() => {}).then(work);
  return queue;
}

/**
 * Asks for a change; the answer is the whole board, or a notice that says why not. Each change is made
 * on the version that the one before has left.
 */
export function act(url, values = {}) {
  const said = { ...context(), ...values };
  last = { url, values: said };
  return enqueue(() => htmx.ajax('POST', url, {
    source: '#source-act',
    target: region() ?? '#notice',
    swap: region() ? 'morph:innerHTML' : 'innerHTML',
    values: { ...said, version: context().version },
  }));
}

/** The same change once more, on the product as it is now. */
export function repeatLast() {
  document.getElementById('notice').replaceChildren();
  if (last) {
    act(last.url, last.values);
  }
}

export function refresh(extra = {}) {
  const root = boardRoot() ?? document.querySelector('[data-library]');
  return enqueue(() => htmx.ajax('GET', root.dataset.url, {
    source: '#source-read',
    target: region(),
    swap: 'morph:innerHTML',
    values: { ...context(), version: '', ...extra },
  }));
}

function notice(message) {
  const box = document.createElement('div');
  box.className = 'notice';
  const text = document.createElement('p');
  text.textContent = message;
  const close = document.createElement('button');
  close.type = 'button';
  close.className = 'btn btn-plain';
  close.dataset.do = 'dismiss';
  close.textContent = 'Close';
  box.append(text, close);
  document.getElementById('notice').replaceChildren(box);
}

// A changed product: show it as it is, and offer the change again.
document.addEventListener('htmx:afterRequest', (event) => {
  const { xhr, requestConfig } = event.detail;
  if (requestConfig.verb !== 'post') {
    return;
  }
  if (xhr.status === 409 && document.querySelector('[data-board], [data-library]')) {
    refresh();
  } else if (xhr.status === 409) {
    for (const holder of document.querySelectorAll('#version')) {
      holder.value = xhr.getResponseHeader('X-Version');
    }
  } else if (xhr.status < 400 && requestConfig.path === last?.url) {
    document.getElementById('notice').replaceChildren();
  } else if (xhr.status === 0) {
    notice('The server did not answer. What is on screen is kept as it was; try again in a moment.');
  }
});
