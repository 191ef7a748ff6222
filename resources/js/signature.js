// A signature drawn with finger, pen or mouse: strokes of whole numbers in the pad's own box, as the server wants them. Without scripts a name
// is typed alone.
const clamp = (v, most) => Math.max(0, Math.min(most, Math.round(v)));

export function signature() {
    const pad = document.querySelector('[data-pad]');
    if (!pad) {
        return;
    }
    const svg = pad.querySelector('[data-pad-svg]');
    const path = svg.querySelector('path');
    const field = pad.closest('form').querySelector('[data-strokes]');
    const { width, height } = svg.viewBox.baseVal;
    let drawing = false;
    let last = '';
    pad.hidden = false;
    const at = (event) => {
        const box = svg.getBoundingClientRect();
        return `${clamp(((event.clientX - box.left) / box.width) * width, width)} ${clamp(((event.clientY - box.top) / box.height) * height, height)}`;
    };
    const add = (letter, point) => {
        if (letter === 'L' && point === last) {
            return;
        }
        last = point;
        field.value += letter + point;
        path.setAttribute('d', field.value);
    };
    svg.addEventListener('pointerdown', (event) => {
        event.preventDefault();
        svg.setPointerCapture(event.pointerId);
        drawing = true;
        add('M', at(event));
    });
    svg.addEventListener('pointermove', (event) => drawing && add('L', at(event)));
    ['pointerup', 'pointercancel'].forEach((name) => svg.addEventListener(name, () => { drawing = false; }));
    const clear = () => {
        field.value = '';
        path.setAttribute('d', '');
    };
    pad.querySelector('[data-pad-clear]').addEventListener('click', clear);
    // What was signed has left for the outbox.
    pad.closest('form').addEventListener('submit', () => setTimeout(clear, 0));
}
