import { on } from './events';
import { stage as play } from './films';

// In the shopper preview: zooming, and another picture on the stage.
on('click', '', (event) => {
    const stage = event.target.closest('.stage');
    if (stage) {
        const zoomed = stage.classList.toggle('is-zoomed');
        stage.setAttribute('aria-pressed', String(zoomed));
        const image = stage.querySelector('img');
        image.style.transform = zoomed ? 'scale(2.2)' : '';
        if (zoomed && image.dataset.zoom) {
            image.src = image.dataset.zoom;
        }
    }
    const strip = event.target.closest('[data-show]');
    if (strip) {
        const image = document.querySelector('.stage img');
        image.src = strip.dataset.show;
        image.dataset.zoom = strip.dataset.zoom;
        image.alt = strip.dataset.alt;
        play(image.closest('[data-player]'), strip.dataset.kind, strip.dataset.media);
        for (const other of document.querySelectorAll('[data-show]')) {
            other.setAttribute('aria-pressed', String(other === strip));
        }
    }
});

on('pointermove', '.stage.is-zoomed', (event, stage) => {
    const box = stage.getBoundingClientRect();
    stage.querySelector('img').style.transformOrigin =
        `${((event.clientX - box.left) / box.width) * 100}% ${((event.clientY - box.top) / box.height) * 100}%`;
});
