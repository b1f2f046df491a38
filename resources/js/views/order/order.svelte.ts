import { createQuery, useQueryClient } from '@tanstack/svelte-query';
import { ask, sentence } from '../../api/client';
import {
    figuresQuery,
    orderNowQuery,
    orderOutQuery,
    orderPriceQuery,
    orderQuery,
    orderTableQuery,
    orderTryQuery,
    orderWayQuery,
} from '../../api/queries';
import type {
    Figure,
    FreeHours,
    OrderAdvice,
    OrderNow,
    OrderOut,
    OrderPrice,
    OrderTable,
    OrderWay,
    RunningOrder,
} from '../../api/wire';
import { useWrite } from '../../api/write.svelte';

interface Changes {
    free?: FreeHours | null;
    wishes?: {
        overruled?: string[];
        relaxed?: string[];
        air?: null;
        before?: [string, string][];
    };
    companies?: { id: number; way?: string | null; priority?: number; fieldable_first?: boolean }[];
    pins?: { job: string; at: number }[];
    busy?: null;
}

/** The running order of a company, and what is asked about it: ways, prices of rules, days. */
export class OrderState {
    readonly query;
    /** what is shown while nothing better is known */
    private readonly first;
    readonly figures;
    readonly write = useWrite();
    /** has the order that is shown kept as the one planned last; nobody waits for it */
    private readonly keeping = useWrite();
    private readonly client = useQueryClient();
    ways: OrderWay[] = $state([]);
    advice: OrderAdvice | null = $state(null);
    table: OrderTable | null = $state(null);
    out: OrderOut | null = $state(null);
    now: OrderNow | null = $state(null);
    prices: Record<string, string> = $state({});
    /** what is being worked out, in words; empty where nothing is */
    working = $state('');
    problem = $state('');
    /** rises with every change: what was asked before it is no answer any more */
    private changes = 0;

    constructor(private readonly given: () => number | null) {
        this.figures = createQuery(figuresQuery);
        this.query = createQuery(() => ({
            ...orderQuery(this.company),
            placeholderData: (before: RunningOrder | undefined) =>
                before?.company.id === this.company ? before : undefined,
        }));
        this.first = createQuery(() => {
            const asked = orderTryQuery(this.company);
            return { ...asked, enabled: asked.enabled && this.query.data === undefined };
        });
        let kept = '';
        $effect(() => {
            const [company, shown] = [this.order?.company.id, this.order?.plan?.shown];
            if (!company || !shown || shown === kept) return;
            kept = shown;
            void this.keeping.send('shown', 'POST', `companies/${company}/order/shown`, { shown });
        });
    }

    get company(): number | null {
        return this.given() ?? this.figures.data?.companies[0]?.id ?? null;
    }

    get figure(): Figure | null {
        return this.figures.data?.companies.find((c) => c.id === this.company) ?? null;
    }

    get order(): RunningOrder | undefined {
        const first = this.first.data;
        return this.query.data ?? (first?.company.id === this.company ? first : undefined);
    }

    /** One way after the other, each shown as soon as it is known. */
    async compare(): Promise<void> {
        const [order, asked] = [this.order, this.changes];
        if (!order) return;
        await this.tried(async () => {
            [this.ways, this.advice] = [[], null];
            for (const [at, { way, words }] of order.ways.entries()) {
                this.working = `Comparing ${at + 1} of ${order.ways.length}: ${words} …`;
                const known = await this.asked<OrderWay>(orderWayQuery(order.company.id, way, order.version));
                if (asked !== this.changes) return;
                this.ways = [...this.ways, known];
            }
            const ways = this.ways.map(({ way, at_the_table, brush_washes, sittings, last_window, left_over }) => ({
                way,
                at_the_table,
                brush_washes,
                sittings,
                last_window,
                left_over,
            }));
            const advice = await ask<OrderAdvice>(`companies/${order.company.id}/order/advice`, { ways });
            if (asked === this.changes) this.advice = advice;
        });
    }

