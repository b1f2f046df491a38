import { createQuery } from '@tanstack/svelte-query';
import { ask } from '../../api/client';
import type { Faces, Figure, GroundLaid, LightSketch, Undercoats } from '../../api/wire';
import type { Tones } from '../../parts/drawing';

/** A light sketch that is being tried: its primers, its angle, and what the drawing shows of it. */
export class Sketch {
    mode: 'single' | 'two' | 'shadow' = $state('single');
    /** ids of the primers: all over, from above, and the one between or from below */
    dark = $state('');
    light = $state('');
    other = $state('');
    /** degrees over the horizontal */
    angle = $state(45);
    shown: 'bare' | 'once' | 'done' = $state('bare');
    readonly query;

    constructor(
        figure: () => Figure,
        private readonly data: () => Undercoats,
    ) {
        const byLight = data().primers;
        this.dark = String(byLight[0]?.id ?? '');
        this.light = String(byLight[byLight.length - 1]?.id ?? '');
        this.other = String(byLight[Math.floor(byLight.length / 2)]?.id ?? '');
        this.angle = data().angles.light;
        this.query = createQuery(() => ({
            queryKey: ['undercoat', figure().id, 'sketch', this.dark, JSON.stringify(this.lights)],
            queryFn: () =>
                ask<LightSketch>(`companies/${figure().id}/undercoat/sketch`, {
                    paint_id: Number(this.dark),
                    lights: this.lights,
                }),
            placeholderData: (before: LightSketch | undefined) => before,
            enabled: this.data().primers.length > 1,
        }));
    }

    /** What is sprayed over the dark tone, in its order. */
    get lights(): GroundLaid['lights'] {
        const above = { paint_id: Number(this.light), degrees: this.angle };
        const { lower_by, below } = this.data().angles;
        if (this.mode === 'single') return [above];
        const degrees = this.mode === 'two' ? Math.max(5, this.angle - lower_by) : below;
        return [{ paint_id: Number(this.other), degrees }, above];
    }

    get tones(): Tones {
        return new Map(
            (this.query.data?.areas ?? []).map((a): [number, Faces | null] => [a.id, a[this.shown] ?? a.bare]),
        );
    }
}
