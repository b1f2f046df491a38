import { svelte } from '@sveltejs/vite-plugin-svelte';
import { optimizeCss } from 'carbon-preprocess-svelte';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';
import { withoutRemoteFonts } from './resources/build/fonts';

export default defineConfig({
    plugins: [laravel({ input: 'resources/js/main.ts', refresh: false }), svelte(), withoutRemoteFonts(), optimizeCss()],
    build: { target: 'es2022', assetsInlineLimit: 0 },
});
