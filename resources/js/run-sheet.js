// The run sheet a step a screen: on and back by keys, swipe or press; read aloud; on by itself once a step is noted. Without it the page
// shows every step one below the other.
import { opens } from './gate.js';
import { given } from './live.js';
import { refreshPage } from './live-stream.js';
import { waiting } from './outbox.js';

/** Others work on the same sheet: their ticks are fetched so often. */
const LOOK_MS = 15_000;
const SWIPE_PX = 60;

const sheet = () => document.querySelector('[data-run-sheet]');
const steps = () => [...document.querySelectorAll('.run-step')];
const typing = () => /^(INPUT|SELECT|TEXTAREA)$/.test(document.activeElement?.tagName ?? '');

let here = null;

// The picture, and what is not as planned, have one form for all steps; here it stands at the step that is shown.
const picture = () => document.getElementById('step-picture')?.form;
const otherwise = () => document.querySelector('form[data-otherwise]');
const choices = new Map();
const typed = new Map();
let stands = null;
const written = (form) => ['value', 'what', 'is', 'note'].map((name) => form.elements[name]);

function standAt(step) {
    const title = step.querySelector('h2').textContent;
    const snap = picture();
    if (snap) {
        snap.hidden = step.dataset.picture === '';
        snap.action = step.dataset.picture;
        snap.dataset.outbox = title;
        // What it shows is said for all steps, or it is the step's own.
        snap.elements.caption.value = snap.dataset.caption || title;
    }
    const form = otherwise();
    if (!form) {
        return;
    }
    const { step: which, what, value } = form.elements;
    const key = step.id.replace(/^step-/, '');
    if (stands !== null && stands !== key) {
        // What was begun at another step waits there.
        typed.set(stands, written(form).map((field) => field.value));
    }
    what.querySelectorAll('optgroup').forEach((group) => choices.set(group.dataset.of, group));
    what.replaceChildren(what.options[0], ...(choices.has(key) ? [choices.get(key)] : []));
    if (stands !== null && stands !== key) {
        form.closest('details').open = typed.get(key)?.some((text) => text !== '') ?? false;
        written(form).forEach((field, k) => {
            field.value = typed.get(key)?.[k] ?? '';
            delete field.dataset.dirty;
        });
    }
    stands = key;
    which.value = key;
    form.dataset.outbox = title;
    which.closest('.field').hidden = true;
    value.closest('.field').hidden = !step.dataset.unit;
    value.parentElement.querySelector('.unit').textContent = step.dataset.unit;
    what.closest('.field').hidden = !choices.has(key);
    form.elements.is.closest('.field').hidden = !choices.has(key);
    form.querySelector('button').disabled = which.selectedOptions[0]?.disabled ?? true;
    const part = document.querySelector('[data-change-part]');
    part.hidden = step.dataset.part === '';
    part.querySelector('a').href = step.dataset.part;
}

function show(id, focus = false) {
    const all = steps();
    const at = all.find((step) => step.id === id) ?? all[Number(sheet().dataset.next || 0)] ?? all[0];
    here = at.id;
    standAt(at);
    all.forEach((step) => { step.hidden = step !== at; });
    sheet().dataset.one = 'yes';
    document.querySelector('[data-run-nav]')?.removeAttribute('hidden');
    document.querySelectorAll('[data-run=aloud]').forEach((button) => { button.hidden = !('speechSynthesis' in window); });
    if (focus) {
        // The heading, not the step: what has the focus is not brought up to date.
        at.querySelector('h2').focus({ preventScroll: true });
        window.scrollTo({ top: 0 });
    }
}

function move(by) {
    const all = steps();
    const at = all.findIndex((step) => step.id === here);
    const to = all[Math.min(all.length - 1, Math.max(0, at + by))];
    if (to && to.id !== here) {
        window.speechSynthesis?.cancel();
        history.replaceState(null, '', `#${to.id}`);
        show(to.id, true);
    }
}

/** What the server will say too: a reading outside of the limits that the step carries keeps the way closed. */
function passes(form, typedHere = form.querySelector('[name=value]')?.value ?? '') {
    if (form.dataset.gate !== 'yes') {
        return true;
    }
    return opens(typedHere, form.dataset.low ?? '', form.dataset.high ?? '');
}

