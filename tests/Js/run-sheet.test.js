// The run sheet on a phone: a gate opens only by a reading within its limits, also without a network; nothing behind a shut one can be noted.
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { device, leave, until } from './help.js';

const waits = vi.hoisted(() => ({ list: [] }));
vi.mock('../../resources/js/live-stream.js', () => ({ refreshPage: vi.fn() }));
vi.mock('../../resources/js/outbox.js', () => ({ waiting: async () => waits.list }));

const step = (key, { gates = '', low = '', high = '', shut = '' } = {}) => `<section class="run-step" id="step-${key}" data-gates="${gates}" data-shut="${shut}" data-part="" data-picture="" data-unit="">
    <h2 tabindex="-1">${key}</h2><p class="run-closed" hidden>shut</p>
    <form data-outbox="x" data-gate="${gates}" data-low="${low}" data-high="${high}"><input name="value"><button class="btn large">Done</button></form></section>`;
const page = `<div data-run-sheet data-next="0"></div><nav data-run-nav hidden></nav>${step('prove', { gates: 'yes', low: '-0.5', high: '0.5' })}${step('lift')}${step('join', { gates: 'yes', low: '12.8', high: '14.6' })}${step('close')}`;

beforeEach(async () => {
    window.scrollTo = () => {};
    globalThis.CSS ??= { escape: (text) => text };
    waits.list = [];
    location.hash = '';
    await device(page);
});
afterEach(leave);

const shown = () => [...document.querySelectorAll('.run-step')].filter((s) => !s.hidden).map((s) => s.id);
const isShut = (key) => document.querySelector(`#step-${key} .btn`).disabled;
const note = async (key, value) => {
    const form = document.querySelector(`#step-${key} form`);
    form.elements.value.value = value;
    form.addEventListener('submit', (event) => event.preventDefault(), { once: true });
    form.dispatchEvent(new Event('submit', { bubbles: true, cancelable: true }));
    await new Promise((done) => { setTimeout(done, 5); });
};

async function open() {
    const { runSheet } = await import('../../resources/js/run-sheet.js');
    runSheet();
    await new Promise((done) => { setTimeout(done, 5); });
}

test('behind a gate everything is shut until it was measured within its limits', async () => {
    await open();
    document.dispatchEvent(new CustomEvent('page:morphed'));
    expect([isShut('prove'), isShut('lift'), isShut('join'), isShut('close')]).toEqual([false, true, true, true]);
    await note('prove', '12.9');
    expect(isShut('lift')).toBe(true);
    expect(shown()).toEqual(['step-prove']);
    await note('prove', '0,02');
    expect([isShut('lift'), isShut('join'), isShut('close')]).toEqual([false, false, true]);
    expect(shown()).toEqual(['step-lift']);
    // Measured again, and it is live: shut again.
    await note('prove', '13.1');
    expect(isShut('lift')).toBe(true);
    await note('prove', '');
    expect(isShut('lift')).toBe(true);
});

test('what waits on the device for a network opens its gate, and only by a reading that fits', async () => {
    waits.list = [{ step: 'prove', value: '0.1' }, { step: 'join', value: '10.0' }];
    await open();
    await until(() => !isShut('lift'));
    expect([isShut('join'), isShut('close')]).toEqual([false, true]);
    waits.list = [{ step: 'prove', value: '0.1' }, { step: 'prove', value: '12.0' }];
    document.dispatchEvent(new CustomEvent('page:morphed'));
    await until(() => isShut('lift'));
});

test('keys go on and back, and stop at the ends', async () => {
    await open();
    const press = (key) => document.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
    press('ArrowLeft');
    expect(shown()).toEqual(['step-prove']);
    ['ArrowRight', 'ArrowRight', 'ArrowRight', 'ArrowRight'].forEach(press);
    expect(shown()).toEqual(['step-close']);
    document.querySelector('#step-close input').focus();
    press('ArrowLeft');
    expect(shown()).toEqual(['step-close']);
});
