// A form marked data-live is sent as soon as something in it changes; the page is then brought up to date in place.
// The server answers with the whole page, as it does without scripts, so there is one way for both.
import { Idiomorph } from 'idiomorph';

let queue = Promise.resolve();

// How often the server has been given something: a page that was asked for before does not show it, and is out of date when it comes.
let gave = 0;
export const given = () => gave;
export const give = () => { gave += 1; };

const notice = () => document.querySelector('[data-offline]');

export function morphPage(html) {
    const next = new DOMParser().parseFromString(html, 'text/html');
    document.title = next.title;
    Idiomorph.morph(document.body, next.body, {
        morphStyle: 'outerHTML',
        ignoreActiveValue: true,
        callbacks: {
            // What is being typed, an open "how", and what a script keeps up to date, stay as they are.
            beforeNodeMorphed: (old, fresh) => {
                if (old instanceof HTMLDetailsElement && old.open && fresh instanceof HTMLDetailsElement) {
                    fresh.open = true;
                }
                return !(old instanceof HTMLElement && (old.dataset.dirty === 'yes' || (old.dataset.keep === 'yes' && fresh.dataset?.keep === 'yes')));
            },
        },
    });
    document.dispatchEvent(new CustomEvent('page:morphed'));
}

async function send(form) {
    if (!form.isConnected) {
        return;
    }
    const body = new FormData(form);
    form.querySelectorAll('[data-dirty]').forEach((field) => { delete field.dataset.dirty; });
    form.setAttribute('aria-busy', 'true');
    try {
        const answer = await fetch(form.action, { method: 'POST', body, headers: { Accept: 'text/html' }, credentials: 'same-origin' });
        if (answer.status >= 500 || (answer.redirected && new URL(answer.url).pathname === '/sign-in')) {
            // A real submission shows the server's own page and keeps what was typed.
            form.removeAttribute('data-live');
            form.submit();
            return;
        }
        give();
        notice()?.setAttribute('hidden', '');
        const moved = new URL(answer.url);
        if (answer.ok) {
            const stays = moved.pathname === location.pathname;
            history[stays ? 'replaceState' : 'pushState'](null, '', moved.pathname + moved.search + (stays ? location.hash : ''));
        }
        morphPage(await answer.text());
    } catch {
        notice()?.removeAttribute('hidden');
    } finally {
        form.removeAttribute('aria-busy');
    }
}

export function liveForms() {
    // Going back over a page that a form moved on from: ask the server for it.
    window.addEventListener('popstate', () => location.reload());
    document.addEventListener('input', (event) => {
        if (event.target instanceof HTMLElement && event.target.closest('form[data-live]')) {
            event.target.dataset.dirty = 'yes';
        }
    });
    document.addEventListener('change', (event) => {
        const form = event.target instanceof HTMLElement ? event.target.closest('form[data-live]') : null;
        if (form instanceof HTMLFormElement) {
            queue = queue.then(() => send(form));
        }
    });
    document.addEventListener('submit', (event) => {
        const form = event.target;
        if (form instanceof HTMLFormElement && form.matches('[data-live]')) {
            event.preventDefault();
            queue = queue.then(() => send(form));
        }
    });
}
