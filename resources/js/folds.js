// A fold that was opened, or closed, stays so on this device, unless it is one of a list that grows: the cookie "folds" names the open ones, so that the server makes and sends what
// they hold. What a fold that was closed holds is asked for when it is opened.
const page = () => location.pathname.split('/').pop();
const kept = () => new Set(decodeURIComponent(document.cookie.match(/(?:^|; )folds=([^;]*)/)?.[1] ?? '').split(' ').filter(Boolean));

function keep(fold) {
    if ('foldPassing' in fold.dataset) {
        return;
    }
    const open = kept();
    const name = `${page()}.${fold.dataset.fold}`;
    open.delete('all');
    open[fold.open ? 'add' : 'delete'](name);
    document.cookie = `folds=${encodeURIComponent([...open].slice(-60).join(' '))}; path=/; max-age=31536000; samesite=lax`;
}

// Its own: a closed fold within it is empty for itself.
const isEmpty = (body) => Boolean(body?.querySelector(':scope > [data-fold-empty]'));

export async function fill(fold) {
    if (!isEmpty(fold.querySelector(':scope > .fold-body')) || fold.getAttribute('aria-busy') === 'true') {
        return;
    }
    fold.setAttribute('aria-busy', 'true');
    try {
        const url = new URL(location.href);
        url.searchParams.set('fold', fold.dataset.fold);
        url.hash = '';
        const answer = await fetch(url, { headers: { Accept: 'text/html' }, credentials: 'same-origin' });
        const body = new DOMParser().parseFromString(await answer.text(), 'text/html').querySelector(`#${CSS.escape(fold.id)} > .fold-body`);
        if (body === null || isEmpty(body)) {
            return;
        }
        fold.querySelector(':scope > .fold-body').replaceWith(document.importNode(body, true));
        document.dispatchEvent(new CustomEvent('page:morphed'));
    } finally {
        fold.removeAttribute('aria-busy');
    }
}

export function folds() {
    const all = () => document.querySelectorAll('details[data-fold]');
    document.addEventListener('toggle', (event) => {
        const fold = event.target;
        if (fold instanceof HTMLDetailsElement && 'fold' in fold.dataset) {
            keep(fold);
            if (fold.open) {
                fill(fold).catch(() => document.querySelector('[data-offline]')?.removeAttribute('hidden'));
            }
        }
    }, true);
    // What was asked for before a fold was opened comes without what it holds.
    document.addEventListener('page:morphed', () => all().forEach((fold) => {
        if (fold.open) {
            fill(fold).catch(() => document.querySelector('[data-offline]')?.removeAttribute('hidden'));
        }
    }));
    const goal = location.hash.replace(/[^#\w-]/g, '');
    const isThere = goal.length < 2 || document.querySelector(goal) !== null;
    all().forEach(async (fold) => {
        if (goal.length > 1 && (fold.matches(goal) || fold.querySelector(goal) !== null)) {
            fold.open = true;
        } else if (!isThere) {
            // What the address names lies in a fold that was not sent.
            await fill(fold);
            if (fold.querySelector(goal) !== null) {
                fold.open = true;
                fold.querySelector(goal).scrollIntoView();
            }
        }
    });
}
