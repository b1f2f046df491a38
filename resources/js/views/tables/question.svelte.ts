import { router } from 'svelte-spa-router';

/** The question of a table stands in the address, so that it can be kept and shared. */
export class Question {
    constructor(
        private readonly table: string,
        private readonly otherwise: Record<string, string>,
    ) {}

    get(name: string): string {
        return new URLSearchParams(router.querystring ?? '').get(name) ?? this.otherwise[name] ?? '';
    }

    /** Replaces a part of the address without another step in the history. */
    set(name: string, value: string): void {
        const all = new URLSearchParams(router.querystring ?? '');
        all.set(name, value);
        history.replaceState(history.state, '', `#/tables/${this.table}?${all}`);
        window.dispatchEvent(new HashChangeEvent('hashchange'));
    }
}
