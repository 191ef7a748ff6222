// Panels on the drawn roof are dragged, or moved with the arrow keys (5 cm) and turned with r; the form beneath is then sent. What stands on
// it is drawn as a rectangle on the empty roof, and is written into its field; two points of the picture and their distance set its scale.
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

const things = () => document.querySelector('form[data-roof-things]');
const round = (metres) => Math.round(metres * 100) / 100;

/** Where a pointer is in the drawing, px of the drawing. */
function place(svg, event) {
    const matrix = svg.getScreenCTM().inverse();
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
    return [point.x, point.y];
}

/** Metres from the roof's front left corner, along and across. */
function onRoof(svg, [x, y]) {
    const outline = svg.querySelector('[data-outline]');
    const metre = 1000 * Number(svg.dataset.scale);
    const [right, down] = [(x - Number(outline.getAttribute('x'))) / metre, (y - Number(outline.getAttribute('y'))) / metre];
    return svg.dataset.upright === 'yes' ? [down, right] : [right, down];
}

function write(svg, from, to) {
    const [a, b] = [onRoof(svg, from), onRoof(svg, to)];
    const [length, width] = [round(Math.abs(a[0] - b[0])), round(Math.abs(a[1] - b[1]))];
    if (length < 0.02 || width < 0.02) {
        return;
    }
    const field = things().elements.things;
    const before = field.value.trim().replace(/;$/, '');
    field.value = `${before}${before === '' ? '' : '; '}hatch ${length} x ${width} at ${round(Math.max(0, Math.min(a[0], b[0])))}, ${round(Math.max(0, Math.min(a[1], b[1])))}`;
    field.focus();
    const name = field.value.lastIndexOf('hatch');
    field.setSelectionRange(name, name + 5);
}

/** The picture's scale from two points in it and their distance. */
function measured(svg, points, metres) {
    const image = svg.querySelector('image');
    const metre = 1000 * Number(svg.dataset.scale);
    const wide = Number(image.getAttribute('width')) / metre * metres / (Math.hypot(points[0][0] - points[1][0], points[0][1] - points[1][1]) / metre);
    // The first point stays where it is.
    const factor = wide * metre / Number(image.getAttribute('width'));
    const corner = ['x', 'y'].map((side, i) => points[0][i] + (Number(image.getAttribute(side)) - points[0][i]) * factor);
    things().elements.picture.value = [...onRoof(svg, corner).map(round), round(wide)].join(', ');
    things().requestSubmit();
}

function drawing() {
    let drawn = null;
    let points = null;
    const said = (words) => { document.querySelector('[data-roof-said]').textContent = words; };
    document.addEventListener('click', (event) => {
        if (event.target instanceof Element && event.target.closest('[data-roof-measure]')) {
            points = [];
            said('Choose the first point in the picture.');
        }
    });
    document.addEventListener('pointerdown', (event) => {
        const svg = event.target instanceof Element ? event.target.closest('[data-roof]') : null;
        if (!svg || !things() || event.target.closest('[data-panel]')) {
            return;
        }
        event.preventDefault();
        if (points) {
            points.push(place(svg, event));
            const length = document.querySelector('[data-roof-length]');
            said(points.length === 1 ? 'And the second.' : 'Metres between them:');
            if (points.length === 2) {
                const chosen = points;
                points = null;
                length.hidden = false;
                length.focus();
                length.onchange = () => measured(svg, chosen, Number(length.value));
            }
            return;
        }
        const box = document.createElementNS('http://www.w3.org/2000/svg', 'rect');
        box.setAttribute('class', 'f-ink-wash s-ink');
        svg.append(box);
        drawn = { svg, box, from: place(svg, event) };
    });
    document.addEventListener('pointermove', (event) => {
        if (drawn) {
            const [x, y] = place(drawn.svg, event);
            const [ax, ay] = drawn.from;
            Object.entries({ x: Math.min(x, ax), y: Math.min(y, ay), width: Math.abs(x - ax), height: Math.abs(y - ay) }).forEach(([key, value]) => drawn.box.setAttribute(key, value));
        }
    });
    document.addEventListener('pointerup', (event) => {
        if (drawn) {
            const { svg, box, from } = drawn;
            drawn = null;
            write(svg, from, place(svg, event));
            box.remove();
        }
    });
}

export function roof() {
    drawing();
    const offer = () => document.querySelectorAll('[data-roof-measure]').forEach((button) => { button.hidden = false; });
    offer();
    document.addEventListener('page:morphed', offer);
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
