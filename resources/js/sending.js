import { patiently } from './patient';

/** Files that are sent side by side. */
const AT_ONCE = 3;

let busy = 0;

/** Whether files are on their way: the page that sends them is not left for another. */
export const isSending = () => busy > 0;

/** Everything that was dropped: files, and those in folders, each with the path it lies at. */
export async function filesOf(transfer) {
    const entries = [...transfer.items].map((item) => item.webkitGetAsEntry?.()).filter(Boolean);
    const files = [];
    const read = async (entry, path) => {
        if (entry.isFile) {
            files.push({
                path: path + entry.name,
                file: await new Promise((resolve, reject) => {
                    entry.file(resolve, reject);
                }),
            });
            return;
        }
        const reader = entry.createReader();
        for (;;) {
            const some = await new Promise((resolve, reject) => {
                reader.readEntries(resolve, reject);
            });
            if (some.length === 0) {
                return;
            }
            for (const one of some) {
                await read(one, `${path}${entry.name}/`);
            }
        }
    };
    for (const entry of entries) {
        await read(entry, '');
    }
    return entries.length > 0 ? files : chosen([...transfer.files]);
}

/** Files that were chosen by hand, with the folder they were chosen in. */
export const chosen = (files) => [...files].map((file) => ({ path: file.webkitRelativePath || file.name, file }));

/** What no camera makes and no person means. */
const isBeside = ({ path }) => /(^|\/)(\.[^/]*|Thumbs\.db|desktop\.ini)$/i.test(path);

/**
 * Announces files to the intake and sends those of which anything is missing there, part by part. What is not answered
 * is sent again; what is there already is not.
 *
 * @param progress what is told as it goes: opened(drop), sent(bytes, allBytes, files, allFiles), waiting(),
 *   refused(sentence), done()
 */
export async function send(found, { url, partUrl, partBytes, sender = '', product = '' }, progress) {
    const files = found.filter((one) => !isBeside(one));
    const told = await call(
        'POST',
        url,
        JSON.stringify({
            sender,
            product,
            announced: files.map(({ path, file }) => [path, file.size, file.lastModified]),
        }),
        'application/json',
        progress,
    );
    busy += 1;
    progress.opened(told);
    const queue = told.files.map((known, at) => ({ ...known, file: files[at].file })).filter((one) => one.arrives);
    const all = queue.reduce((sum, one) => sum + one.file.size, 0);
    let bytes = queue.reduce((sum, one) => sum + one.received, 0);
    let done = 0;
    const count = queue.length;
    const work = async () => {
        for (let one = queue.shift(); one; one = queue.shift()) {
            try {
                for (let { received, arrives } = one; arrives;) {
                    const part = await one.file
                        .slice(received, received + partBytes)
                        .arrayBuffer()
                        .catch(() => {
                            throw new Error('it was changed or moved while it was being sent. Drop it again.');
                        });
                    const answer = await call(
                        'PUT',
                        `${partUrl.replace('FILE', one.id)}?at=${received}`,
                        part,
                        'application/octet-stream',
                        progress,
                    );
                    if (answer.arrives && answer.received === received) {
                        throw new Error('it does not arrive. Drop it again.');
                    }
                    bytes += answer.received - received;
                    if (answer.refused) {
                        progress.refused(answer.refused);
                    }
                    ({ received, arrives } = answer);
                    progress.sent(bytes, all, done, count);
                }
            } catch (problem) {
                progress.refused(`${one.file.name}: ${problem.message}`);
            }
            done += 1;
            progress.sent(bytes, all, done, count);
        }
    };
    try {
        progress.sent(bytes, all, 0, count);
        await Promise.all(Array.from({ length: AT_ONCE }, work));
    } finally {
        busy -= 1;
    }
    progress.done(told, count);
}

async function call(method, url, body, type, progress) {
    const { response } = await patiently(url, { method, body, headers: { 'Content-Type': type } }, progress.waiting);
    if (response.ok) {
        return response.json();
    }
    const answer = await response.json().catch(() => ({}));
    throw new Error(
        response.status === 401 || response.status === 419
            ? 'you are signed out. Sign in in another window, and drop the same files again: what has arrived is not sent twice.'
            : (answer.message ?? 'it could not be taken. Drop it again.'),
    );
}

/** Bytes in megabytes, as people read them. */
export const megabytes = (bytes) =>
    (bytes / 1048576).toLocaleString(document.documentElement.lang, { maximumFractionDigits: 1 });

// What is on its way is not left without a word; what has arrived stays.
window.addEventListener('beforeunload', (event) => {
    if (busy > 0) {
        event.preventDefault();
    }
});
