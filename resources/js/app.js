import { on } from './events';
import Alpine from '@alpinejs/csp';
import { Idiomorph } from 'idiomorph';
import htmx from 'htmx.org';
import { act, repeatLast } from './act';
import { board } from './board';
import { closeDialog, openDialog } from './dialog';
import './arriving';
import './axes';
import './colors';
import './combine';
import './contact';
import './coverage';
import './crop';
import './editor';
import './dropper';
import './intake';
import './library';
import './preview';
import './rows';
import './setup';
import './shoot';

// Times are shown on the reader's own clock, which the server learns from this.
document.cookie = `zone=${Intl.DateTimeFormat().resolvedOptions().timeZone}; path=/; max-age=31536000; samesite=lax${window.location.protocol === 'https:' ? '; secure' : ''}`;

htmx.config.allowEval = false;
htmx.config.includeIndicatorStyles = false;
htmx.config.responseHandling = [
    { code: '204', swap: false },
    { code: '[23]..', swap: true },
    { code: '[45]..', swap: true, error: true },
];

htmx.defineExtension('morph', {
    isInlineSwap: (style) => style === 'morph:outerHTML',
    handleSwap(style, target, fragment) {
        if (style.startsWith('morph')) {
            return Idiomorph.morph(target, /** @type {DocumentFragment} */ (fragment).children, {
                morphStyle: style.split(':')[1] ?? 'outerHTML',
                // What is being typed stays; the children of any other element in focus, such as a cell, are drawn
                // anew.
                ignoreActiveValue: document.activeElement?.matches('input, textarea, select') ?? false,
                // What the browser itself wrote, such as the progress of files being sent, is not the server's to
                // clear;
                // and rows of the matrix that are drawn the same need no look.
                // What somebody unfolded stays so, in a dialog or a menu: an answer that comes late folds nothing up.
                callbacks: {
                    beforeAttributeUpdated: (attribute, node) =>
                        !(attribute === 'open' && node.matches('dialog details, details.menu')),
                    beforeNodeMorphed: (node, next) =>
                        !node.dataset?.keep && (!node.dataset?.print || node.dataset.print !== next.dataset?.print),
                },
            });
        }
        return false;
    },
});

on('htmx:configRequest', '', (event) => {
    event.detail.headers['X-CSRF-TOKEN'] = document.querySelector('meta[name=csrf-token]').content;
});

on('click', '', (event) => {
    const posting = event.target.closest('[data-post]');
    if (posting) {
        act(posting.dataset.post, JSON.parse(posting.dataset.with ?? '{}'));
        return;
    }
    const button = event.target.closest('[data-do]');
    if (!button || button.disabled) {
        return;
    }
    const doing = {
        dismiss: () => button.closest('.notice').remove(),
        repeat: repeatLast,
        close: closeDialog,
        print: () => window.print(),
        keys: () => document.getElementById('keys').showModal(),
        undo: () => act(button.dataset.url, reload()),
        redo: () => act(button.dataset.url, reload()),
    }[button.dataset.do];
    if (doing) {
        event.preventDefault();
        doing();
    }
});

// A menu closes when something in it is chosen, or something else is clicked.
on('click', '', (event) => {
    for (const menu of document.querySelectorAll('details.menu[open]')) {
        if (!menu.contains(event.target) || event.target.closest('button')) {
            menu.open = false;
        }
    }
});

on('click', '[data-dialog]', (event, opener) => {
    if (!opener.disabled) {
        openDialog(opener.dataset.verb ?? 'GET', opener.dataset.dialog, JSON.parse(opener.dataset.with ?? '{}'));
    }
});

const reload = () => (document.querySelector('[data-board], [data-page]') ? {} : { reload: 1 });

on('keydown', '', (event) => {
    const typing = event.target.closest('input, textarea, select, dialog');
    const modifier = event.ctrlKey || event.metaKey;
    if (modifier && event.key.toLowerCase() === 'z' && !typing) {
        event.preventDefault();
        document.querySelector(`[data-do=${event.shiftKey ? 'redo' : 'undo'}]:not(:disabled)`)?.click();
    } else if (event.key === 'Escape' && document.querySelector('details.menu[open]')) {
        document.querySelector('details.menu[open]').open = false;
    } else if (event.key === '/' && !typing) {
        event.preventDefault();
        document.getElementById('jump').focus();
    } else if (event.key === '?' && !typing) {
        event.preventDefault();
        document.getElementById('keys').showModal();
    }
});

Alpine.data('jump', () => ({
    leave(event) {
        if (event.key === 'Escape') {
            this.$refs.hits.replaceChildren();
            this.$refs.field.blur();
        } else if (event.key === 'Enter') {
            event.preventDefault();
            this.$refs.hits.querySelector('a')?.click();
        } else if (event.key === 'ArrowDown') {
            event.preventDefault();
            this.$refs.hits.querySelector('a')?.focus();
        }
    },
}));
Alpine.data('board', board);
Alpine.start();
