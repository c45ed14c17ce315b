/**
 * What scripts say, in the language of the page: the server sends the words of lang/…/scripts.php with it.
 *
 * @type {?Record<string, string>}
 */
let words = null;

/** @param {number} number as the language of the page writes it */
export const written = (number) => number.toLocaleString(document.documentElement.lang);

/**
 * A sentence. One that depends on a number has two forms with a bar between, and is given that number as "count".
 *
 * @param {string} key
 * @param {Record<string, string | number>} [put] what stands in the place of :name
 * @returns {string}
 */
export function phrase(key, put = {}) {
    words ??= JSON.parse(document.getElementById('words').textContent);
    const [one, other] = words[key].split('|');
    const isOne =
        other === undefined || new Intl.PluralRules(document.documentElement.lang).select(Number(put.count)) === 'one';
    return Object.entries(put)
        .sort(([a], [b]) => b.length - a.length)
        .reduce(
            (text, [name, value]) => text.replaceAll(`:${name}`, typeof value === 'number' ? written(value) : value),
            isOne ? one : other,
        );
}
