// Drawings are made by the server, for a desk or for a phone. Which of the two this is stands in a cookie; when it changes, or was not known
// yet, the page is asked for once more.
import { refreshPage } from './live-stream.js';

const PHONE = window.matchMedia('(max-width: 640px)');

function note() {
    const narrow = PHONE.matches ? '1' : '0';
    const known = /(?:^|; )narrow=(\d)/.exec(document.cookie)?.[1] ?? '0';
    document.cookie = `narrow=${narrow}; path=/; max-age=31536000; samesite=lax`;
    if (narrow !== known && document.querySelector('.draw[viewBox]')) {
        refreshPage();
    }
}

export function width() {
    note();
    PHONE.addEventListener('change', note);
}
