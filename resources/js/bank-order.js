// A battery of the drawn bank is dragged to another place, or moved there with the arrow keys; the form with the order is then sent.

const numbers = (form) => form.elements.order.value.split(/\D+/).filter(Boolean);

function move(form, from, to) {
    const order = numbers(form);
    if (to < 0 || to >= order.length || to === from) {
        return;
    }
    order.splice(to, 0, ...order.splice(from, 1));
    form.elements.order.value = order.join(' ');
    form.requestSubmit();
}

export function bankOrder() {
    let drag = null;
    const form = () => document.querySelector('form[data-bank-order]');
    document.addEventListener('pointerdown', (event) => {
        const battery = event.target instanceof Element ? event.target.closest('[data-battery]') : null;
        if (battery && form() && !event.target.closest('a')) {
            drag = { battery, from: Number(battery.dataset.battery), x: event.clientX, y: event.clientY, down: battery.ownerSVGElement.dataset.along === 'y' };
        }
    });
    document.addEventListener('pointermove', (event) => {
        if (drag) {
            drag.battery.classList.add('dragged');
            const scale = drag.battery.ownerSVGElement.getScreenCTM().a;
            const by = (drag.down ? event.clientY - drag.y : event.clientX - drag.x) / scale;
            drag.battery.setAttribute('transform', drag.down ? `translate(0 ${by})` : `translate(${by} 0)`);
        }
    });
    document.addEventListener('pointerup', (event) => {
        if (!drag) {
            return;
        }
        const { battery, from, down } = drag;
        drag = null;
        battery.classList.remove('dragged');
        battery.removeAttribute('transform');
        const places = [...document.querySelectorAll('.bank-drawing [data-battery]')].filter((b) => b.dataset.row === battery.dataset.row);
        const centre = (b) => { const box = b.getBoundingClientRect(); return down ? box.top + box.height / 2 : box.left + box.width / 2; };
        const at = down ? event.clientY : event.clientX;
        const nearest = places.reduce((best, b) => (Math.abs(centre(b) - at) < Math.abs(centre(best) - at) ? b : best));
        move(form(), from, Number(nearest.dataset.battery));
    });
    document.addEventListener('keydown', (event) => {
        const battery = event.target instanceof Element ? event.target.closest('[data-battery]') : null;
        const step = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -1, ArrowDown: 1 }[event.key];
        if (battery && step && form()) {
            event.preventDefault();
            const row = [...document.querySelectorAll('.bank-drawing [data-battery]')].filter((b) => b.dataset.row === battery.dataset.row);
            const next = row[row.indexOf(battery) + step];
            if (next) {
                move(form(), Number(battery.dataset.battery), Number(next.dataset.battery));
            }
        }
    });
}
