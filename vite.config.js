import { readFileSync } from 'node:fs';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';

// Names of colors are looked up by the application, from what the screens were built with.
const colorNames = {
    name: 'color-names',
    generateBundle() {
        this.emitFile({
            type: 'asset',
            fileName: 'color-names.json',
            source: readFileSync('node_modules/color-name-list/dist/colornames.bestof.json'),
        });
    },
};

// Passwords that everybody takes are refused, by the list that the screens were built with.
const commonPasswords = {
    name: 'common-passwords',
    generateBundle() {
        this.emitFile({
            type: 'asset',
            fileName: 'common-passwords.json',
            source: readFileSync('node_modules/@zxcvbn-ts/language-common/src/passwords.json'),
        });
    },
};

export default defineConfig({
    plugins: [
        laravel({ input: ['resources/scss/app.scss', 'resources/js/app.js'], refresh: false }),
        colorNames,
        commonPasswords,
    ],
    css: {
        preprocessorOptions: {
            // Bootstrap 5.3 is written in the older Sass dialect.
            scss: {
                quietDeps: true,
                silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'],
            },
        },
    },
});
