import type { Method } from '../../api/client';
import type { MixPart, Scheme } from '../../api/wire';
import { useWrite } from '../../api/write.svelte';

export interface Choosing {
    area: number;
    colour: string | null;
    mix: { paint_id: number; parts: number }[] | null;
    fixed: boolean;
}

/** What the Scheme page is at: which area, from how far, and what is being saved. */
export class SchemeDesk {
    chosen: number | null = $state(null);
    /** viewing distance; as usual where null */
    metres: number | null = $state(null);
    doing: 'judging' | 'proposing' | 'trials' = $state('judging');
    readonly write = useWrite();

    constructor(
        private readonly company: () => number | null,
        /** what the page shows, on which the painter chooses */
        private readonly seen: () => Scheme | null,
    ) {}

    get busy(): boolean {
        return this.write.pending;
    }

    choose(areas: Choosing[]): Promise<boolean> {
        const versions = new Map(this.seen()?.areas.map((a) => [a.id, a.version]));
        return this.send('scheme', 'PUT', `companies/${this.company()}/scheme`, {
            areas: areas.map((a) => ({ ...a, version: versions.get(a.area) })),
        });
    }

    /** Means two areas alike, so that they may run together; or no longer. */
    meanAlike(one: number, other: number, on: boolean): Promise<boolean> {
        return this.send('scheme', 'PUT', `companies/${this.company()}/scheme/alike`, { one, other, on });
    }

    /** Has two areas parted without another colour, as the next draft of each does it; or no longer. */
    part(one: number, other: number, how: 'tints' | 'line' | null): Promise<boolean> {
        return this.send('scheme', 'PUT', `companies/${this.company()}/scheme/parted`, { one, other, how });
    }

    /** Has an area painted as one of another company is. */
    follow(area: number, model: number): Promise<unknown> {
        return this.write.send('recipe', 'POST', `areas/${area}/recipe/follow`, { area_id: model, as: 'everything' });
    }

    /** On the scheme as the page shows it. */
    try(method: Method, path: string, body?: object): Promise<boolean> {
        return this.send(path.endsWith('/take') ? 'scheme' : 'trial', method, path, {
            version: this.seen()?.version,
            ...body,
        });
    }

    private async send(what: 'scheme' | 'trial', method: Method, path: string, body: object): Promise<boolean> {
        const [company, metres] = [this.company(), this.metres];
        const answer = await this.write.send<Scheme>(what, method, path, { ...body, metres }, (scheme) => ({
            key: ['scheme', company, metres],
            data: scheme,
        }));
        return answer !== undefined;
    }
}

/** A mix as it is sent. */
export function parts(mix: MixPart[]): { paint_id: number; parts: number }[] {
    return mix.flatMap((p) => (p.paint_id === null ? [] : [{ paint_id: p.paint_id, parts: p.parts }]));
}