// A gate that was measured here within its limits opens the way here, also without a network; the server looks at it again when it arrives.
let passedHere = new Set();
let measuredHere = 0;

function openHere() {
    let shut = false;
    steps().forEach((step) => {
        const closed = shut || step.dataset.shut === 'yes';
        const why = step.querySelector('.run-closed');
        if (why) {
            why.hidden = !closed;
            step.querySelectorAll('form[data-outbox] .btn.large').forEach((button) => { button.disabled = closed; });
            const option = otherwise()?.elements.step.querySelector(`option[value="${CSS.escape(step.id.replace(/^step-/, ''))}"]`);
            if (option) {
                option.disabled = closed;
            }
        }
        shut ||= step.dataset.gates === 'yes' && !passedHere.has(step.id);
    });
}

function noteGate(form) {
    const step = form.closest('.run-step');
    if (form.dataset.gate === 'yes' && step) {
        passedHere[passes(form) ? 'add' : 'delete'](step.id);
        measuredHere += 1;
        openHere();
    }
}

/** What was measured here and is still to be sent opens its gate; once it has arrived, the server's own page says what is open. */
async function gatesWaiting() {
    const [gave, measured] = [given(), measuredHere];
    const open = new Set();
    for (const { step, value } of window.indexedDB ? await waiting() : []) {
        const form = document.getElementById(`step-${step}`)?.querySelector('form[data-gate=yes]');
        if (form && value !== undefined) {
            open[passes(form, value) ? 'add' : 'delete'](`step-${step}`);
        }
    }
    // If something arrived or was measured meanwhile, it is asked again: a page that knows it follows.
    if (gave === given() && measured === measuredHere) {
        passedHere = open;
        openHere();
    }
}

export function runSheet() {
    if (!sheet()) {
        return;
    }
    gatesWaiting().catch(() => {});
    show(decodeURIComponent(location.hash.slice(1)));
    document.addEventListener('page:morphed', () => {
        if (sheet()) {
            openHere();
            show(here);
            gatesWaiting().catch(() => {});
        }
    });
    window.addEventListener('hashchange', () => show(decodeURIComponent(location.hash.slice(1)), true));
    // Before the outbox empties the form.
    document.addEventListener('submit', (event) => {
        const form = event.target;
        if (!(form instanceof HTMLFormElement) || !form.closest('.run-step, #run-otherwise') || !form.matches('[data-outbox]:not(.snap)')) {
            return;
        }
        noteGate(form);
        if (passes(form)) {
            setTimeout(() => {
                if (form.dataset.unkept) {
                    passedHere.delete(form.closest('.run-step')?.id);
                    openHere();
                    return;
                }
                if (form === otherwise()) {
                    form.elements.what.value = '';
                }
                move(1);
            }, 0);
        }
    }, true);
    document.addEventListener('click', (event) => {
        const does = event.target.closest?.('[data-run]')?.dataset.run;
        if (does === 'aloud') {
            const said = [...document.getElementById(here).querySelectorAll('h2, [data-aloud], .caution, .run-closed')].map((e) => e.textContent).join('. ');
            window.speechSynthesis.cancel();
            window.speechSynthesis.speak(new SpeechSynthesisUtterance(said));
        } else if (does === 'on' || does === 'back') {
            event.preventDefault();
            move(does === 'on' ? 1 : -1);
        }
    });
    document.addEventListener('keydown', (event) => {
        if (!typing() && !event.ctrlKey && !event.metaKey && !event.altKey && (event.key === 'ArrowRight' || event.key === 'ArrowLeft')) {
            move(event.key === 'ArrowRight' ? 1 : -1);
        }
    });
    let from = null;
    document.addEventListener('touchstart', (event) => { from = event.touches.length === 1 ? event.touches[0] : null; }, { passive: true });
    document.addEventListener('touchend', (event) => {
        const to = event.changedTouches[0];
        if (from && Math.abs(to.clientX - from.clientX) > SWIPE_PX && Math.abs(to.clientY - from.clientY) < SWIPE_PX && !typing()) {
            move(to.clientX < from.clientX ? 1 : -1);
        }
        from = null;
    }, { passive: true });
    window.setInterval(() => {
        if (!document.hidden && !typing() && navigator.onLine) {
            refreshPage();
        }
    }, LOOK_MS);
}
