import { liveRoot, refresh, unique } from './act';
import { megabytes } from './sending';
import { patiently } from './patient';
import { phrase } from './words';

/** Files in a parcel: few enough for the progress to be seen. */
const MOST_FILES = 10;

/** What of a request is not files. */
const FORM_BYTES = 1024 * 1024;

/** How often a parcel is sent that is not answered. */
const MOST_TRIES = 7;

/**
 * Sends files in parcels, one after the other, and says what became of each. All parcels are one change to undo. Files
 * dropped on a part of the matrix are linked there at once.
 */
export async function upload(files, onto = null) {
    const batch = unique();
    const box = document.getElementById('uploads');
    const list = document.createElement('ul');
    const bar = document.createElement('progress');
    bar.max = files.length;
    bar.value = 0;
    bar.setAttribute('aria-label', phrase('files_sent'));
    const words = document.createElement('p');
    words.setAttribute('role', 'status');
    box.replaceChildren(words, bar, list);

    let taken = 0;
    const say = (sentence, warns) => {
        const line = document.createElement('li');
        line.textContent = sentence;
        line.className = warns ? 'warns' : '';
        list.append(line);
    };
    const most = JSON.parse(liveRoot().dataset.most);
    const tooLarge = (file) => file.size > most.picture;
    for (const file of [...files].filter(tooLarge)) {
        say(
            phrase('too_large', {
                file: file.name,
                size: megabytes(file.size),
                most: megabytes(most.picture),
            }),
            true,
        );
        bar.value += 1;
    }
    for (const parcel of parcels(
        [...files].filter((file) => !tooLarge(file)),
        most,
    )) {
        words.textContent = phrase('sent_of', { sent: bar.value, files: files.length });
        try {
            const answer = await send(parcel, batch, onto, () => {
                words.textContent = phrase('sent_again');
            });
            taken += answer.taken.length;
            answer.refused.forEach((sentence) => say(sentence, true));
            answer.warnings.forEach((sentence) => say(sentence, true));
            answer.known.forEach((sentence) => say(sentence, false));
            answer.taken
                .filter((name) =>
                    /\((as .+: another picture has its name|its first picture; it holds more)\)$/.test(name),
                )
                .forEach((name) => say(name, false));
        } catch (problem) {
            parcel.forEach((file) => say(`${file.name}: ${problem.message}`, true));
        }
        bar.value += parcel.length;
        await refresh();
    }
    words.textContent = onto
        ? phrase('linked_of', { taken, files: files.length, place: onto.words })
        : phrase('in_tray', { taken, files: files.length });
    bar.remove();
}

function parcels(files, most) {
    const all = [];
    let bytes = 0;
    for (const file of files) {
        const current = all[all.length - 1];
        if (
            !current ||
            current.length >= Math.min(MOST_FILES, most.files) ||
            bytes + file.size > most.bytes - FORM_BYTES
        ) {
            all.push([file]);
            bytes = file.size;
        } else {
            current.push(file);
            bytes += file.size;
        }
    }
    return all;
}

/** A parcel that is not answered is sent again: what had arrived of it is recognized by its content. */
async function send(parcel, batch, onto, onWait) {
    const body = new FormData();
    for (const file of parcel) {
        body.append('files[]', file);
        body.append('names[]', file.name);
    }
    body.append('batch', batch);
    if (onto) {
        body.append('onto', onto.part);
        if (onto.view) {
            body.append('view', onto.view);
        }
    }
    const { response, tries } = await patiently(
        liveRoot().dataset.upload,
        { method: 'POST', body },
        onWait,
        MOST_TRIES,
    );
    if (response === null) {
        throw new Error('the server did not answer; drop it again.');
    }
    if (!response.ok) {
        throw new Error(
            response.status === 413
                ? 'together these files are more than this server takes; drop them one by one.'
                : 'it could not be taken; drop it again.',
        );
    }
    const answer = await response.json();
    return tries === 1 ? answer : { ...answer, taken: [...answer.taken, ...answer.known], known: [] };
}
