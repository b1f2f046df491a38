import { createQuery, useQueryClient } from '@tanstack/svelte-query';
import { benchQuery, figuresQuery } from '../../api/queries';
import type { Bench, BenchStep, BenchTick } from '../../api/wire';
import { useWrite } from '../../api/write.svelte';
import { ticked } from './bench-tick';
import type { Doing, Occasion, Real } from './doing';

/** What lies on the bench: one company, one figure or all in a row, one step at a time. */
export class BenchState {
    /** a step the painter turned to instead of the next one */
    turned: string | null = $state(null);
    /** up to which level of finish, empty for all of it */
    level = $state('');
    dialog: 'different' | Occasion | null = $state(null);
    /** paints on although all that was laid out is done */
    paintsOn = $state(false);
    readonly query;
    readonly figures;
    readonly write = useWrite();
    private readonly client = useQueryClient();

    constructor(
        private readonly given: () => number | null,
        private readonly chosenFigure: () => number | null,
    ) {
        this.figures = createQuery(figuresQuery);
        this.query = createQuery(() => benchQuery(this.company, this.figure, this.level));
    }

    get company(): number | null {
        return this.given() ?? this.figures.data?.companies[0]?.id ?? null;
    }

    /** The drawing of the company, and what else is known of it. */
    get drawn() {
        return this.figures.data?.companies.find((c) => c.id === this.company) ?? null;
    }

    /** The figure in hand; null where all are painted in a row. */
    get figure(): number | null {
        return this.chosenFigure() ?? ((this.drawn?.count ?? 1) > 1 ? null : 1);
    }

    private get asked(): string {
        const level = this.level ? `&level=${this.level}` : '';
        return `?${this.figure === null ? 'by=row' : `figure=${this.figure}`}${level}`;
    }

    get bench(): Bench | undefined {
        return this.query.data;
    }

    get step(): BenchStep | null {
        const steps = this.bench?.steps ?? [];
        return steps.find((s) => s.id === this.turned) ?? steps.find((s) => s.id === this.bench?.next) ?? null;
    }

    /** Whether all that was laid out is painted, and nobody turned to anything else. */
    get isSittingDone(): boolean {
        const sitting = this.bench?.sitting;
        return !!sitting?.started && !sitting.next && !this.paintsOn && this.turned === null;
    }

    get position(): number {
        return (this.bench?.steps.findIndex((s) => s.id === this.step?.id) ?? -1) + 1;
    }

    /** Figures on which the step in question is still to be done. */
    get open(): number[] {
        return this.step?.left.figures ?? [];
    }

    /** Those the large action is for: of a row, all that lack the pass that is under way. */
    get targets(): number[] {
        return this.step?.pass.figures ?? [];
    }

    /** What is wet below the step. */
    get wetBelow() {
        return this.bench?.below.find((b) => b.step === this.step?.id) ?? null;
    }

    get problem(): string {
        return this.write.problem;
    }

    get busy(): boolean {
        return this.write.pending;
    }

    /** What was planned, in the shape of what was done; as thin as it stands in the pot. */
    planned(step: BenchStep): Real {
        return {
            mix: step.mix.map(({ paint_id, name, parts }) => ({ paint_id, name, parts })),
            thin: step.pot?.thin || step.thin,
            coats: step.coats,
            tool: step.tool,
            minutes: null,
            rounds: step.loop ? step.pass.number : null,
        };
    }

    /** Goes round once more, from the first step of the loop. */
    async again(step: BenchStep): Promise<void> {
        await this.pass(this.targets);
        const first = this.bench?.steps.find((s) => s.area_id === step.area_id && s.key === step.loop?.from);
        this.turned = first?.id ?? step.id;
    }

    /** The loop that a step before its last one is gone through again in; null where it is not. */
    within(step: BenchStep): BenchStep | null {
        const steps = this.bench?.steps.filter((s) => s.area_id === step.area_id) ?? [];
        const at = steps.indexOf(step);
        return (
            steps.find(
                (s, i) => s.loop && i > at && s.pass.number > 1 && steps.findIndex((f) => f.key === s.loop?.from) <= at,
            ) ?? null
        );
    }

    turn(by: number): void {
        const steps = this.bench?.steps ?? [];
        const next = steps[Math.max(0, Math.min(steps.length - 1, this.position - 1 + by))];
        this.turned = next?.id ?? null;
    }

