import { svelte } from '@sveltejs/vite-plugin-svelte';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';
import { carbonSheet } from './resources/build/carbon';

export default defineConfig({
    plugins: [
        laravel({ input: ['resources/js/main.ts', 'resources/js/theme/card.css'], refresh: false }),
        svelte(),
        carbonSheet(),
    ],
    build: { target: 'es2022', assetsInlineLimit: 0 },
});
