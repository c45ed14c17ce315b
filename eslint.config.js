import js from '@eslint/js';
import globals from 'globals';

export default [
    { ignores: ['node_modules/', 'vendor/', 'public/', 'storage/', '.data/', 'test-results/'] },
    js.configs.recommended,
    {
        rules: { eqeqeq: 'error', 'no-var': 'error', 'prefer-const': 'error' },
    },
    {
        files: ['resources/js/**'],
        languageOptions: { globals: globals.browser },
    },
    {
        files: ['tests/**', 'docs/**', 'bench/**', '*.config.js'],
        languageOptions: { globals: { ...globals.node, ...globals.browser } },
    },
];
