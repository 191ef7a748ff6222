// Closing menus by a click elsewhere, copying a link, showing that a form is on its way.

export function smallThings() {
    document.addEventListener('click', (event) => {
        if (!(event.target instanceof Element)) {
            return;
        }
        document.querySelectorAll('details.menu[open], details.how[open]').forEach((details) => {
            if (!details.contains(event.target)) {
                details.open = false;
            }
        });
        const copy = event.target.closest('[data-copy]');
        if (copy instanceof HTMLElement) {
            navigator.clipboard?.writeText(copy.dataset.copy ?? '').then(() => {
                copy.textContent = 'Copied';
            });
        }
    });

    // A fold that was opened, or closed, stays so on this device; one that must be seen is open whatever was.
    document.querySelectorAll('details[data-fold]').forEach((fold) => {
        const key = `fold:${location.pathname.replace(/\d+/g, 'n')}:${fold.dataset.fold}`;
        const kept = localStorage.getItem(key);
        if (kept !== null && !('foldOpen' in fold.dataset)) {
            fold.open = kept === 'open';
        }
        if (location.hash !== '' && fold.querySelector(location.hash.replace(/[^#\w-]/g, ''))) {
            fold.open = true;
        }
        fold.addEventListener('toggle', () => localStorage.setItem(key, fold.open ? 'open' : 'closed'));
    });

    document.addEventListener('submit', (event) => {
        const form = event.target;
        if (form instanceof HTMLFormElement && !form.matches('[data-live], [data-outbox]')) {
            window.setTimeout(() => form.querySelectorAll('button:not([name])').forEach((button) => { button.disabled = true; }), 0);
        }
    });
    window.addEventListener('pageshow', (event) => {
        if (event.persisted) {
            document.querySelectorAll('button:disabled').forEach((button) => { button.disabled = false; });
        }
    });
}
