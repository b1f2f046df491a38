import { createMutation, createQuery, useQueryClient } from '@tanstack/svelte-query';
import { put, sentence } from '../../api/client';
import { benchQuery, figuresQuery } from '../../api/queries';
import type { Bench, BenchStep } from '../../api/wire';

export interface Real {
    mix: { name: string; parts: number | null }[];
    thin: string | null;
    coats: number | null;
    tool: string | null;
    minutes: number | null;
}

interface Doing {
    area_id: number | null;
    step: string | null;
    stage: string;
    figures: number[];
    real: Real;
    note: string;
    /** when it was done, as this device's clock has it */
    at?: string;
}

/** What lies on the bench: one company, one figure, one step at a time. */
export class BenchState {
    /** a step the painter turned to instead of the next one */
    turned: string | null = $state(null);
    dialog: 'different' | 'unplanned' | null = $state(null);
    readonly query;
    readonly figures;
    private readonly doing;

    constructor(
        private readonly given: () => number | null,
        private readonly chosenFigure: () => number,
    ) {
        const client = useQueryClient();
        this.figures = createQuery(figuresQuery);
        this.query = createQuery(() => benchQuery(this.company, this.chosenFigure()));
        this.doing = createMutation(() => ({
            mutationFn: ({ path, body }: { path: string; body?: Doing }) =>
                put<Bench>(body ? 'POST' : 'DELETE', path, body),
            onSuccess: (bench: Bench) => {
                client.setQueryData(['bench', bench.company.id, bench.figure], bench);
                void client.invalidateQueries({ queryKey: ['bench'] });
                for (const key of ['ledger', 'figures', 'recipe']) void client.invalidateQueries({ queryKey: [key] });
                this.turned = null;
                this.dialog = null;
            },
        }));
    }

    get company(): number | null {
        return this.given() ?? this.figures.data?.companies[0]?.id ?? null;
    }

    get bench(): Bench | undefined {
        return this.query.data;
    }

    get step(): BenchStep | null {
        const steps = this.bench?.steps ?? [];
        return steps.find((s) => s.id === this.turned) ?? steps.find((s) => s.id === this.bench?.next) ?? null;
    }

    get position(): number {
        return (this.bench?.steps.findIndex((s) => s.id === this.step?.id) ?? -1) + 1;
    }

    /** Figures on which the step at hand is still to be done. */
    get open(): number[] {
        const done = this.step?.done_figures ?? [];
        return (this.bench?.figures ?? []).map((f) => f.number).filter((n) => !done.includes(n));
    }

    get problem(): string {
        return this.doing.error ? sentence(this.doing.error) : '';
    }

    get busy(): boolean {
        return this.doing.isPending;
    }

    /** What was planned, in the shape of what was done. */
    planned(step: BenchStep): Real {
        return {
            mix: step.mix.map(({ name, parts }) => ({ name, parts })),
            thin: step.thin,
            coats: step.coats,
            tool: step.tool,
            minutes: null,
        };
    }

    turn(by: number): void {
        const steps = this.bench?.steps ?? [];
        const next = steps[Math.max(0, Math.min(steps.length - 1, this.position - 1 + by))];
        this.turned = next?.id ?? null;
    }

    done(figures: number[], real?: Real, note = ''): void {
        const step = this.step;
        if (!step || figures.length === 0 || this.busy) return;
        this.record({
            area_id: step.area_id,
            step: step.key,
            stage: step.stage,
            figures,
            real: real ?? this.planned(step),
            note,
        });
    }

    record(body: Doing): void {
        const at = new Date().toISOString();
        this.doing.mutate({ path: `companies/${this.company}/records`, body: { ...body, at } });
    }

    takeBack(id: number): void {
        this.doing.mutate({ path: `records/${id}` });
    }

    close(): void {
        this.doing.reset();
        this.dialog = null;
    }
}
