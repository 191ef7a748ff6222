import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { setImmediate } from 'node:timers';
import { vi } from 'vitest';

const listening = [];
for (const target of [document, window]) {
    const add = target.addEventListener.bind(target);
    target.addEventListener = (...all) => { listening.push([target, all]); add(...all); };
}

/** What a page left behind hears nothing any more, its clocks stand, and what it had begun comes to its end: none of that waits for a clock. */
export async function leave() {
    for (let turn = 0; turn < 300; turn += 1) {
        await new Promise((done) => { setImmediate(done); });
    }
    listening.splice(0).forEach(([target, [name, act, how]]) => target.removeEventListener(name, act, how));
}

/** A device of its own: an empty store and journal, a page, and a server that a test answers for. */
export async function device(html, { store = new IDBFactory(), who = '7', keepJournal = false } = {}) {
    await leave();
    vi.resetModules();
    vi.stubGlobal('setInterval', () => 0);
    window.setInterval = () => 0;
    if (!keepJournal) {
        localStorage.clear();
    }
    vi.stubGlobal('indexedDB', store);
    window.indexedDB = store;
    document.body.dataset.who = who;
    document.body.innerHTML = `<form><input type="hidden" name="_token" value="first"></form><div data-unsent hidden></div>${html}`;
    return store;
}

/** What was sent, and what the server says to it: a status with JSON, or null where there is no network. */
export function server(...answers) {
    const sent = [];
    vi.stubGlobal('fetch', vi.fn(async (url, { method = 'GET', body, headers } = {}) => {
        if (method === 'GET') {
            return new Response('<form><input name="_token" value="fresh"></form>', { headers: { 'Content-Type': 'text/html' } });
        }
        const answer = answers.length > 1 ? answers.shift() : answers[0];
        if (answer === null) {
            throw new TypeError('no network');
        }
        sent.push({ url: String(url), token: headers['X-CSRF-TOKEN'], ...JSON.parse(body) });
        return new Response(JSON.stringify(answer.json ?? {}), { status: answer.status ?? 200, headers: { Date: new Date().toUTCString() } });
    }));
    return sent;
}

export const form = (value, { id = 'f', action = '/jobs/1/ticks', who = '7' } = {}) => `<form id="${id}" action="http://pebblefell.test${action}" method="post" data-outbox="Battery 1" data-outbox-says="{value} V" data-who="${who}"><input type="hidden" name="_token" value="first"><input name="value" value="${value}"></form>`;

export const submit = (id) => document.getElementById(id).dispatchEvent(new Event('submit', { bubbles: true, cancelable: true }));

export async function until(holds) {
    await vi.waitFor(() => {
        if (!holds()) {
            throw new Error('not yet');
        }
    }, { timeout: 5000, interval: 10 });
}

export const said = () => document.querySelector('[data-unsent]').textContent;
