// Readings that are logged by hand go into a store on this device first and leave it when the server has them: each exactly once (the
// id is made here and is unique in the database), in order. What the server asks about or refuses is shown and kept until it is settled.
import { openDB } from 'idb';
import { refreshPage } from './live-stream.js';

const RETRY_MS = 10_000;
const forms = 'form[data-reading]';

let opened = null;
const store = () => (opened ??= openDB('pebblefell', 1, {
    upgrade: (db) => db.createObjectStore('readings', { keyPath: 'n', autoIncrement: true }),
}));

/** Random, version 4; crypto.randomUUID is there on https and localhost only. */
function uuid() {
    const b = crypto.getRandomValues(new Uint8Array(16));
    b[6] = (b[6] & 0x0f) | 0x40;
    b[8] = (b[8] & 0x3f) | 0x80;
    const hex = [...b].map((v) => v.toString(16).padStart(2, '0')).join('');
    return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-${hex.slice(12, 16)}-${hex.slice(16, 20)}-${hex.slice(20)}`;
}

const who = () => document.querySelector(forms)?.dataset.who ?? '';
const mine = async () => (await (await store()).getAll('readings')).filter((r) => r.who === who());
let token = null;
let sending = false;
let trouble = '';

async function freshToken() {
    const answer = await fetch(location.pathname, { headers: { Accept: 'text/html', 'X-Background': 'token' }, credentials: 'same-origin' });
    token = new DOMParser().parseFromString(await answer.text(), 'text/html').querySelector('input[name=_token]')?.value ?? null;
}

const post = (reading) => fetch(reading.url, {
    method: 'POST',
    credentials: 'same-origin',
    headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-CSRF-TOKEN': token ?? document.querySelector('input[name=_token]')?.value ?? '' },
    body: JSON.stringify(reading.fields),
});

/** Sends one; whether the next may follow. */
async function deliver(db, reading) {
    let answer = await post(reading);
    if (answer.status === 419) {
        await freshToken();
        answer = await post(reading);
    }
    if (answer.ok && !answer.redirected) {
        await db.delete('readings', reading.n);
        return true;
    }
    if (answer.status === 401 || answer.status === 419 || answer.redirected) {
        trouble = 'You are signed out: sign in again, and they go.';
        return false;
    }
    if (answer.status >= 500 || answer.status === 429) {
        trouble = 'The server is in trouble; they are tried again.';
        return false;
    }
    const said = await answer.json().catch(() => ({}));
    const faults = Object.values(said.errors ?? {}).flat();
    await db.put('readings', { ...reading, state: said.ask ? 'asked' : 'refused', message: faults[0] ?? said.message ?? `The server refuses it (${answer.status}).` });
    return true;
}

async function flush() {
    if (sending || !document.querySelector(forms)) {
        return;
    }
    sending = true;
    let sent = false;
    try {
        const db = await store();
        trouble = '';
        for (const reading of (await mine()).filter((r) => r.state === 'waits')) {
            if (!await deliver(db, reading)) {
                break;
            }
            sent = true;
            await show();
        }
    } catch {
        trouble = 'No connection; they are sent when it is back.';
    } finally {
        sending = false;
    }
    await show();
    if (sent) {
        await refreshPage();
    }
    // What was logged meanwhile goes too.
    if (trouble === '' && (await mine()).some((r) => r.state === 'waits')) {
        flush();
    }
}

const element = (name, text, more = {}) => Object.assign(document.createElement(name), { textContent: text, ...more });

async function show() {
    const place = document.querySelector('[data-unsent]');
    if (!place) {
        return;
    }
    const readings = await mine();
    const waiting = readings.filter((r) => r.state === 'waits').length;
    place.hidden = readings.length === 0;
    place.dataset.unsent = String(waiting);
    const words = waiting === 0 ? '' : `${waiting} ${waiting === 1 ? 'reading is' : 'readings are'} on this device and not sent yet. ${trouble}`;
    place.replaceChildren(...(words ? [element('p', words, { className: 'unsent' })] : []), ...readings.filter((r) => r.state !== 'waits').map((r) => {
        const line = element('div', `${r.what}, ${r.fields.volts} V at ${new Date(r.fields.read_at).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' })}: ${r.message} `, { className: 'unsent' });
        const settle = (label, act) => line.append(element('button', label, { className: 'btn plain', type: 'button', onclick: act }), ' ');
        if (r.state === 'asked') {
            settle('It is so', async () => {
                await (await store()).put('readings', { ...r, state: 'waits', fields: { ...r.fields, sure: true } });
                flush();
            });
        }
        settle('Throw it away', async () => {
            await (await store()).delete('readings', r.n);
            show();
        });
        return line;
    }));
}

async function keep(form) {
    const fields = Object.fromEntries([...new FormData(form)].filter(([name]) => !name.startsWith('_')));
    const reading = { url: form.action, who: form.dataset.who, what: form.dataset.reading, state: 'waits', fields: { ...fields, sure: Boolean(fields.sure), client_id: uuid(), read_at: new Date().toISOString() } };
    await (await store()).add('readings', reading);
    // Only what is stored leaves the form.
    form.querySelectorAll('input:not([type=hidden])').forEach((field) => {
        field.value = '';
        field.checked = false;
        delete field.dataset.dirty;
    });
    await show();
    flush();
}

/** The page and what it is made of are kept for the time without a network; the worker says when they are. */
async function keepPage() {
    if (!('serviceWorker' in navigator)) {
        return;
    }
    await navigator.serviceWorker.register('/balance-sw.js');
    const { active } = await navigator.serviceWorker.ready;
    const parts = performance.getEntriesByType('resource').map((r) => new URL(r.name)).filter((u) => u.origin === location.origin && u.pathname.startsWith('/build/')).map((u) => u.pathname);
    navigator.serviceWorker.addEventListener('message', (event) => {
        if (event.data === 'kept') {
            document.documentElement.dataset.offlineReady = 'yes';
        }
    });
    active?.postMessage({ keep: [location.pathname, ...new Set(parts)] });
}

export function readingQueue() {
    if (location.pathname === '/sign-in') {
        // Nobody is signed in: no page of a job stays behind on this device. Unsent readings do.
        window.caches?.keys().then((names) => names.forEach((name) => caches.delete(name))).catch(() => {});
        return;
    }
    document.addEventListener('submit', (event) => {
        const form = event.target;
        if (!(form instanceof HTMLFormElement) || !form.matches(forms) || !window.indexedDB) {
            return;
        }
        event.preventDefault();
        const volts = form.elements.volts;
        volts.setCustomValidity(/^\s*[-−+]?\d*[.,]?\d+\s*$/.test(volts.value) ? '' : 'Volts, as read: 13.42');
        volts.addEventListener('input', () => volts.setCustomValidity(''), { once: true });
        if (!form.reportValidity()) {
            return;
        }
        if (form.getAttribute('aria-busy') !== 'true') {
            form.setAttribute('aria-busy', 'true');
            keep(form).finally(() => form.removeAttribute('aria-busy'));
            volts.focus();
        }
    });
    document.addEventListener('input', (event) => {
        if (event.target instanceof HTMLElement && event.target.closest(forms)) {
            event.target.dataset.dirty = 'yes';
        }
    });
    if (document.querySelector(forms)) {
        keepPage().catch(() => {});
        document.addEventListener('page:morphed', show);
        window.addEventListener('online', flush);
        window.setInterval(async () => {
            if ((await mine()).some((r) => r.state === 'waits')) {
                flush();
            }
        }, RETRY_MS);
        flush();
    }
}
