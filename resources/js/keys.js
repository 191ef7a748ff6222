// Keys: / search, ? all keys, [ and ] stage to stage, g then a letter to a stage, a add, h how.

const typing = (element) => element instanceof HTMLElement && (element.isContentEditable || /^(INPUT|SELECT|TEXTAREA)$/.test(element.tagName));

const follow = (selector) => {
    const target = document.querySelector(selector);
    if (target instanceof HTMLElement) {
        target.click();
    }
};

const stageLinks = () => [...document.querySelectorAll('.skyline a')];

function toNeighbour(step) {
    const links = stageLinks();
    const here = links.findIndex((link) => link.hasAttribute('aria-current'));
    if (here >= 0) {
        links[here + step]?.click();
    }
}

function toggleHow() {
    const open = document.querySelector('details.how[open]');
    const how = open ?? document.activeElement?.closest?.('.stat, .finding, tr')?.querySelector('details.how') ?? document.querySelector('main details.how');
    if (how instanceof HTMLDetailsElement) {
        how.open = !how.open;
        how.querySelector('summary')?.focus();
    }
}

export function listenForKeys() {
    let going = false;

    document.addEventListener('keydown', (event) => {
        if (event.ctrlKey || event.metaKey || event.altKey) {
            return;
        }
        if (event.key === 'Escape') {
            document.querySelectorAll('details.how[open], details.menu[open]').forEach((details) => { details.open = false; });
            if (typing(event.target)) {
                event.target.blur();
            }
            return;
        }
        if (typing(event.target)) {
            return;
        }
        if (going) {
            going = false;
            const link = document.querySelector(`.skyline a[data-key="${CSS.escape(event.key)}"]`) ?? (event.key === 'y' ? document.querySelector('a.brand') : null);
            if (link) {
                event.preventDefault();
                link.click();
            }
            return;
        }
        const act = {
            '/': () => document.querySelector('.search input')?.focus(),
            '?': () => follow('a[data-keys-page]'),
            '[': () => toNeighbour(-1),
            ']': () => toNeighbour(1),
            g: () => { going = true; window.setTimeout(() => { going = false; }, 1500); },
            a: () => follow('[data-add]'),
            h: toggleHow,
        }[event.key];
        if (act) {
            event.preventDefault();
            act();
        }
    });
}
