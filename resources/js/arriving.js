import { on } from './events';
import htmx from 'htmx.org';
import { drop, look, SOON } from './intake';
import { chosen, filesOf, megabytes, send } from './sending';
import { phrase } from './words';

const settings = () => document.getElementById('intake-settings')?.dataset;

/** The panel that says how far the sending is; it stays when the page under it changes. */
function panel() {
    const own = document.getElementById('sending');
    own.hidden = false;
    const [words, bar, list, link] = ['p', 'progress', 'ul', 'a'].map((tag) => own.querySelector(tag));
    list.replaceChildren();
    link.hidden = true;
    let drawn = 0;
    return {
        opened(told) {
            link.hidden = false;
            link.href = told.url;
            link.textContent = told.name;
            if (drop()?.dataset.url === told.url) {
                look();
            } else if (window.location.pathname === settings().place) {
                open(told.url);
            }
        },
        sent(bytes, all, done, many) {
            bar.max = Math.max(1, all);
            bar.value = bytes;
            words.textContent = phrase('arrived_of', {
                done,
                files: many,
                size: megabytes(bytes),
                all: megabytes(all),
            });
            if (drop() && Date.now() - drawn > SOON) {
                drawn = Date.now();
                look();
            }
        },
        waiting() {
            words.textContent = phrase('waiting');
        },
        refused(sentence) {
            const line = document.createElement('li');
            line.textContent = sentence;
            list.append(line);
        },
        done(told, many) {
            bar.value = bar.max;
            words.textContent = phrase(many === 0 ? 'all_here' : 'all_safe');
            look();
        },
    };
}

/** Opens a drop without leaving the page that sends. */
function open(url) {
    htmx.ajax('get', url, {
        source: '#source-read',
        target: '#main',
        select: '#main',
        swap: 'outerHTML',
        headers: { 'X-Whole': '1' },
    }).then(() => {
        window.history.pushState({}, '', url);
    });
}

async function take(found, product = '') {
    if (found.length === 0) {
        return;
    }
    const { url, part, bytes } = settings();
    const progress = panel();
    try {
        await send(
            found,
            {
                url,
                partUrl: part,
                partBytes: Number(bytes),
                product,
                sender: document.querySelector('[data-intake-sender]')?.value ?? '',
            },
            progress,
        );
    } catch (problem) {
        progress.refused(problem.message);
    }
}

on('change', '', (event) => {
    if (event.target.matches('[data-intake-files]')) {
        take(chosen(event.target.files));
        event.target.value = '';
    }
});

on('click', '', (event) => {
    if (event.target.closest('#sending [data-hide]')) {
        document.getElementById('sending').hidden = true;
    } else if (event.target.closest('#sending a') && !event.ctrlKey && !event.metaKey) {
        event.preventDefault();
        open(event.target.closest('a').href);
    }
});

/**
 * Files dropped anywhere but on the board's matrix and tray, and where the coverage map lacks one, go into the intake.
 */
const isOurs = (event) =>
    settings() &&
    event.dataTransfer?.types.includes('Files') &&
    !event.target.closest?.('.matrix, #tray, [data-can-edit="1"] [data-hole]');

const veil = (shows) => document.getElementById('intake-veil')?.toggleAttribute('hidden', !shows);

on('dragover', '', (event) => {
    const ours = isOurs(event);
    veil(ours);
    if (ours) {
        event.preventDefault();
        event.dataTransfer.dropEffect = 'copy';
    }
});

on('dragleave', '', (event) => {
    if (event.relatedTarget === null) {
        veil(false);
    }
});

on('drop', '', async (event) => {
    veil(false);
    if (isOurs(event)) {
        event.preventDefault();
        take(await filesOf(event.dataTransfer), settings().product ?? '');
    }
});
