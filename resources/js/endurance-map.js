// The pin on the endurance map: dragged with the pointer or moved with the arrow keys, from one whole battery or panel to the next.
// Where it stands is written into the form's two numbers; what it means there is asked of the server, the newest question only.

let asking = null;

class EnduranceMap {
    constructor(svg) {
        this.svg = svg;
        this.dragged = false;
        svg.addEventListener('pointerdown', (event) => this.start(event));
        svg.addEventListener('pointermove', (event) => this.dragged && this.follow(event));
        svg.addEventListener('pointerup', () => { this.dragged = false; });
        svg.addEventListener('pointercancel', () => { this.dragged = false; });
        svg.addEventListener('keydown', (event) => this.key(event));
    }

    get pin() {
        return this.svg.querySelector('[data-pin]');
    }

    get fields() {
        return [document.querySelector('[data-pin-strings]'), document.querySelector('[data-pin-panels]')];
    }

    get at() {
        return this.fields.map((field) => Number(field.value));
    }

    get limits() {
        return [Number(this.svg.dataset.mostStrings), Number(this.svg.dataset.mostPanels)];
    }

    start(event) {
        event.preventDefault();
        this.svg.setPointerCapture(event.pointerId);
        this.pin.focus({ preventScroll: true });
        this.dragged = true;
        this.follow(event);
    }

    follow(event) {
        const { ah, w, mostAh, mostW, box } = this.svg.dataset;
        const [x0, y0, width, height] = box.split(' ').map(Number);
        const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(this.svg.getScreenCTM().inverse());
        this.move(
            Math.round((((point.x - x0) / width) * mostAh) / ah),
            Math.round((((y0 - point.y) / height) * mostW) / w),
        );
    }

    key(event) {
        const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
        if (step && event.target.closest('[data-pin]')) {
            event.preventDefault();
            this.move(this.at[0] + step[0], this.at[1] + step[1]);
        }
    }

    move(strings, panels) {
        const [mostStrings, mostPanels] = this.limits;
        const to = [Math.max(1, Math.min(mostStrings, strings)), Math.max(0, Math.min(mostPanels, panels))];
        if (to.every((value, i) => value === this.at[i])) {
            return;
        }
        this.fields.forEach((field, i) => { field.value = to[i]; });
        this.show();
        this.ask();
    }

    show() {
        const { ah, w, mostAh, mostW, box } = this.svg.dataset;
        const [x0, y0, width, height] = box.split(' ').map(Number);
        const [strings, panels] = this.at;
        this.pin.setAttribute('transform', `translate(${x0 + ((strings * ah) / mostAh) * width} ${y0 - ((panels * w) / mostW) * height})`);
        this.pin.setAttribute('aria-valuenow', String(strings));
        this.pin.setAttribute('aria-valuetext', `bank ${strings}, ${panels} panels`);
    }

    async ask() {
        asking?.abort();
        asking = new AbortController();
        const form = document.querySelector('[data-map-form]');
        const query = new URLSearchParams(new FormData(form));
        const asked = performance.now();
        try {
            const answer = await fetch(`${this.svg.dataset.url}?${query}`, { signal: asking.signal, credentials: 'same-origin', headers: { Accept: 'text/html' } });
            if (!answer.ok) {
                throw new Error(String(answer.status));
            }
            const html = await answer.text();
            document.getElementById('pin-answer').replaceChildren(...new DOMParser().parseFromString(html, 'text/html').body.childNodes);
            document.querySelector('[data-offline]')?.setAttribute('hidden', '');
            history.replaceState(null, '', `${location.pathname}?${query}`);
            requestAnimationFrame(() => performance.measure('pin-to-paint', { start: asked }));
        } catch (error) {
            if (error.name !== 'AbortError') {
                document.querySelector('[data-offline]')?.removeAttribute('hidden');
            }
        }
    }
}

const maps = new WeakSet();

function attach() {
    document.querySelectorAll('svg[data-map]').forEach((svg) => {
        if (!maps.has(svg)) {
            maps.add(svg);
            new EnduranceMap(svg);
        }
    });
}

export function enduranceMap() {
    attach();
    document.addEventListener('page:morphed', attach);
    // Another battery, panel, month or number: the whole map is asked for again.
    document.addEventListener('change', (event) => {
        const form = event.target instanceof HTMLElement ? event.target.closest('[data-map-form], [data-look]') : null;
        if (form) {
            form.requestSubmit();
        }
    });
}
