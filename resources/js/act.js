import { on } from './events';
import htmx from 'htmx.org';
import { phrase } from './words';

const UNANSWERED = [0, 502, 503, 504];
const FIRST_PAUSE = 1000;
const LONGEST_PAUSE = 10000;
const AGAIN_AFTER = 300;

let last = null;
let pending = null;

export const boardRoot = () => document.querySelector('[data-board]');

/** A page that is drawn anew after a change, the board or another. */
export const liveRoot = () => document.querySelector('[data-board], [data-page], [data-library]');

/**
 * The part of the page that a change is answered with: the board, another page of the product, the library's page, or a
 * drop.
 */
const region = () => document.querySelector('#board, #live, #library, #intake');

/** What every request from the board says of where the person stands. */
export function context() {
    const root = boardRoot();
    if (!root) {
        const page = document.querySelector('[data-page]')?.dataset;
        return {
            version:
                document.getElementById('version')?.value ??
                page?.version ??
                document.querySelector('[data-version]')?.dataset.version ??
                '',
            ...(page ? { page: page.page } : {}),
            ...Object.fromEntries(
                ['align', 'axis', 'eyes'].filter((name) => page?.[name]).map((name) => [name, page[name]]),
            ),
        };
    }
    const { version, lens, layer } = root.dataset;
    return { version, lens, layer, selected: root.dataset.selected };
}

/** Which opening of the dialog there was as a change was asked for, by its token. */
const openings = new Map();

/** Whether a change was asked for before the dialog was opened that is open now: its answer leaves that open. */
export const isOfBefore = (token, opening) => openings.has(token) && openings.get(token) !== opening;

let queue = Promise.resolve();

/** Changes and looks at the board go one after the other, so that no older answer is drawn over a newer one. */
export function enqueue(work) {
    queue = queue.catch(() => {}).then(work);
    return queue;
}

/**
 * Asks for a change; the answer is the whole board, or a notice that says why not. Each change is made
 * on the version that the one before has left. One that is not answered is sent again until it is: the
 * server knows it by its token and makes it once, so that nobody is left to guess whether it was kept.
 */
export function act(url, values = {}) {
    const said = { ...context(), ...values };
    const opening = document.getElementById('dialog')?.dataset.opening ?? '';
    last = { url, values: said };
    return enqueue(async () => {
        const sent = { ...said, version: context().version, token: unique() };
        openings.set(sent.token, opening);
        for (let pause = FIRST_PAUSE; ; pause = Math.min(pause * 2, LONGEST_PAUSE)) {
            pending = sent.token;
            const status = await post(url, sent);
            if (!UNANSWERED.includes(status)) {
                return;
            }
            await wait(pause);
        }
    });
}

/** The same with a file, which goes along as it is. */
export function actWithFile(url, file) {
    return enqueue(() =>
        htmx.ajax('post', url, {
            source: '#source-file',
            target: region(),
            swap: 'morph:innerHTML',
            values: { ...context(), token: unique(), file },
        }),
    );
}

/** The status of the answer; 0 where there was none. */
function post(url, values) {
    return new Promise((resolve) => {
        const listen = (event) => {
            if (event.detail.requestConfig.parameters.token === values.token) {
                document.removeEventListener('htmx:afterRequest', listen);
                resolve(event.detail.xhr.status);
            }
        };
        document.addEventListener('htmx:afterRequest', listen);
        htmx.ajax('post', url, {
            source: '#source-act',
            target: region() ?? '#notice',
            swap: region() ? 'morph:innerHTML' : 'innerHTML',
            values,
        }).catch(() => {});
    });
}

export const wait = (milliseconds) =>
    new Promise((resolve) => {
        setTimeout(resolve, milliseconds);
    });

/** A UUID, also where the page was not loaded over https. */
export const unique = () =>
    crypto.randomUUID?.() ??
    '10000000-1000-4000-8000-100000000000'.replace(/[018]/g, (digit) =>
        (Number(digit) ^ (crypto.getRandomValues(new Uint8Array(1))[0] & (15 >> (Number(digit) / 4)))).toString(16),
    );

