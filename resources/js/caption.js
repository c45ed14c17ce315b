/** What letting go here will do, beside the pointer. */
export function say(event, text) {
    const caption = document.getElementById('drag-caption');
    if (!caption) {
        return;
    }
    caption.hidden = text === '';
    if (text !== '') {
        caption.textContent = text;
        const { clientX, clientY } = event;
        const box = caption.getBoundingClientRect();
        caption.style.left = `${Math.max(4, Math.min(clientX + 16, window.innerWidth - box.width - 8))}px`;
        caption.style.top = `${Math.max(4, Math.min(clientY + 20, window.innerHeight - box.height - 8))}px`;
    }
}
