// Panels on the drawn roof are dragged, or moved with the arrow keys (5 cm) and turned with r; the form beneath is then sent.
const STEP_M = 0.05;

const form = () => document.querySelector('form[data-roof-form]');
const fields = (uid) => ['x', 'y', 'turned'].map((name) => form()?.elements[`at[${uid}][${name}]`]);

function move(panel, alongM, acrossM) {
    const [x, y] = fields(panel.dataset.panel);
    if (!x) {
        return;
    }
    const moved = (field, by) => { field.value = String(Math.max(0, Math.round((Number(field.value.replace(',', '.')) + by) * 100) / 100)); };
    moved(x, alongM);
    moved(y, acrossM);
    form().requestSubmit(form().querySelector('button:not([name])'));
}

export function roof() {
    let drag = null;
    document.addEventListener('pointerdown', (event) => {
        const panel = event.target instanceof Element ? event.target.closest('[data-panel]') : null;
        if (panel && form()) {
            event.preventDefault();
            panel.focus();
            drag = { panel, x: event.clientX, y: event.clientY };
        }
    });
    document.addEventListener('pointermove', (event) => {
        if (drag) {
            const scale = drag.panel.ownerSVGElement.getScreenCTM().a;
            drag.panel.setAttribute('transform', `translate(${(event.clientX - drag.x) / scale} ${(event.clientY - drag.y) / scale})`);
        }
    });
    document.addEventListener('pointerup', (event) => {
        if (!drag) {
            return;
        }
        const { panel, x, y } = drag;
        drag = null;
        const svg = panel.ownerSVGElement;
        const metre = 1000 * Number(svg.dataset.scale) * svg.getScreenCTM().a;
        const [right, down] = [(event.clientX - x) / metre, (event.clientY - y) / metre];
        if (Math.hypot(right, down) < 0.01) {
            panel.removeAttribute('transform');
            return;
        }
        move(panel, ...(svg.dataset.upright === 'yes' ? [down, right] : [right, down]));
    });
    document.addEventListener('keydown', (event) => {
        const panel = event.target instanceof Element ? event.target.closest('[data-panel]') : null;
        if (!panel || !form()) {
            return;
        }
        const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
        if (way) {
            event.preventDefault();
            const [right, down] = way;
            move(panel, ...(panel.ownerSVGElement.dataset.upright === 'yes' ? [down * STEP_M, right * STEP_M] : [right * STEP_M, down * STEP_M]));
        } else if (event.key === 'r') {
            event.preventDefault();
            event.stopPropagation();
            const [, , turned] = fields(panel.dataset.panel);
            turned.checked = !turned.checked;
            move(panel, 0, 0);
        }
    }, true);
}
