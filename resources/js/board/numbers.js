import { boardRoot } from '../act';
import { sumHeads } from '../blocks';

/**
 * Cells and sums as a change of numbers has left them; what is selected, marked and in focus stays.
 *
 * @param {any} answer of the server
 * @param {any} selection
 * @param {string} about what was selected as it was asked for
 */
export function drawNumbers(answer, selection, about) {
    const numbers = answer.querySelector('[data-numbers]');
    // What comes with it out of band is told as a swap of its own.
    if (!numbers) {
        return;
    }
    for (const drawn of answer.querySelectorAll('[data-cell]')) {
        const cell = selection.byKey.get(drawn.dataset.cell);
        if (cell) {
            cell.replaceChildren(...drawn.childNodes);
            cell.className = `${drawn.className}${cell.classList.contains('is-selected') ? ' is-selected' : ''}`;
            cell.ariaLabel = drawn.ariaLabel;
            // Drawn otherwise than the server knows: it is looked at with the next board.
            cell.parentElement.removeAttribute('data-print');
        }
    }
    sumHeads(selection);
    boardRoot().dataset.version = numbers.dataset.version;
    // Whoever selects something else meanwhile sees the sums of that.
    for (const sum of about === selection.token ? answer.querySelectorAll('[data-sum]') : []) {
        document.querySelector(`#foot [data-sum=${sum.dataset.sum}]`)?.replaceChildren(sum.textContent);
    }
    answer.replaceChildren();
}
