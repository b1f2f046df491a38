import type { QueryClient } from '@tanstack/svelte-query';
import { put, sentence } from '../../api/client';
import type { MixPart, Scheme } from '../../api/wire';

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
    busy = $state(false);
    problem = $state('');
    said = $state('');

    constructor(
        private readonly client: QueryClient,
        private readonly company: () => number | null,
    ) {}

    choose(areas: Choosing[]): Promise<boolean> {
        return this.send('PUT', `companies/${this.company()}/scheme`, { areas });
    }

    async send(method: 'PUT' | 'POST' | 'PATCH' | 'DELETE', path: string, body?: object): Promise<boolean> {
        this.busy = true;
        this.problem = '';
        this.said = '';
        try {
            const scheme = await put<Scheme>(method, path, { ...body, metres: this.metres });
            this.client.setQueryData(['scheme', this.company(), this.metres], scheme);
            for (const key of ['figures', 'recipe', 'undercoat', 'bench']) {
                void this.client.invalidateQueries({ queryKey: [key] });
            }
            return true;
        } catch (thrown) {
            this.problem = sentence(thrown);
            return false;
        } finally {
            this.busy = false;
        }
    }
}

/** A mix as it is sent. */
export function parts(mix: MixPart[]): { paint_id: number; parts: number }[] {
    return mix.flatMap((p) => (p.paint_id === null ? [] : [{ paint_id: p.paint_id, parts: p.parts }]));
}
