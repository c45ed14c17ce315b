import { on } from './events';
import DOMPurify from 'dompurify';
import Squire from 'squire-rte';
import { closeDialog } from './dialog';
import { phrase } from './words';

/* Formatted text in a field of its own: what stands in it is put into the form's field, and kept as it is left. The
   server cleans it once more. */

const ALLOWED = {
    ALLOWED_TAGS: ['p', 'br', 'b', 'strong', 'i', 'em', 'h3', 'h4', 'ul', 'ol', 'li', 'a'],
    ALLOWED_ATTR: ['href'],
};
const editors = new Map();

const cleaned = (html) =>
    DOMPurify.sanitize(html, ALLOWED)
        .replace(/<(\/?)b>/g, '<$1strong>')
        .replace(/<(\/?)i>/g, '<$1em>');

function keep(box) {
    const field = document.getElementById(box.dataset.editor);
    const html = cleaned(editors.get(box).getHTML());
    const text = new DOMParser().parseFromString(html, 'text/html').body.textContent.trim();
    const value = text === '' ? '' : html;
    if (field && field.value !== value) {
        field.value = value;
        field.dispatchEvent(new Event('change', { bubbles: true }));
    }
}

function start() {
    for (const box of document.querySelectorAll('[data-editor]')) {
        if (!editors.has(box)) {
            const editor = new Squire(box, {
                blockTag: 'P',
                sanitizeToDOMFragment: (html) => DOMPurify.sanitize(html, { ...ALLOWED, RETURN_DOM_FRAGMENT: true }),
            });
            editors.set(box, editor);
            editor.setHTML(document.getElementById(box.dataset.editor).value);
            box.addEventListener('focusout', (event) => {
                if (!event.relatedTarget?.closest('.editor-tools, dialog')) {
                    keep(box);
                }
            });
        }
    }
}

function format(editor, verb) {
    ({
        bold: () => (editor.hasFormat('B') ? editor.removeBold() : editor.bold()),
        italic: () => (editor.hasFormat('I') ? editor.removeItalic() : editor.italic()),
        heading: () =>
            editor.modifyBlocks((fragment) => {
                for (const block of fragment.querySelectorAll('p, h3')) {
                    const other = document.createElement(block.localName === 'h3' ? 'p' : 'h3');
                    other.append(...block.childNodes);
                    block.replaceWith(other);
                }
                return fragment;
            }),
        list: () => (editor.hasFormat('UL') ? editor.removeList() : editor.makeUnorderedList()),
        numbers: () => (editor.hasFormat('OL') ? editor.removeList() : editor.makeOrderedList()),
        link: () => {
            const address = window.prompt(phrase('address'));
            return address && /^(https?:|mailto:)/i.test(address) ? editor.makeLink(address) : editor.removeLink();
        },
        plain: () => editor.removeAllFormatting(),
    })[verb]();
}

on('click', '', (event) => {
    const button = event.target.closest('[data-format]');
    const box = button?.closest('.editor-box').querySelector('[data-editor]');
    if (box) {
        format(editors.get(box), button.dataset.format);
        editors.get(box).focus();
    }
    // A picture comes into the description where the cursor stands.
    const offer = event.target.closest('[data-into-description]');
    const description = document.querySelector('[data-editor=description]');
    if (offer && description) {
        closeDialog();
        editors.get(description).insertHTML(`<p>${offer.dataset.intoDescription}</p><p><br></p>`);
        keep(description);
    }
});

on('DOMContentLoaded', '', start);
on('htmx:afterSettle', '', start);
