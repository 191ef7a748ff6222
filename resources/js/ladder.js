// A rung of the ladder is dragged, or moved with the arrow keys; the form beneath is then sent with what it stands at.
const form = () => document.querySelector('form[data-ladder-form]');
const rungAt = (event) => (event.target instanceof Element ? event.target.closest('[data-rung][tabindex]') : null);

function show(rung, volts) {
    const svg = rung.ownerSVGElement;
    const perVolt = Number(svg.dataset.height) / Number(svg.dataset.volts);
    for (const knob of rung.querySelectorAll('.knob, .grip')) {
        knob.setAttribute('transform', `translate(0 ${(Number(rung.dataset.was) - volts) * perVolt})`);
    }
    rung.querySelector('[data-value]').textContent = volts.toFixed(2).replace(/0$/, '');
    rung.setAttribute('aria-valuenow', String(volts));
    rung.dataset.now = String(volts);
}

function send(rung) {
    const fields = form()?.elements;
    if (!fields || rung.dataset.now === undefined || Number(rung.dataset.now) === Number(rung.dataset.was)) {
        return;
    }
    fields.rung.value = rung.dataset.rung;
    fields.volts.value = rung.dataset.now;
    fields.was.value = rung.dataset.planned;
    form().requestSubmit();
}

export function ladder() {
    let drag = null;
    let later = 0;
    const stepped = (rung, volts) => Math.round(volts / Number(rung.dataset.step)) * Number(rung.dataset.step);
    document.addEventListener('pointerdown', (event) => {
        const rung = rungAt(event);
        if (rung && form()) {
            event.preventDefault();
            rung.focus();
            drag = { rung, y: event.clientY, from: Number(rung.dataset.now ?? rung.dataset.was) };
        }
    });
    document.addEventListener('pointermove', (event) => {
        if (!drag) {
            return;
        }
        const svg = drag.rung.ownerSVGElement;
        const perVolt = (Number(svg.dataset.height) / Number(svg.dataset.volts)) * svg.getScreenCTM().a;
        show(drag.rung, Math.round(stepped(drag.rung, drag.from + (drag.y - event.clientY) / perVolt) * 100) / 100);
    });
    document.addEventListener('pointerup', () => {
        if (drag) {
            send(drag.rung);
            drag = null;
        }
    });
    document.addEventListener('keydown', (event) => {
        const rung = rungAt(event);
        const way = { ArrowUp: 1, ArrowDown: -1 }[event.key];
        if (!rung || !way || !form()) {
            return;
        }
        event.preventDefault();
        show(rung, Math.round((Number(rung.dataset.now ?? rung.dataset.was) + way * Number(rung.dataset.step)) * 100) / 100);
        clearTimeout(later);
        later = setTimeout(() => send(rung), 500);
    });
}