// Before an answer is carried out: it may lead to another page, for which this one is left without a question.
on('htmx:beforeOnLoad', '', (event) => {
    const { requestConfig, xhr } = event.detail;
    if (requestConfig.parameters.token === pending && !UNANSWERED.includes(xhr.status)) {
        pending = null;
    }
});

// A change on its way is not left without a word.
window.addEventListener('beforeunload', (event) => {
    if (pending) {
        event.preventDefault();
    }
});

/** The same change once more, on the product as it is now. */
export function repeatLast() {
    document.getElementById('notice').replaceChildren();
    if (last) {
        act(last.url, last.values);
    }
}

export function refresh(extra = {}) {
    const root = liveRoot();
    return enqueue(() =>
        htmx.ajax('get', root.dataset.url, {
            source: '#source-read',
            target: region(),
            swap: 'morph:innerHTML',
            values: { ...context(), version: '', ...extra },
        }),
    );
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
    close.textContent = phrase('close');
    box.append(text, close);
    document.getElementById(document.getElementById('dialog')?.open ? 'dialog-notice' : 'notice').replaceChildren(box);
}

/** Whether the application itself has answered: what stands before it answers with pages of its own. */
const isOwnAnswer = (xhr) =>
    xhr.status < 400 ||
    xhr.getResponseHeader('HX-Retarget') ||
    xhr.getResponseHeader('HX-Redirect') ||
    xhr.getResponseHeader('X-Ask-Again');

on('htmx:beforeSwap', '', (event) => {
    if (!isOwnAnswer(event.detail.xhr)) {
        event.detail.shouldSwap = false;
    }
});

// The server works out a few things at a time for a person: what came besides is asked for again in a moment.
on('htmx:beforeSwap', '', (event) => {
    const { xhr, requestConfig, target, etc } = event.detail;
    if (xhr.status !== 429 || !xhr.getResponseHeader('X-Ask-Again')) {
        return;
    }
    event.detail.shouldSwap = false;
    event.detail.isError = false;
    setTimeout(
        () => {
            if (requestConfig.elt.isConnected && target.isConnected) {
                htmx.ajax(requestConfig.verb, requestConfig.path, {
                    source: requestConfig.elt,
                    target,
                    swap: etc?.swapOverride,
                    values: Object.fromEntries(
                        requestConfig.formData?.entries?.() ?? Object.entries(requestConfig.parameters),
                    ),
                });
            }
        },
        AGAIN_AFTER + Math.random() * AGAIN_AFTER,
    );
});

// A field that was refused is marked, until something else is typed there.
on('htmx:afterRequest', '', (event) => {
    const name = event.detail.xhr.getResponseHeader('X-Field');
    const within = document.getElementById('dialog')?.open
        ? document.getElementById('dialog')
        : document.getElementById('main');
    const field = name && [...within.querySelectorAll('input, select, textarea')].find((one) => one.name === name);
    if (field) {
        field.setAttribute('aria-invalid', 'true');
        field.addEventListener('input', () => field.removeAttribute('aria-invalid'), { once: true });
    }
});

// A changed product: show it as it is, and offer the change again.
on('htmx:afterRequest', '', (event) => {
    const { xhr, requestConfig } = event.detail;
    if (requestConfig.verb !== 'post') {
        return;
    }
    if (xhr.getResponseHeader('X-Kept')) {
        document.dispatchEvent(new CustomEvent('kept'));
        document.getElementById('notice').replaceChildren();
        if (liveRoot()) {
            refresh();
        } else {
            window.location.reload();
        }
    } else if (xhr.status === 409 && liveRoot()) {
        refresh();
    } else if (xhr.status === 409) {
        for (const holder of document.querySelectorAll('#version')) {
            holder.value = xhr.getResponseHeader('X-Version');
        }
    } else if (xhr.status < 400 && requestConfig.path === last?.url) {
        document.getElementById('notice').replaceChildren();
    } else if (UNANSWERED.includes(xhr.status) && requestConfig.parameters.token) {
        notice(phrase('change_waits'));
    } else if (xhr.status === 0 || !isOwnAnswer(xhr)) {
        notice(phrase('no_answer'));
    }
});
