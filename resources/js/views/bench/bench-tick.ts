import type { Bench, BenchTick } from '../../api/wire';

/**
 * The bench as it is after something was done there: all that was shown, with what is otherwise now. Null where a step is there that was
 * not shown before, so that it has to be asked for.
 */
export function ticked(shown: Bench | undefined, tick: BenchTick): Bench | null {
    if (!shown) return null;
    const { order, steps, slips, pictures, ...now } = tick;
    const before = new Map(shown.steps.map((step) => [step.id, step]));
    const stands = new Map(steps.map((step) => [step.id, step]));
    if (order.some((id) => !before.has(id))) return null;

    return {
        ...shown,
        ...now,
        slips: slips ?? shown.slips,
        pictures: pictures ?? shown.pictures,
        steps: order.map((id) => ({ ...before.get(id)!, ...stands.get(id) })),
    };
}
