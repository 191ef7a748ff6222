// The 24-hour strip: quarter hours painted with the pointer or with arrow keys and space, written into the text field beside it.

const CELLS = 96;

const clock = (cell) => (cell % 4 === 0 ? String(cell / 4) : `${Math.floor(cell / 4)}:${(cell % 4) * 15}`);

/** Quarter-hour cells, on or off, as the text that the server reads: "7-9, 22:30-6". */
export function toText(cells) {
    if (cells.every(Boolean)) {
        return '0-24';
    }
    const spans = [];
    for (let i = 0; i < CELLS; i += 1) {
        if (cells[i] && !cells[(i + CELLS - 1) % CELLS]) {
            let end = i;
            while (cells[end % CELLS]) {
                end += 1;
            }
            spans.push(`${clock(i)}-${end === CELLS ? '24' : clock(end % CELLS)}`);
        }
    }
    return spans.join(', ');
}

class Strip {
    constructor(svg) {
        this.svg = svg;
        this.rects = [...svg.querySelectorAll('rect.cell')];
        this.at = 28;
        this.painting = null;
    }

    get field() {
        return document.getElementById(this.svg.dataset.field);
    }

    get cells() {
        return this.rects.map((rect) => rect.classList.contains('on'));
    }

    cellAt(event) {
        const box = this.svg.getBoundingClientRect();
        return Math.max(0, Math.min(CELLS - 1, Math.floor(((event.clientX - box.left) / box.width) * CELLS)));
    }

    set(cell, on) {
        this.rects[cell].classList.toggle('on', on);
    }

    write() {
        const field = this.field;
        const text = toText(this.cells);
        if (field && field.value !== text) {
            field.value = text;
            field.dispatchEvent(new Event('input', { bubbles: true }));
            field.dispatchEvent(new Event('change', { bubbles: true }));
        }
    }

    start(event) {
        event.preventDefault();
        this.svg.setPointerCapture(event.pointerId);
        this.from = this.cellAt(event);
        this.painting = !this.cells[this.from];
        this.set(this.from, this.painting);
        this.at = this.from;
    }

    move(event) {
        if (this.painting === null) {
            return;
        }
        const to = this.cellAt(event);
        for (let cell = Math.min(this.at, to); cell <= Math.max(this.at, to); cell += 1) {
            this.set(cell, this.painting);
        }
        this.at = to;
    }

    stop() {
        if (this.painting !== null) {
            this.painting = null;
            this.write();
        }
    }

    key(event) {
        const step = { ArrowLeft: -1, ArrowRight: 1, Home: -CELLS, End: CELLS }[event.key];
        if (step !== undefined) {
            event.preventDefault();
            const to = Math.max(0, Math.min(CELLS - 1, this.at + step));
            if (event.shiftKey) {
                this.set(to, this.cells[this.at]);
            }
            this.at = to;
            this.showCursor();
        } else if (event.key === ' ') {
            event.preventDefault();
            this.set(this.at, !this.cells[this.at]);
            this.showCursor();
        } else if (event.key === 'Enter') {
            event.preventDefault();
            this.write();
        }
    }

    showCursor() {
        this.rects.forEach((rect, i) => rect.classList.toggle('cursor-here', i === this.at));
        const mark = this.svg.querySelector('rect.cursor');
        mark?.setAttribute('x', String(this.at));
        mark?.removeAttribute('visibility');
        const on = this.cells[this.at] ? 'on' : 'off';
        this.svg.setAttribute('aria-label', `${this.svg.dataset.name}: ${clock(this.at)} to ${clock(this.at + 1)} is ${on}. Arrows move, space switches, enter saves.`);
    }
}

const strips = new WeakMap();

function attach() {
    document.querySelectorAll('svg.strip').forEach((svg) => {
        if (strips.has(svg)) {
            strips.get(svg).rects = [...svg.querySelectorAll('rect.cell')];
            return;
        }
        const strip = new Strip(svg);
        strips.set(svg, strip);
        svg.addEventListener('pointerdown', (event) => strip.start(event));
        svg.addEventListener('pointermove', (event) => strip.move(event));
        svg.addEventListener('pointerup', () => strip.stop());
        svg.addEventListener('pointercancel', () => strip.stop());
        svg.addEventListener('keydown', (event) => strip.key(event));
        svg.addEventListener('blur', () => {
            svg.querySelector('rect.cursor')?.setAttribute('visibility', 'hidden');
            strip.write();
        });
        svg.addEventListener('focus', () => strip.showCursor());
    });
}

export function hourStrips() {
    attach();
    document.addEventListener('page:morphed', attach);
}