    /** The large action: the pass that is under way on so many figures, or the step where it has one. */
    act(figures: number[]): void {
        const step = this.step;
        if (!step) return;
        if (step.loop === null && step.pass.of > 1) void this.pass(figures);
        else this.done(figures);
    }

    done(figures: number[], real?: Real, note = ''): void {
        const step = this.step;
        if (!step || figures.length === 0 || this.busy) return;
        this.record(this.doing(step, figures, real, note));
    }

    private pass(figures: number[]): Promise<boolean> {
        const step = this.step;
        if (!step || figures.length === 0 || this.busy) return Promise.resolve(false);
        const at = new Date().toISOString();
        const number = step.pass.number;
        return this.send('POST', `companies/${this.company}/passes`, { ...this.doing(step, figures), at, number });
    }

    private doing(step: BenchStep, figures: number[], real?: Real, note = ''): Doing {
        return {
            area_id: step.area_id,
            step: step.key,
            as: step.as,
            stage: step.stage,
            figures,
            real: real ?? this.planned(step),
            note,
        };
    }

    record(body: Doing): void {
        const at = new Date().toISOString();
        void this.send('POST', `companies/${this.company}/records`, { ...body, at });
    }

    takeBack(): void {
        const last = this.bench?.last;
        if (last) void this.send('DELETE', `${last.pass ? 'passes' : 'records'}/${last.id}`);
    }

    /** What was to be waited for is dry already. */
    dry(wait: { ids: number[]; pass: boolean }, hairdryer: boolean): void {
        for (const id of wait.ids) {
            void this.send('POST', `${wait.pass ? 'passes' : 'records'}/${id}/dry`, { hairdryer });
        }
    }

    mended(slip: number): void {
        void this.send('POST', `records/${slip}/mended`);
    }

    likewise(entry: number): void {
        void this.send('POST', `records/${entry}/likewise`, undefined, 'recipe');
    }

    readAir(): void {
        void this.send('POST', `companies/${this.company}/bench/air`);
    }

    looked(level: string): void {
        void this.send('POST', `companies/${this.company}/bench/looked`, { level });
    }

    mix(step: BenchStep): void {
        void this.send('POST', `companies/${this.company}/pots`, { area_id: step.area_id, step: step.key });
    }

    pot(id: number, what: string): void {
        void this.send('POST', `companies/${this.company}/pots/${id}`, { what });
    }

    async picture(file: File, ofLight: boolean): Promise<void> {
        const form = new FormData();
        form.set('file', file);
        const step = this.step;
        if (step?.area_id) form.set('area_id', String(step.area_id));
        if (step) form.set('step', step.key);
        const figure = this.figure ?? this.targets[0];
        if (figure) form.set('of_figure', String(figure));
        form.set('of_light', ofLight ? '1' : '0');
        await this.send('POST', `companies/${this.company}/pictures`, form);
    }

    dropPicture(id: number): void {
        void this.send('DELETE', `pictures/${id}`);
    }

    /** Eyes and back were rested, or the airbrush cleaned. */
    care(what: 'rested' | 'cleaned'): void {
        void this.send('POST', `companies/${this.company}/bench/care/${what}`);
    }

    private async send(
        method: 'POST' | 'DELETE',
        path: string,
        body?: object,
        what: 'record' | 'recipe' = 'record',
    ): Promise<boolean> {
        const before = this.step;
        const arrived = (answer: Bench | BenchTick) => {
            const key = ['bench', answer.company.id, answer.figure, answer.level];
            const data = 'order' in answer ? ticked(this.client.getQueryData<Bench>(key), answer) : answer;
            return data ? { key, data } : undefined;
        };
        if (!(await this.write.send<Bench | BenchTick>(what, method, `${path}${this.asked}`, body, arrived))) {
            // Another window may have been quicker: what it left is shown beside the reason.
            void this.write.stale(what);
            return false;
        }
        if (!this.isStaying(path, before)) this.turned = null;
        this.dialog = null;
        return true;
    }

    /** Nobody leaves a step because of its pot or a picture, nor in the middle of a row. */
    private isStaying(path: string, before: BenchStep | null): boolean {
        if (!/\/(records|passes)$/.test(path)) return true;
        const now = this.bench?.steps.find((s) => s.id === before?.id);
        const isInRow =
            this.figure === null && now?.done === false && before !== null && now.pass.number === before.pass.number;
        if (isInRow) this.turned = now.id;
        return isInRow;
    }

    close(): void {
        this.write.forget();
        this.dialog = null;
    }
}