    /** What each rule that binds here costs, two at a time. */
    async price(): Promise<void> {
        const [order, asked] = [this.order, this.changes];
        const rules = order?.rules.filter((r) => !r.hard && (r.binds > 0 || r.kept !== 'kept')) ?? [];
        const open = [...rules];
        const next = async (): Promise<void> => {
            for (let rule = open.shift(); rule && asked === this.changes; rule = open.shift()) {
                this.working = `Working out what the rules cost, ${rules.length - open.length} of ${rules.length} …`;
                const { words } = await this.asked<OrderPrice>(
                    orderPriceQuery(order!.company.id, rule.code, order!.version),
                );
                if (asked === this.changes) this.prices[rule.code] = words;
            }
        };
        await this.tried(async () => {
            await Promise.all([next(), next()]);
        });
    }

    async fits(minutes: string): Promise<void> {
        const order = this.order;
        if (!order) return;
        await this.tried(async () => {
            this.working = 'Working out what fits …';
            this.now = await this.asked<OrderNow>(orderNowQuery(order.company.id, String(minutes), order.version));
        });
    }

    async by(day: string): Promise<void> {
        const order = this.order;
        if (!order || !day) return;
        await this.tried(async () => {
            this.working = 'Working out what can stand on the table by then …';
            this.table = await this.asked<OrderTable>(orderTableQuery(order.company.id, day, order.version));
        });
    }

    /** What would make fit what is left over. */
    async findOut(): Promise<void> {
        const order = this.order;
        if (!order) return;
        await this.tried(async () => {
            this.working = 'Trying what would make it fit …';
            this.out = await this.asked<OrderOut>(orderOutQuery(order.company.id, order.version));
        });
    }

    takeOut(way: string): Promise<boolean> {
        return this.sent('POST', `companies/${this.company}/order/out`, { version: this.order?.version, way });
    }

    save(changes: Changes): Promise<boolean> {
        return this.sent('PUT', `companies/${this.company}/order`, { version: this.order?.version, ...changes });
    }

    async sent(method: 'PUT' | 'POST', path: string, body: object): Promise<boolean> {
        const key = ['order', this.company];
        ++this.changes;
        const saved = await this.write.send<RunningOrder>('order', method, path, body, (data) => ({ key, data }));
        ++this.changes;
        if (saved?.plan?.first_try) void this.better(saved.version);
        if (saved) {
            [this.ways, this.advice, this.table, this.now, this.prices] = [[], null, null, null, {}];
            this.out = null;
        }
        return saved !== undefined;
    }

    /** Looks for a better order than the first try, which stays in sight until it is found. */
    private async better(version: string): Promise<void> {
        await this.query.refetch();
        if (this.order?.version !== version && this.order?.plan?.first_try) await this.query.refetch();
    }

    /** How a rule is kept from now on. */
    keep(code: string, kept: string): void {
        const rules = (this.order?.rules ?? []).map((r) => (r.code === code ? { ...r, kept } : r));
        const those = (how: string) => rules.filter((r) => r.kept === how).map((r) => r.code);
        void this.save({ wishes: { overruled: those('overruled'), relaxed: those('relaxed') } });
    }

    fieldableFirst(is: boolean): void {
        if (this.company) void this.save({ companies: [{ id: this.company, fieldable_first: is }] });
    }

    readAir(): void {
        void this.sent('POST', `companies/${this.company}/order/air`, {});
    }

    usualAir(): void {
        void this.save({ wishes: { air: null } });
    }

    private asked<T>(query: { queryKey: readonly unknown[]; queryFn?: unknown }): Promise<T> {
        return this.client.fetchQuery(query as Parameters<typeof this.client.fetchQuery>[0]) as Promise<T>;
    }

    private async tried(work: () => Promise<void>): Promise<void> {
        this.problem = '';
        try {
            await work();
        } catch (problem) {
            this.problem = sentence(problem);
        }
        this.working = '';
    }
}
