import { useQueryClient } from '@tanstack/svelte-query';
import { sentence } from '../../api/client';
import { orderSlotsQuery } from '../../api/queries';
import type { OrderJob, OrderSlot, RunningOrder } from '../../api/wire';
import type { OrderState } from './order.svelte';

type Pins = RunningOrder['pins'];

/** Work that is taken up to be put elsewhere, and what was put before. */
export class Moving {
    job: OrderJob | null = $state(null);
    slots: OrderSlot[] = $state([]);
    /** number of the place that is looked at */
    at = $state(-1);
    problem = $state('');
    private before: Pins[] = $state([]);
    private readonly client = useQueryClient();

    constructor(private readonly plan: OrderState) {}

    get slot(): OrderSlot | null {
        return this.slots[this.at] ?? null;
    }

    get canUndo(): boolean {
        return this.before.length > 0;
    }

    /** Takes up a job: where it may go lights up. */
    async lift(job: OrderJob): Promise<void> {
        const order = this.plan.order;
        if (!order) return;
        [this.job, this.slots, this.at, this.problem] = [job, [], -1, ''];
        try {
            const known = await this.client.fetchQuery(orderSlotsQuery(order.company.id, job.id, order.version));
            if (this.job?.id !== job.id) return;
            this.slots = known.slots;
            const own = Date.parse(this.begins(job));
            this.at = this.slots.findIndex((s) => s.free && Date.parse(s.at) >= own);
            if (this.at < 0) this.at = this.slots.reduce((last, s, i) => (s.free ? i : last), -1);
        } catch (problem) {
            this.problem = sentence(problem);
        }
    }

    drop(): void {
        [this.job, this.slots, this.at, this.problem] = [null, [], -1, ''];
    }

    /** Looks at the next place in this direction. */
    step(by: 1 | -1): void {
        if (this.slots.length > 0) this.at = Math.max(0, Math.min(this.slots.length - 1, this.at + by));
    }

    /** Puts what was taken up to a place; a place that refuses says why. */
    async put(slot: OrderSlot | null = this.slot): Promise<void> {
        const [job, pins] = [this.job, this.plan.order?.pins ?? []];
        if (!job || !slot) return;
        if (!slot.free) {
            this.at = this.slots.indexOf(slot);
            return;
        }
        this.drop();
        const saved = await this.plan.sent('POST', `companies/${this.plan.company}/order/move`, {
            version: this.plan.order?.version,
            job: job.id,
            at: slot.at,
        });
        if (saved) this.before = [...this.before, pins];
    }

    /** A job stays where it is, whatever is planned again. */
    pin(job: OrderJob): Promise<void> {
        return this.set([...this.others(job), { job: job.id, at: job.begins }]);
    }

    letGo(job: OrderJob): Promise<void> {
        return this.set(this.others(job));
    }

    async undo(): Promise<void> {
        const pins = this.before.at(-1);
        if (!pins) return;
        this.before = this.before.slice(0, -1);
        await this.plan.save({ pins });
    }

    private async set(pins: Pins): Promise<void> {
        const before = this.plan.order?.pins ?? [];
        this.drop();
        if (await this.plan.save({ pins })) this.before = [...this.before, before];
    }

    private others(job: OrderJob): Pins {
        return (this.plan.order?.pins ?? []).filter((p) => p.job !== job.id);
    }

    private begins(job: OrderJob): string {
        return new Date(job.begins * 60_000).toISOString();
    }
}
