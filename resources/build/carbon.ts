import { readdirSync, readFileSync } from 'node:fs';
import { basename, join } from 'node:path';
import { PurgeCSS } from 'purgecss';
import type { Plugin } from 'vite';

const SHEET = /carbon-components-svelte\/css\/.*\.css/;
const SOURCE = 'node_modules/carbon-components-svelte/src';

/**
 * Carbon's stylesheet holds every component and five themes, and names fonts on a remote host. Kept here: the rules of
 * the components that our pages import, and the two themes that are used. The fonts ship with the application.
 */
export function carbonSheet(): Plugin {
    return {
        name: 'carbon-sheet',
        enforce: 'pre',
        async transform(code, id) {
            if (!SHEET.test(id)) {
                return null;
            }
            const local = code
                .replace(/@font-face\s*\{[^}]*\}/g, '')
                .replace(/:root\[theme="?(g10|g80|g90)"?\][^{]*\{[^}]*\}/g, '');
            const [purged] = await new PurgeCSS().purge({
                content: [{ raw: usedMarkup(), extension: 'html' }],
                css: [{ raw: local }],
                // Names that Carbon puts together at run time: bx--btn--{kind}, bx--text-input--{size} …
                safelist: {
                    greedy: [
                        /^bx--(btn|search|content-switcher|modal|text-input|number|select|inline-notification|radio-button|text-area|progress-bar)(_|--|$)/,
                    ],
                },
                keyframes: true,
                variables: false,
            });
            return { code: purged?.css ?? local, map: null };
        },
    };
}

/** The sources of every Carbon component that a page imports, and of those they import in turn. */
function usedMarkup(): string {
    const ours = svelteFiles('resources/js').map((file) => readFileSync(file, 'utf8'));
    const names = ours.flatMap((text) =>
        [...text.matchAll(/import \{([^}]*)\} from 'carbon-components-svelte'/g)].flatMap((m) =>
            (m[1] ?? '').split(',').map((n) => n.trim()),
        ),
    );
    const all = new Map(svelteFiles(SOURCE).map((file) => [basename(file, '.svelte'), readFileSync(file, 'utf8')]));
    const used = new Map<string, string>();
    const queue = [...new Set(names.filter(Boolean))];
    for (let name = queue.pop(); name !== undefined; name = queue.pop()) {
        const text = all.get(name);
        if (text === undefined || used.has(name)) {
            continue;
        }
        used.set(name, text);
        queue.push(...[...text.matchAll(/import (\w+) from "[^"]*\.svelte"/g)].map((m) => m[1] ?? ''));
    }
    return ['<html theme="white"></html><html theme="g100"></html>', ...used.values()].join('\n');
}

function svelteFiles(folder: string): string[] {
    return readdirSync(folder, { recursive: true, encoding: 'utf8' })
        .filter((file) => file.endsWith('.svelte'))
        .map((file) => join(folder, file));
}
