// The outbox on a device of its own: what is typed leaves it once, in order, and is told of until it is settled.
import { afterEach, expect, test, vi } from 'vitest';
import { IDBFactory } from 'fake-indexeddb';
import { openDB } from 'idb';
import { device, form, leave, said, server, submit, until } from './help.js';

vi.mock('../../resources/js/live-stream.js', () => ({ refreshPage: vi.fn() }));

async function open() {
    const { outbox, waiting } = await import('../../resources/js/outbox.js');
    outbox();
    return waiting;
}

function type(value) {
    document.querySelector('[name=value]').value = value;
    submit('f');
}

afterEach(async () => {
    await leave();
    vi.restoreAllMocks();
    vi.unstubAllGlobals();
});

test('what is typed without a network leaves once, in order, when there is one', async () => {
    await device(form(''));
    server(null);
    const waiting = await open();
    ['13.1', '13.2', '13.3'].forEach(type);
    await until(() => said().includes('3 are on this device') && said().includes('No connection'));
    expect((await waiting()).map((f) => f.value)).toEqual(['13.1', '13.2', '13.3']);
    const sent = server({ status: 200 });
    window.dispatchEvent(new Event('online'));
    await until(() => document.querySelector('[data-unsent]').hidden);
    expect(sent.map((f) => f.value)).toEqual(['13.1', '13.2', '13.3']);
    expect(new Set(sent.map((f) => f.client_id)).size).toBe(3);
    sent.forEach((f) => {
        expect(Date.parse(f.device_now)).toBeGreaterThanOrEqual(Date.parse(f.read_at));
        expect(f._token).toBeUndefined();
    });
    window.dispatchEvent(new Event('online'));
    await new Promise((done) => { setTimeout(done, 50); });
    expect(sent).toHaveLength(3);
});

test('a page that was left before the store had it finds it in the journal, and one that is in both is sent once', async () => {
    const store = await device(form(''));
    server(null);
    await open();
    type('12.9');
    const kept = localStorage.getItem('pebblefell-outbox');
    await until(() => said().includes('1 is on this device') && said().includes('No connection'));
    // As if the page had gone between the store and the journal.
    localStorage.setItem('pebblefell-outbox', kept);
    await device(form(''), { store, keepJournal: true });
    const sent = server({ status: 200 });
    await open();
    await until(() => sent.length > 0 && document.querySelector('[data-unsent]').hidden);
    expect(sent.map((f) => f.value)).toEqual(['12.9']);
    expect(localStorage.getItem('pebblefell-outbox')).toBe('[]');
});

test('an old token is fetched anew; a server in trouble is asked again, and nothing passes by what it did not take', async () => {
    await device(form(''));
    const sent = server({ status: 419 }, { status: 200 }, { status: 503 }, { status: 200 });
    await open();
    ['13.1', '13.2', '13.3'].forEach(type);
    await until(() => said().includes('The server is in trouble'));
    expect(sent.map((f) => [f.value, f.token])).toEqual([['13.1', 'first'], ['13.1', 'fresh'], ['13.2', 'fresh']]);
    expect(sent[0].client_id).toBe(sent[1].client_id);
    window.dispatchEvent(new Event('online'));
    await until(() => document.querySelector('[data-unsent]').hidden);
    expect(sent.map((f) => f.value)).toEqual(['13.1', '13.1', '13.2', '13.2', '13.3']);
});

test('what the server asks about waits for a yes; what it refuses for a hand; the next goes on', async () => {
    await device(form(''));
    const sent = server({ status: 422, json: { ask: true, message: '1.32 V is little: 13.2 V would fit.' } }, { status: 422, json: { errors: { value: ['No such battery.'] } } }, { status: 200 });
    await open();
    ['1.32', '13.3', '13.4'].forEach(type);
    await until(() => said().includes('13.2 V would fit') && said().includes('No such battery.'));
    expect(sent.map((f) => f.value)).toEqual(['1.32', '13.3', '13.4']);
    const press = (label) => [...document.querySelectorAll('[data-unsent] button')].find((b) => b.textContent === label).click();
    press('It is so');
    await until(() => sent.length === 4 && !said().includes('would fit'));
    expect(sent[3]).toMatchObject({ value: '1.32', sure: true, client_id: sent[0].client_id });
    press('Throw it away');
    await until(() => document.querySelector('[data-unsent]').hidden);
    expect(sent).toHaveLength(4);
});

test('who is signed out keeps it; who signs in instead neither sees nor sends it', async () => {
    const store = await device(form(''));
    server({ status: 401 });
    const waiting = await open();
    type('13.1');
    await until(() => said().includes('sign in again'));
    expect(await waiting()).toHaveLength(1);
    await device(form('', { who: '8' }), { store, who: '8', keepJournal: true });
    const sent = server({ status: 200 });
    const theirs = await open();
    await new Promise((done) => { setTimeout(done, 80); });
    expect(await theirs()).toHaveLength(0);
    expect(sent).toHaveLength(0);
});

test('a device without room says so, and the form goes as it is', async () => {
    await device(form('13.1'));
    server({ status: 200 });
    await open();
    const went = vi.spyOn(HTMLFormElement.prototype, 'submit').mockImplementation(() => {});
    vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => { throw new DOMException('full', 'QuotaExceededError'); });
    submit('f');
    expect(went).toHaveBeenCalledOnce();
    expect(document.querySelector('[name=value]').value).toBe('13.1');
    vi.spyOn(navigator, 'onLine', 'get').mockReturnValue(false);
    submit('f');
    expect(went).toHaveBeenCalledOnce();
    expect(said()).toContain('no room left');
});

test('what an earlier release kept is taken over, once', async () => {
    const store = new IDBFactory();
    vi.stubGlobal('indexedDB', store);
    const old = await openDB('pebblefell', 1, { upgrade: (db) => { db.createObjectStore('readings', { keyPath: 'n', autoIncrement: true }); } });
    await old.add('readings', { url: 'http://pebblefell.test/x', who: '7', what: 'Battery 1', says: '13.3 V', state: 'waits', fields: { value: '13.3', client_id: 'a' } });
    old.close();
    await device(form(''), { store });
    const sent = server({ status: 200 });
    await open();
    await until(() => sent.length === 1);
    expect(sent[0]).toMatchObject({ value: '13.3', client_id: 'a' });
});
