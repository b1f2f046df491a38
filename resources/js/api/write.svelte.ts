import { type QueryClient, type QueryKey, useQueryClient } from '@tanstack/svelte-query';
import { change, type Method, Problem, sentence } from './client';
import { type Change, STALE } from './stale';

/** A question that an answer answers too: it is not asked again. */
export interface Answered {
    key: QueryKey;
    data: unknown;
}

interface Wish<T> {
    what: Change;
    method: Method;
    path: string;
    /** asked for when its turn comes, so that it can go on from what was written before */
    body: () => object | undefined;
    /** takes the answer in */
    arrived: ((answer: T) => Answered | undefined) | undefined;
}

/**
 * The one way to write: whether something is under way, what was refused of it, and what another window wrote first. Changes go one
 * after the other, each under a key of its own, so that none is made twice.
 */
export class Write {
    private waiting = $state(0);
    problem = $state('');
    /** what was refused of a form, by field */
    fields: Record<string, string> = $state({});
    /** refused because another window was there first */
    conflict: Problem | null = $state(null);
    private refused: Wish<never> | null = null;
    private line: Promise<unknown> = Promise.resolve();

    constructor(private readonly client: QueryClient) {}

    get pending(): boolean {
        return this.waiting > 0;
    }

    /** The answer; undefined where it was refused. */
    send<T>(
        what: Change,
        method: Method,
        path: string,
        body?: object | (() => object),
        arrived?: (answer: T) => Answered | undefined,
    ): Promise<T | undefined> {
        return this.queue({
            what,
            method,
            path,
            body: typeof body === 'function' ? (body as () => object) : () => body,
            arrived,
        });
    }

    /** Writes over what the other window left. */
    insist<T>(): Promise<T | undefined> {
        const [wish, version] = [this.refused as Wish<T> | null, this.conflict?.conflict?.version];
        if (!wish || !version) return Promise.resolve(undefined);
        return this.queue({ ...wish, body: () => upon(version, wish.body()) });
    }

    /** Lets this window's change go, and has what is there looked at again. */
    async yield(): Promise<void> {
        const what = this.refused?.what;
        this.forget();
        if (what) await this.stale(what);
    }

    forget(): void {
        this.problem = '';
        this.fields = {};
        this.conflict = null;
        this.refused = null;
    }

    /** Has all that hangs on such a change asked again, except one question that was answered just now. */
    async stale(what: Change, except?: QueryKey): Promise<void> {
        const isAsked = (key: QueryKey) => !except?.every((part, i) => key[i] === part);
        const [first, ...others] = STALE[what].map((root) =>
            this.client.invalidateQueries({ queryKey: [root], predicate: (query) => isAsked(query.queryKey) }),
        );
        void Promise.all(others);
        await first;
    }

    private async queue<T>(wish: Wish<T>): Promise<T | undefined> {
        this.forget();
        this.waiting += 1;
        const turn = this.line.then(() => this.make(wish));
        this.line = turn.catch(() => undefined);
        try {
            return await turn;
        } catch (thrown) {
            this.refuse(thrown, wish as Wish<never>);
            return undefined;
        } finally {
            this.waiting -= 1;
        }
    }

    private async make<T>({ what, method, path, body, arrived }: Wish<T>): Promise<T> {
        const answer = await change<T>(method, path, body());
        const answered = arrived?.(answer);
        if (answered) this.client.setQueryData(answered.key, answered.data);
        await this.stale(what, answered?.key);
        return answer;
    }

    private refuse(thrown: unknown, wish: Wish<never>): void {
        const problem = thrown instanceof Problem ? thrown : null;
        this.fields = problem?.fields ?? {};
        this.conflict = problem?.conflict ? problem : null;
        this.refused = this.conflict ? wish : null;
        this.problem = this.conflict ? '' : sentence(thrown);
    }
}

export function useWrite(): Write {
    return new Write(useQueryClient());
}

/** The same change, made on the state that is there now. */
function upon(version: string, body: object | undefined): object {
    if (!(body instanceof FormData)) return { ...body, version };
    body.set('version', version);
    return body;
}
