/**
 * What happens in a page, told to whoever registered for it. There is one listener on the document for each type of
 * event: parts of a page may come and go without being bound anew, and handlers are called in the order of
 * registration.
 *
 * @typedef {(event: any, element: any) => unknown} Handler
 */

/** @type {Map<string, {selector: string, handler: Handler}[]>} */
const registered = new Map();

/**
 * Calls the handler with the event, and with the nearest element around its target that fits the selector.
 *
 * @param {string} type
 * @param {string} selector '' wherever it happens
 * @param {Handler} handler
 */
export function on(type, selector, handler) {
    register(type, selector, handler, false);
}

/**
 * The same before the event reaches its target.
 *
 * @param {string} type
 * @param {string} selector
 * @param {Handler} handler
 */
export function onCapture(type, selector, handler) {
    register(type, selector, handler, true);
}

function register(type, selector, handler, capture) {
    const key = `${type} ${capture}`;
    if (!registered.has(key)) {
        const handlers = [];
        registered.set(key, handlers);
        document.addEventListener(type, (event) => handlers.forEach((one) => tell(one, event)), capture);
    }
    registered.get(key).push({ selector, handler });
}

function tell({ selector, handler }, event) {
    const element = selector === '' ? event.target : event.target?.closest?.(selector);
    if (!element) {
        return;
    }
    try {
        handler(event, element);
    } catch (fault) {
        // One part that breaks leaves the others at work.
        reportError(fault);
    }
}
