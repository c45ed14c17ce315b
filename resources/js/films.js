import { on } from './events';
import { phrase } from './words';

/* Films are played and models turned where a picture is shown large: in the preview, and in what is said about one. */

let poster = null;

/** Puts a film or a model in the place of the picture; nothing puts the picture back. */
export async function stage(box, kind, url) {
    box.querySelectorAll('video, canvas').forEach((old) => old.remove());
    const still = box.querySelector('img');
    const framed = box.querySelector('.stage') ?? still;
    framed.hidden = Boolean(kind);
    if (kind === 'film') {
        const film = document.createElement('video');
        Object.assign(film, {
            src: url,
            controls: true,
            loop: true,
            muted: true,
            playsInline: true,
            poster: still.src,
        });
        box.append(film);
    } else if (kind === 'model') {
        const canvas = document.createElement('canvas');
        canvas.tabIndex = 0;
        canvas.setAttribute('role', 'img');
        canvas.setAttribute('aria-label', phrase('turn_it', { text: still.alt }));
        box.append(canvas);
        try {
            const { showModel } = await import('./model');
            poster = await showModel(canvas, url);
        } catch {
            canvas.remove();
            framed.hidden = false;
        }
    }
}

on('click', '', async (event) => {
    const player = event.target.closest('[data-play]');
    const taking = event.target.closest('[data-poster]');
    if (player) {
        player.hidden = true;
        await stage(player.closest('[data-player]'), player.dataset.kind, player.dataset.play);
        document.querySelector('[data-poster]')?.toggleAttribute('hidden', player.dataset.kind !== 'model');
    } else if (taking && poster) {
        const body = new FormData();
        body.append('poster', await poster(), 'poster.png');
        const answer = await fetch(taking.dataset.poster, {
            method: 'POST',
            body,
            headers: {
                Accept: 'application/json',
                'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content,
            },
        }).catch(() => null);
        taking.textContent = phrase(answer?.ok ? 'poster_taken' : 'poster_lost');
    }
});
