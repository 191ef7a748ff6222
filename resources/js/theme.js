// Light, dark, or as the system says; remembered in a cookie so that the server draws the right one at once.

export function themeSwitch() {
    document.addEventListener('click', (event) => {
        const button = event.target instanceof HTMLElement ? event.target.closest('[data-theme-to]') : null;
        if (!button) {
            return;
        }
        const theme = button.dataset.themeTo;
        if (theme === 'system') {
            delete document.documentElement.dataset.theme;
        } else {
            document.documentElement.dataset.theme = theme;
        }
        document.cookie = `theme=${theme}; path=/; max-age=31536000; samesite=lax`;
    });
}
