// Closing menus by a click elsewhere, copying a link, showing that a form is on its way.

const PROGRESS_MS = 1000;

/** A progress bar asks how far it is, which keeps the work going, until it is done. */
function progress() {
    const bar = document.querySelector('[data-progress]');
    if (!bar) {
        return;
    }
    const ask = async () => {
        try {
            const answer = await (await fetch(bar.dataset.progress, { headers: { Accept: 'application/json', 'X-Background': 'progress' } })).json();
            bar.value = answer.percent;
            document.querySelector('[data-progress-says]').textContent = `${answer.percent} %, ${answer.rows} rows`;
            if (answer.read) {
                location.reload();
                return;
            }
        } catch {
            // Asked again.
        }
        setTimeout(ask, PROGRESS_MS);
    };
    ask();
}

export function smallThings() {
    progress();
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
