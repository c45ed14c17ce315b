import { wait } from './act';

/** Milliseconds between two tries to send what was not answered; the last one again and again. */
const PAUSES = [1000, 2000, 4000, 8000, 15000];

/** What says that the server is busy or away for the moment. */
const LATER = [429, 502, 503, 504];

/**
 * Sends something that does no harm if it arrives twice, until it is answered.
 *
 * @param {string} url
 * @param {RequestInit} request
 * @param {() => void} waiting told before each pause
 * @param {number} [most] tries, after which it is given up
 * @returns {Promise<{response: ?Response, tries: number}>} no response where it was given up
 */
export async function patiently(url, request, waiting, most = Infinity) {
    const headers = {
        Accept: 'application/json',
        'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content,
        ...request.headers,
    };
    for (let tries = 1; ; tries += 1) {
        const response = await fetch(url, { ...request, headers }).catch((problem) =>
            problem instanceof TypeError ? null : Promise.reject(problem),
        );
        if (response && !LATER.includes(response.status)) {
            return { response, tries };
        }
        if (tries === most) {
            return { response: null, tries };
        }
        waiting();
        await wait(PAUSES[Math.min(tries, PAUSES.length) - 1]);
    }
}
