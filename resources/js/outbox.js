// The outbox: what is typed without a network, or faster than the network, is kept on this device first and leaves it when the server has it:
// each exactly once (the id is made here and is unique in the database), in order, from whatever page is open. What the server asks about or refuses is
// shown where it was typed and kept until it is settled. A form takes part by data-outbox (what it is about); its answer is JSON.
import { openDB } from 'idb';
import { give } from './live.js';
import { refreshPage } from './live-stream.js';

const RETRY_MS = 10_000;
// The longer side of a picture that is sent. Chosen: a screen's figures stay readable.
const PICTURE_PX = 1800;
const FORMS = 'form[data-outbox]';
// What was typed is written here at once, before the store has answered: a page that is left meanwhile loses nothing.
const JOURNAL = 'pebblefell-outbox';

const store = openDB('pebblefell', 2, {
    upgrade: async (db, from, _to, change) => {
        const items = db.createObjectStore('items', { keyPath: 'n', autoIncrement: true });
        items.createIndex('id', 'id', { unique: true });
        if (from === 1) {
            for (const reading of await change.objectStore('readings').getAll()) {
                delete reading.n;
                await items.add({ ...reading, id: reading.fields.client_id });
            }
            db.deleteObjectStore('readings');
        }
    },
});

/** Random, version 4; crypto.randomUUID is there on https and localhost only. */
function uuid() {
    const b = crypto.getRandomValues(new Uint8Array(16));
    b[6] = (b[6] & 0x0f) | 0x40;
    b[8] = (b[8] & 0x3f) | 0x80;
    const hex = [...b].map((v) => v.toString(16).padStart(2, '0')).join('');
    return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-${hex.slice(12, 16)}-${hex.slice(16, 20)}-${hex.slice(20)}`;
}

const journal = {
    read: () => JSON.parse(localStorage.getItem(JOURNAL) ?? '[]'),
    write: (items) => localStorage.setItem(JOURNAL, JSON.stringify(items)),
    add: (item) => journal.write([...journal.read(), item]),
    drop: (id) => journal.write(journal.read().filter((item) => item.id !== id)),
};

/** Whose it is: who writes here, else who is signed in; a page that asks nothing sends what was typed on another. */
const who = () => document.querySelector(FORMS)?.dataset.who ?? document.body.dataset.who ?? null;
const stored = async () => (await (await store).getAll('items')).filter((item) => item.who === who());
/** What is kept here, with what was typed while the store was being filled. The journal is read first: what leaves it is in the store by then. */
const kept = async () => {
    const typed = journal.read();
    const known = await stored();
    return [...known, ...typed.filter((item) => item.who === who() && !known.some((k) => k.id === item.id))];
};
/** What is to be sent. */
export const waiting = async () => (await kept()).filter((item) => item.state === 'waits').map((item) => item.fields);
const waits = async () => (await waiting()).length > 0;

/** Forms that something was typed into on this page: not an attribute, which a page that comes from the server takes away. */
const typedIn = new WeakSet();

let token = null;
let sending = false;
let trouble = '';
let storing = Promise.resolve();

/** From the journal into the store, in the order in which they were typed. */
function takeIn() {
    storing = storing.then(async () => {
        const db = await store;
        for (const item of journal.read()) {
            if (!await db.getFromIndex('items', 'id', item.id)) {
                await db.add('items', item);
            }
            journal.drop(item.id);
        }
    });
    return storing;
}

async function freshToken() {
    const answer = await fetch(location.pathname, { headers: { Accept: 'text/html', 'X-Background': 'token' }, credentials: 'same-origin' });
    token = new DOMParser().parseFromString(await answer.text(), 'text/html').querySelector('input[name=_token]')?.value ?? null;
}

function post(item) {
    // Its own clock goes along: the server puts the moment right by it.
    const fields = { ...item.fields, device_now: new Date().toISOString() };
    const headers = { Accept: 'application/json', 'X-CSRF-TOKEN': token ?? document.querySelector('input[name=_token]')?.value ?? '' };
    let body = JSON.stringify(fields);
    if (item.picture) {
        body = new FormData();
        // A form knows no true and false.
        Object.entries(fields).forEach(([name, value]) => body.append(name, typeof value === 'boolean' ? String(Number(value)) : String(value)));
        body.append('photo', new Blob([item.picture], { type: 'image/jpeg' }), 'picture.jpg');
    } else {
        headers['Content-Type'] = 'application/json';
    }
    return fetch(item.url, { method: 'POST', credentials: 'same-origin', headers, body });
}

/** By the server's clock, told with each answer, this device's is so much ahead, ms. */
let ahead = 0;

function readClock(answer) {
    const told = Date.parse(answer.headers.get('Date') ?? '');
    ahead = Number.isNaN(told) ? ahead : Date.now() - told;
}

function clockSays() {
    const minutes = Math.round(Math.abs(ahead) / 60_000);
    return minutes < 2 ? '' : `The clock of this device is ${minutes} minutes ${ahead > 0 ? 'fast' : 'slow'}. Times are put right when they are sent. `;
}

/** Sends one; whether the next may follow. */
async function deliver(db, item) {
    let answer = await post(item);
    readClock(answer);
    if (answer.status === 419) {
        await freshToken();
        answer = await post(item);
    }
    if (answer.ok && !answer.redirected) {
        give();
        await db.delete('items', item.n);
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
    await db.put('items', { ...item, state: said.ask ? 'asked' : 'refused', message: faults[0] ?? said.message ?? `The server refuses it (${answer.status}).` });
    return true;
}

async function flush() {
    if (sending || who() === null) {
        return;
    }
    sending = true;
    let sent = false;
    try {
        await takeIn();
        const db = await store;
        trouble = '';
        for (const item of (await stored()).filter((i) => i.state === 'waits')) {
            if (!await deliver(db, item)) {
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
    // What was typed meanwhile goes too.
    if (trouble === '' && await waits()) {
        flush();
    }
}

const element = (name, text, more = {}) => Object.assign(document.createElement(name), { textContent: text, ...more });
const at = (item) => new Date(item.fields.read_at).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' });

function settled(item) {
    const line = element('div', `${item.what}, ${item.says} at ${at(item)}: ${item.message} `, { className: 'unsent' });
    const button = (label, act) => line.append(element('button', label, { className: 'btn plain', type: 'button', onclick: act }), ' ');
    if (item.state === 'asked') {
        button('It is so', async () => {
            await (await store).put('items', { ...item, state: 'waits', fields: { ...item.fields, sure: true } });
            flush();
        });
    }
    button('Throw it away', async () => {
        await (await store).delete('items', item.n);
        show();
    });
    return line;
}

async function show() {
    const place = document.querySelector('[data-unsent]');
    if (!place) {
        return;
    }
    const items = await kept();
    const waiting = items.filter((item) => item.state === 'waits');
    place.hidden = items.length === 0 && clockSays() === '';
    place.dataset.unsent = String(waiting.length);
    const words = `${waiting.length} ${waiting.length === 1 ? 'is' : 'are'} on this device and not sent yet. ${trouble}`;
    place.replaceChildren(...(clockSays() ? [element('p', clockSays(), { className: 'unsent' })] : []), ...(waiting.length > 0 ? [element('p', words, { className: 'unsent' })] : []), ...items.filter((item) => item.state !== 'waits').map(settled));
    document.querySelectorAll(FORMS).forEach((form) => {
        const said = form.querySelector('[data-outbox-said]');
        if (said && typedIn.has(form)) {
            said.textContent = waiting.some((item) => item.url === form.action) ? 'waiting' : 'stored';
        }
    });
}

/** Small enough for a thin network, as bytes: a store on some phones keeps no files. */
async function shrunk(file) {
    const image = await createImageBitmap(file, { imageOrientation: 'from-image' });
    const times = Math.min(1, PICTURE_PX / Math.max(image.width, image.height));
    const canvas = Object.assign(document.createElement('canvas'), { width: Math.round(image.width * times), height: Math.round(image.height * times) });
    canvas.getContext('2d').drawImage(image, 0, 0, canvas.width, canvas.height);
    const blob = await new Promise((done) => canvas.toBlob(done, 'image/jpeg', 0.85));
    return blob.arrayBuffer();
}

/** A picture goes straight into the store: the journal holds only what is typed. Whether it is kept there. */
async function keepPicture(item, file) {
    const picture = await shrunk(file).catch(() => null);
    const row = picture ? { ...item, picture } : { ...item, state: 'refused', message: 'The picture cannot be read on this device.' };
    try {
        await (await store).add('items', row);
        return true;
    } catch {
        return false;
    }
}

/** Where this device keeps nothing more: what is typed goes as the form is, and without a network it stays in the form. */
function sendAsItIs(form) {
    // Whoever goes on to the next step on its account does not.
    form.dataset.unkept = 'yes';
    if (navigator.onLine) {
        form.submit();
        return;
    }
    trouble = 'This device has no room left: what you typed is not kept, and stays in its form. Send it when there is a network.';
    const place = document.querySelector('[data-unsent]');
    if (place) {
        place.hidden = false;
        place.replaceChildren(element('p', trouble, { className: 'unsent', role: 'alert' }));
    }
}

/** The form is empty, for the next. */
function empty(form) {
    delete form.dataset.unkept;
    typedIn.add(form);
    form.querySelectorAll('input:not([type=hidden])').forEach((field) => {
        // What is the same for the next, such as a value that is planned, stays.
        field.value = 'keepsValue' in form.dataset ? field.value : '';
        field.checked = false;
        delete field.dataset.dirty;
    });
    show().catch(() => {});
    flush();
}

/** Takes what stands in the form, once it is kept on this device. */
function keep(form) {
    const sent = [...new FormData(form)].filter(([name]) => !name.startsWith('_'));
    const fields = Object.fromEntries(sent.filter(([, value]) => typeof value === 'string'));
    const file = sent.find(([, value]) => value instanceof File && value.size > 0)?.[1];
    const id = uuid();
    const says = form.dataset.outboxSays.replaceAll(/\{(\w+)\}/g, (_, name) => fields[name] ?? '');
    const item = { id, url: form.action, who: form.dataset.who, what: form.dataset.outbox, says, state: 'waits', fields: { ...fields, sure: Boolean(fields.sure), client_id: id, read_at: new Date().toISOString() } };
    if (file) {
        keepPicture(item, file).then((isKept) => (isKept ? empty(form) : sendAsItIs(form)));
        return;
    }
    try {
        journal.add(item);
    } catch {
        sendAsItIs(form);
        return;
    }
    empty(form);
}

/** The page and what it is made of are kept for the time without a network; the worker says when they are. */
async function keepPage() {
    if (!('serviceWorker' in navigator)) {
        return;
    }
    await navigator.serviceWorker.register('/offline.js');
    const { active } = await navigator.serviceWorker.ready;
    const parts = performance.getEntriesByType('resource').map((r) => new URL(r.name)).filter((u) => u.origin === location.origin && u.pathname.startsWith('/build/')).map((u) => u.pathname);
    navigator.serviceWorker.addEventListener('message', (event) => {
        if (event.data === 'kept') {
            document.documentElement.dataset.offlineReady = 'yes';
        }
    });
    // A private link opens by its signature alone.
    const signed = document.querySelector('[data-keep-page=signed]') ? location.search : '';
    active?.postMessage({ keep: location.pathname + signed, parts: [...new Set(parts)] });
}

export function outbox() {
    if (location.pathname === '/sign-in') {
        // Nobody is signed in: no page of a job stays behind on this device. What is unsent does.
        window.caches?.keys().then((names) => names.forEach((name) => caches.delete(name))).catch(() => {});
        return;
    }
    document.addEventListener('submit', (event) => {
        const form = event.target;
        if (form instanceof HTMLFormElement && form.matches(FORMS) && window.indexedDB) {
            event.preventDefault();
            keep(form);
            form.querySelector('input:not([type=hidden])')?.focus();
        }
    });
    // A picture that was taken goes by itself.
    document.addEventListener('change', (event) => {
        if (event.target instanceof HTMLInputElement && event.target.type === 'file' && event.target.files?.length && event.target.closest(FORMS)) {
            event.target.form.requestSubmit();
        }
    });
    document.addEventListener('input', (event) => {
        if (event.target instanceof HTMLElement && event.target.closest(FORMS)) {
            event.target.dataset.dirty = 'yes';
        }
    });
    if (document.querySelector(`${FORMS}, [data-keep-page]`)) {
        keepPage().catch(() => {});
    }
    if (who() !== null && window.indexedDB) {
        document.addEventListener('page:morphed', () => show().catch(() => {}));
        window.addEventListener('online', flush);
        window.setInterval(async () => {
            if (await waits()) {
                flush();
            }
        }, RETRY_MS);
        flush();
    }
}
