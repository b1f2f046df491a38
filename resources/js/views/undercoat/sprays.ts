import type { Spray, Undercoats } from '../../api/wire';
import { counted, duration } from '../../parts/words';

/** A spray as the painter wants it, without what is computed of it. */
export type Wanted = Pick<Spray, 'paint_id' | 'kind' | 'from' | 'areas'> & { key: string | null; coats: number | null };

export const wanted = (sprays: Spray[]): Wanted[] =>
    sprays.map(({ key, paint_id, kind, from, areas, coats, coats_own }) => ({
        key,
        paint_id,
        kind,
        from,
        areas,
        coats: coats_own ? coats : null,
    }));

/** The height among those offered that a spray comes nearest to. */
export function heightOf(from: Spray['from'], heights: Undercoats['heights']): number {
    const found = heights.findIndex((h) =>
        from === null
            ? h.degrees === null
            : h.degrees !== null &&
              (from.side === 'everywhere' ? h.side === 'everywhere' : h.side === '' && h.degrees === from.degrees),
    );
    return found;
}

/** The same spray from another height. */
export function fromHeight(spray: Wanted, height: Undercoats['heights'][number]): Wanted {
    if (height.degrees === null) return { ...spray, from: null };
    const side = height.side || (spray.from && spray.from.side !== 'everywhere' ? spray.from.side : '');
    return { ...spray, from: { degrees: height.degrees, side, strength: spray.from?.strength ?? 1 } };
}

/** "7 drops Black primer, 4 thinner, enough for 5 figures" */
export function loaded(spray: Spray): string {
    if (spray.amount === null) return spray.kind === 'spray-can' ? 'straight from the can' : '';
    const drops = spray.amount.drops.map((d) => counted(d.drops, 'drop')).join(', ');
    const thinner = spray.amount.thinner_drops ? ` and ${spray.amount.thinner_drops} of ${spray.thinned_with}` : '';
    return `${drops}${thinner}, enough for ${counted(spray.amount.figures, 'figure')}`;
}

export const times = (spray: Spray): string =>
    `${counted(spray.coats, 'coat')} · ${spray.minutes} min a figure · dry in ${duration(spray.dry_minutes)}`;

/** "The cup also serves Barge (1 figure)" */
export const cup = (spray: Spray): string =>
    spray.waiting.map((w) => `${w.company} (${counted(w.figures, 'figure')})`).join(', ');
