import { createQuery } from '@tanstack/svelte-query';
import { typedShelfQuery, type PutRight } from '../../api/queries';
import type { TypedPaint } from '../../api/wire';
import { isReady, NewPaints } from './new-paints.svelte';

const PAUSE_MS = 300;

/** A list of paints being typed, and how each line of it is understood. */
export class ByWords {
    text = $state('');
    readonly paints: NewPaints = new NewPaints();
    private asked = $state('');
    private put: PutRight[] = $state([]);
    /** what was left in the field by the last adding */
    private leftOver = '';
    private readonly query;

    constructor() {
        this.query = createQuery(() => ({
            ...typedShelfQuery(this.asked, this.put),
            placeholderData: (before) => before,
        }));
        $effect(() => {
            const typed = this.text.trim() ? this.text : '';
            if (typed !== this.leftOver) this.paints.done = '';
            const timer = setTimeout(() => (this.asked = typed), PAUSE_MS);
            return () => clearTimeout(timer);
        });
    }

    get understood(): TypedPaint[] {
        return this.asked ? (this.query.data?.paints ?? []) : [];
    }

    get problem(): unknown {
        return this.asked ? this.query.error : null;
    }

    /** How many lines ask something. */
    get open(): number {
        return this.understood.filter((p) => !p.known && !p.twice && (p.questions.length || p.doubt)).length;
    }

    get settled(): boolean {
        return this.asked === this.text && !this.query.isFetching;
    }

    readonly ready: TypedPaint[] = $derived.by(() => this.understood.filter(isReady));

    /** Puts a line right; what is typed there stays. */
    say(paint: TypedPaint, change: Omit<PutRight, 'said'>): void {
        const before = this.put.find((p) => p.said === paint.said);
        this.put = [...this.put.filter((p) => p.said !== paint.said), { ...before, ...change, said: paint.said }];
    }

    /** A question is answered: the line is written out as it is meant. */
    choose(paint: TypedPaint, line: string): void {
        this.replace(paint, line || null);
    }

    drop(paint: TypedPaint): void {
        this.replace(paint, null);
    }

    /** Keeps what can be kept; what is in doubt stays in the field. */
    async keep(): Promise<void> {
        const kept = this.ready;
        if (!(await this.paints.keep(kept.map((p) => p.fields)))) return;
        const gone = new Set(kept.map((p) => p.at - 1));
        this.leftOver = this.text
            .split('\n')
            .filter((_, i) => !gone.has(i))
            .join('\n')
            .trim();
        this.text = this.leftOver;
    }

    private replace(paint: TypedPaint, line: string | null): void {
        const lines = this.text.split('\n');
        lines.splice(paint.at - 1, 1, ...(line === null ? [] : [line]));
        this.text = lines.join('\n');
    }
}
