<script lang="ts">
    import type { BenchStep } from '../../api/wire';
    import { until } from '../../parts/words';
    import type { BenchState } from './bench.svelte';

    interface Props {
        bench: BenchState;
        step: BenchStep;
    }
    let { bench, step }: Props = $props();

    const targets = $derived(bench.targets);
    const loop = $derived(step.loop);
    /** a loop that this step is gone through again in */
    const around = $derived(bench.within(step));
    const isByPass = $derived(loop === null && step.pass.of > 1);
    const whom = $derived(
        bench.figure !== null
            ? `figure ${bench.figure}`
            : targets.length === 1
              ? `figure ${targets[0]}`
              : step.done_figures.length === 0 && targets.length === step.left.figures.length
                ? `all ${targets.length}`
                : `the other ${targets.length}`,
    );
    const what = $derived(
        isByPass
            ? `${{ pass: 'Pass', panel: 'Panel', coat: 'Coat', round: 'Round' }[step.pass.word]} ${step.pass.number} done on`
            : 'Done on',
    );
    const wet = $derived(bench.wetBelow);
    const label = $derived(
        step.done
            ? bench.figure === null
                ? 'Done on all figures'
                : `Figure ${bench.figure} is done`
            : `${what} ${whom}${wet ? `, though wet until ${until(wet.until, bench.bench?.now ?? wet.until)}` : ''}`,
    );
</script>

<div class="actions">
    {#if around}
        <button class="first" onclick={() => bench.turn(1)}>Go on with round {around.pass.number}</button>
    {:else if loop && !step.done}
        <p class="round">
            Round {step.pass.number} of {Math.max(step.pass.number, loop.rounds)}: {loop.exit}?
        </p>
        <button class="first" disabled={bench.busy} onclick={() => bench.done(targets)}>Enough</button>
        <button disabled={bench.busy} onclick={() => bench.again(step)}>Again</button>
    {:else}
        <button class="first" class:wet disabled={step.done || bench.busy} onclick={() => bench.act(targets)}
            >{label}</button
        >
    {/if}
    {#if !step.done && isByPass}
        <button disabled={bench.busy} onclick={() => bench.done(targets)}>All coats done</button>
    {/if}
    {#if !step.done && bench.figure !== null && bench.open.length > 1}
        <button disabled={bench.busy} onclick={() => bench.done(bench.open)}>Done on all {bench.open.length}</button>
    {/if}
    <button onclick={() => (bench.dialog = 'different')}>Different</button>
    <p class="keys">Enter done · D different · S slip · Z undo</p>
</div>

<style>
    .actions {
        display: flex;
        flex-wrap: wrap;
        gap: 14px;
        align-items: center;
    }
    .actions button {
        min-height: 62px;
        padding: 0 26px;
        border: 1px solid var(--ink-soft);
        background: none;
        color: var(--ink);
        font: inherit;
        font-size: var(--size-head);
        cursor: pointer;
    }
    .actions .first {
        min-height: 72px;
        padding: 0 40px;
        border: 0;
        background: var(--accent);
        color: #ffffff;
        font-size: var(--size-title);
        font-weight: 600;
    }
    .actions .wet {
        border: 2px solid var(--warn);
        background: none;
        color: var(--ink);
        font-size: var(--size-head);
    }
    .actions button:disabled {
        opacity: 0.5;
        cursor: default;
    }
    .round {
        width: 100%;
        font-size: var(--size-head);
    }
    .keys {
        margin-left: auto;
        font-size: var(--size-plain);
        text-align: right;
        color: var(--ink-soft);
    }
    @media (max-width: 1400px) {
        .keys {
            display: none;
        }
    }
    @media (max-width: 980px) {
        .actions {
            gap: 8px;
        }
        .actions button {
            flex: 1;
            min-height: 48px;
            padding: 0 8px;
        }
        .actions .first {
            flex-basis: 100%;
            min-height: 64px;
        }
    }
</style>
