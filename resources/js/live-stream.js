// The simulated bench, or a real instrument, says by server-sent events that there is something new; the page then brings itself up to date.
import { given, morphPage } from './live.js';

let source = null;
let fetching = false;
let asked = 0;
let seen = null;

export async function refreshPage() {
    // Whoever types is not disturbed: what is in the fields stays, and what is focused too.
    asked += 1;
    if (fetching) {
        return;
    }
    fetching = true;
    try {
        let [ask, before] = [0, 0];
        do {
            [ask, before] = [asked, given()];
            const answer = await fetch(location.href, { headers: { Accept: 'text/html', 'X-Background': 'refresh' }, credentials: 'same-origin' });
            const page = answer.ok && !answer.redirected ? await answer.text() : null;
            if (page !== null && before === given()) {
                morphPage(page);
            }
        } while (ask !== asked);
    } catch {
        // The next event tries again.
    } finally {
        fetching = false;
    }
}

function attach() {
    const url = document.querySelector('[data-live-stream]')?.dataset.liveStream;
    if (!url || source?.url.endsWith(url)) {
        if (!url && source) {
            source.close();
            source = null;
        }
        return;
    }
    source?.close();
    source = new EventSource(url);
    source.addEventListener('reading', (event) => {
        // The first one says how things stand.
        if (seen !== null && seen !== event.data) {
            refreshPage();
        }
        seen = event.data;
    });
}

export function liveStream() {
    attach();
    document.addEventListener('page:morphed', attach);
    window.addEventListener('pagehide', () => source?.close());
}
