import tailwindcss from '@tailwindcss/vite';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';

/** A letter that comes late is not put in: what is read, and what a thumb is on its way to, stays where it is. */
const standStill = {
    name: 'fonts-stand-still',
    generateBundle(_options, bundle) {
        Object.values(bundle).filter((file) => file.fileName.endsWith('.css')).forEach((file) => {
            file.source = String(file.source).replaceAll(/font-display:\s*swap/g, 'font-display:optional');
        });
    },
};

export default defineConfig({
    plugins: [
        laravel({ input: ['resources/css/app.css', 'resources/js/app.js'], refresh: false }),
        tailwindcss(),
        standStill,
    ],
    build: { assetsInlineLimit: 0, modulePreload: { polyfill: false } },
});
