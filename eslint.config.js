import js from '@eslint/js';
import globals from 'globals';

export default [
    js.configs.recommended,
    { files: ['resources/js/**/*.js'], languageOptions: { globals: globals.browser } },
    { files: ['public/*.js'], languageOptions: { globals: globals.serviceworker } },
    { files: ['*.config.js', 'tests/Browser/**/*.js', 'tests/outside/**/*.js', 'bench/**/*.js'], languageOptions: { globals: { ...globals.node, ...globals.browser } } },
];
