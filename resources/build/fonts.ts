import type { Plugin } from 'vite';

/** Carbon's stylesheets name fonts on a remote host: cut those rules out, the fonts ship with the application. */
export function withoutRemoteFonts(): Plugin {
    return {
        name: 'without-remote-fonts',
        enforce: 'pre',
        transform(code, id) {
            if (!/carbon-components-svelte\/css\/.*\.css/.test(id)) {
                return null;
            }
            return { code: code.replace(/@font-face\s*\{[^}]*\}/g, ''), map: null };
        },
    };
}
