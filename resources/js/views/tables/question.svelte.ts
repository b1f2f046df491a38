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

    /** Every part of the question, whether asked or assumed. */
    get all(): Record<string, string> {
        return Object.fromEntries(Object.keys(this.otherwise).map((name) => [name, this.get(name)]));
    }

    /** Replaces a part of the address without another step in the history. */
    set(name: string, value: string): void {
        this.put({ [name]: value });
    }

    put(parts: Record<string, string>): void {
        const all = new URLSearchParams(router.querystring ?? '');
        for (const [name, value] of Object.entries(parts)) all.set(name, value);
        history.replaceState(history.state, '', `#/tables/${this.table}?${all}`);
        window.dispatchEvent(new HashChangeEvent('hashchange'));
    }
}
