import js from '@eslint/js';
import globals from 'globals';

export default [
    js.configs.recommended,
    { files: ['resources/js/**/*.js'], ignores: ['resources/js/offline.js'], languageOptions: { globals: globals.browser } },
    { files: ['resources/js/offline.js'], languageOptions: { globals: globals.serviceworker } },
    { files: ['*.config.js', 'tests/Browser/**/*.js', 'tests/Js/**/*.js', 'tests/Cluster/**/*.js', 'tests/outside/**/*.js', 'bench/**/*.js'], languageOptions: { globals: { ...globals.node, ...globals.browser } } },
];
