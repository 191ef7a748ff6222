import { defineConfig } from 'vite';

// The service worker stands beside the pages that it serves, under a name that does not change.
export default defineConfig({
    publicDir: false,
    define: { 'process.env.NODE_ENV': '"production"' },
    build: {
        outDir: 'public',
        emptyOutDir: false,
        lib: { entry: 'resources/js/offline.js', name: 'offline', formats: ['iife'], fileName: () => 'offline.js' },
    },
});
