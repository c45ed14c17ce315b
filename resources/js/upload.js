import { boardRoot, refresh } from './act';

const MOST_FILES = 10;
const MOST_BYTES = 48 * 1024 * 1024;

/**
 * Sends files in parcels, one after the other, and says what became of each. All parcels are one change to undo. Files
 * dropped on a part of the matrix are linked there at once.
 */
export async function upload(files, onto = null) {
  const batch = crypto.randomUUID?.() ?? '10000000-1000-4000-8000-100000000000'.replace(/[018]/g, (digit) => (digit ^ (crypto.getRandomValues(new Uint8Array(1))[0] & (15 >> (digit / 4)))).toString(16));
  const box = document.getElementById('uploads');
  const list = document.createElement('ul');
  const bar = document.createElement('progress');
  bar.max = files.length;
  bar.value = 0;
  bar.setAttribute('aria-label', 'Files sent');
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
  for (const parcel of parcels(files)) {
    words.textContent = `${bar.value} of ${files.length} files sent`;
    try {
      const answer = await send(parcel, batch, onto);
      taken += answer.taken.length;
      answer.refused.forEach((sentence) => say(sentence, true));
      answer.known.forEach((sentence) => say(sentence, false));
      answer.taken.filter((name) => name.includes('another picture has its name')).forEach((name) => say(name, false));
    } catch (problem) {
      parcel.forEach((file) => say(`${file.name}: ${problem.message}`, true));
    }
    bar.value += parcel.length;
    await refresh();
  }
  words.textContent = onto ? `${taken} of ${files.length} files are linked to ${onto.words}.` : `${taken} of ${files.length} files are in the tray.`;
  bar.remove();
}

function parcels(files) {
  const all = [];
  let bytes = 0;
  for (const file of files) {
    const current = all[all.length - 1];
    if (!current || current.length >= MOST_FILES || bytes + file.size > MOST_BYTES) {
      all.push([file]);
      bytes = file.size;
    } else {
      current.push(file);
      bytes += file.size;
    }
  }
  return all;
}

async function send(parcel, batch, onto) {
  const body = new FormData();
  parcel.forEach((file) => body.append('files[]', file));
  body.append('batch', batch);
  if (onto) {
    body.append('onto', onto.part);
  }
  const response = await fetch(boardRoot().dataset.upload, {
    method: 'POST',
    body,
    headers: { Accept: 'application/json', 'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content },
  }).catch(() => {
    throw new Error('the server did not answer; drop it again.');
  });
  if (response.status === 413) {
    throw new Error('too large to be sent: a picture can have 40 MB.');
  }
  if (!response.ok) {
    throw new Error('it could not be taken; drop it again.');
  }
  return response.json();
}
