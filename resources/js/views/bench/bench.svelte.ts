import { createQuery } from '@tanstack/svelte-query';
import { benchQuery, figuresQuery } from '../../api/queries';
import type { Bench, BenchStep } from '../../api/wire';
import { useWrite } from '../../api/write.svelte';

export interface Real {
    mix: { paint_id: number | null; name: string; parts: number | null }[];
    thin: string | null;
    coats: number | null;
    tool: string | null;
    minutes: number | null;
    rounds: number | null;
    /** what was done outside the plan */
    technique?: string | null;
}

interface Doing {
    area_id: number | null;
    step: string | null;
    /** what was planned, as it was shown */
    as: BenchStep['as'] | null;
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
    /** up to which level of finish, empty for all of it */
    level = $state('');
    dialog: 'different' | 'unplanned' | null = $state(null);
    /** rounds of loops, by step and figure */
    private readonly rounds: Record<string, number> = $state({});
    readonly query;
    readonly figures;
    readonly write = useWrite();

    constructor(
        private readonly given: () => number | null,
        private readonly chosenFigure: () => number,
    ) {
        this.figures = createQuery(figuresQuery);
        this.query = createQuery(() => benchQuery(this.company, this.chosenFigure(), this.level));
    }

    get company(): number | null {
        return this.given() ?? this.figures.data?.companies[0]?.id ?? null;
    }

    private get asked(): string {
        return this.level ? `?level=${this.level}` : '';
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

    /** Figures on which the step in question is still to be done. */
    get open(): number[] {
        return this.step?.left.figures ?? [];
    }

    get problem(): string {
        return this.write.problem;
    }

    get busy(): boolean {
        return this.write.pending;
    }

    /** What was planned, in the shape of what was done. */
    planned(step: BenchStep): Real {
        return {
            mix: step.mix.map(({ paint_id, name, parts }) => ({ paint_id, name, parts })),
            thin: step.thin,
            coats: step.coats,
            tool: step.tool,
            minutes: null,
            rounds: step.loop ? this.round(step) : null,
        };
    }

    /** Which round of a loop is being painted on the chosen figure, 1 at first. */
    round(step: BenchStep): number {
        return this.rounds[`${step.id}/${this.chosenFigure()}`] ?? 1;
    }

    /** Goes round once more, from the first step of the loop. */
    again(step: BenchStep): void {
        this.rounds[`${step.id}/${this.chosenFigure()}`] = this.round(step) + 1;
        const first = this.bench?.steps.find((s) => s.area_id === step.area_id && s.key === step.loop?.from);
        this.turned = first?.id ?? step.id;
    }

    /** The loop that a step before its last one is gone through again in; null where it is not. */
    within(step: BenchStep): BenchStep | null {
        const steps = this.bench?.steps.filter((s) => s.area_id === step.area_id) ?? [];
        const at = steps.indexOf(step);
        return (
            steps.find(
                (s, i) => s.loop && i > at && this.round(s) > 1 && steps.findIndex((f) => f.key === s.loop?.from) <= at,
            ) ?? null
        );
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
            as: step.as,
            stage: step.stage,
            figures,
            real: real ?? this.planned(step),
            note,
        });
    }

    record(body: Doing): void {
        const at = new Date().toISOString();
        void this.send('POST', `companies/${this.company}/records${this.asked}`, { ...body, at });
    }

    takeBack(id: number): void {
        void this.send('DELETE', `records/${id}${this.asked}`);
    }

    /** What was to be waited for is dry already. */
    dry(id: number, hairdryer: boolean): void {
        void this.send('POST', `records/${id}/dry${this.asked}`, { figure: this.chosenFigure(), hairdryer });
    }

    private async send(method: 'POST' | 'DELETE', path: string, body?: object): Promise<void> {
        const arrived = (bench: Bench) => ({
            key: ['bench', bench.company.id, bench.figure, bench.level],
            data: bench,
        });
        if (!(await this.write.send<Bench>('record', method, path, body, arrived))) return;
        this.turned = null;
        this.dialog = null;
    }

    close(): void {
        this.write.forget();
        this.dialog = null;
    }
}
