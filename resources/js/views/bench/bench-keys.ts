import type { BenchState } from './bench.svelte';

/** One key each, for hands that are wet or hold a brush; never while something is being typed. */
export function keyOf(event: KeyboardEvent, bench: BenchState): (() => void) | null {
    const at = event.target as HTMLElement;
    if (event.ctrlKey || event.metaKey || event.altKey || /^(INPUT|TEXTAREA|SELECT|BUTTON|A)$/.test(at.tagName)) {
        return null;
    }
    const act: Record<string, () => void> = {
        Enter: () => !bench.isSittingDone && bench.act(bench.targets),
        a: () => !bench.isSittingDone && bench.done(bench.open),
        d: () => bench.step && (bench.dialog = 'different'),
        u: () => (bench.dialog = 'other'),
        s: () => (bench.dialog = 'slip'),
        z: () => bench.takeBack(),
        ArrowLeft: () => bench.turn(-1),
        ArrowRight: () => bench.turn(1),
    };
    const figure = /^[1-9]$/.test(event.key) ? Number(event.key) : 0;
    if (bench.figure === null && bench.targets.includes(figure)) return () => bench.act([figure]);
    return act[event.key.length === 1 ? event.key.toLowerCase() : event.key] ?? null;
}
