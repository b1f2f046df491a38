import { createQuery } from '@tanstack/svelte-query';
import { typedShelfQuery } from '../../api/queries';
import type { TypedPaint } from '../../api/wire';
import { isReady, NewPaints } from './new-paints.svelte';

const PAUSE_MS = 300;

/** A list of paints being typed, and how each line of it is understood. */
export class ByWords {
    text = $state('');
    readonly paints: NewPaints = new NewPaints();
    private asked = $state('');
    /** what was left in the field by the last adding */
    private leftOver = '';
    private readonly query;

    constructor() {
        this.query = createQuery(() => ({ ...typedShelfQuery(this.asked), placeholderData: (before) => before }));
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

    get settled(): boolean {
        return this.asked === this.text && !this.query.isFetching;
    }

    readonly ready: TypedPaint[] = $derived.by(() => this.understood.filter(isReady));

    /** Says a line otherwise: it is written out again, so that what stands there is what is kept. */
    say(paint: TypedPaint, change: { behaviour?: string; colour?: string }): void {
        const { fields } = paint;
        const colour = change.colour ?? (paint.guess === null ? fields.colour : paint.from);
        const cells = [
            fields.name,
            change.behaviour ?? fields.behaviour,
            colour,
            fields.bottle_ml ? `${fields.bottle_ml} ml` : '',
            fields.left_ml ? `${fields.left_ml} ml left` : '',
            fields.bottles ? `x${fields.bottles}` : '',
            fields.owned === 'no' ? 'not owned' : '',
            fields.notes,
        ];
        this.replace(paint, cells.filter(Boolean).join('; '));
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
