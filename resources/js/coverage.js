import { on } from './events';
import { closeDialog } from './dialog';
import { say } from './caption';
import { upload } from './upload';
import { phrase } from './words';

/* On the coverage map a file is dropped where a picture is missing, or chosen there. */

const hole = (event) => event.target.closest?.('[data-page][data-can-edit="1"] [data-hole]');

const place = ({ onto, view, words }) => ({ part: onto, view, words });

function mark(target) {
    for (const other of document.querySelectorAll('[data-hole].is-target')) {
        other.classList.toggle('is-target', other === target);
    }
    target?.classList.add('is-target');
}

on('dragover', '', (event) => {
    if (!event.dataTransfer.types.includes('Files') || !document.querySelector('[data-page=coverage]')) {
        return;
    }
    const target = hole(event);
    mark(target);
    if (target) {
        const { words, skus } = target.dataset;
        event.preventDefault();
        event.dataTransfer.dropEffect = 'copy';
        say(event, phrase('take_in_as', { view: words, count: Number(skus) }));
    } else {
        say(event, '');
    }
});

on('drop', '', (event) => {
    const target = hole(event);
    if (target && event.dataTransfer.files.length > 0) {
        event.preventDefault();
        upload([...event.dataTransfer.files], place(target.dataset));
    }
    mark(null);
    say(event, '');
});

on('change', '', (event) => {
    const field = event.target.closest('[data-hole-file]');
    if (field?.files.length > 0) {
        const files = [...field.files];
        closeDialog();
        upload(files, place(field.dataset));
    }
});
