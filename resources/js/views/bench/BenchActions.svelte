<script lang="ts">
    import { counted, duration } from '../../parts/words';
    import type { BenchState } from './bench.svelte';

    interface Props {
        bench: BenchState;
    }
    let { bench }: Props = $props();

    const figure = $derived(bench.bench?.figure ?? 1);
    const isOpen = $derived(bench.open.includes(figure));
    const left = $derived(bench.step?.left);
    const loop = $derived(bench.step?.loop ?? null);
    const round = $derived(bench.step ? bench.round(bench.step) : 1);
    /** a loop that this step is gone through again in */
    const around = $derived(bench.step ? bench.within(bench.step) : null);
</script>

<div class="actions">
    {#if around}
        <button class="first" onclick={() => bench.turn(1)}>Go on with round {bench.round(around)}</button>
    {:else if loop && isOpen && bench.step}
        <p class="round">Round {round} of {Math.max(round, loop.rounds)}: {loop.exit}?</p>
        <button class="first" disabled={bench.busy} onclick={() => bench.done([figure])}>Enough</button>
        <button disabled={bench.busy} onclick={() => bench.step && bench.again(bench.step)}>Again</button>
    {:else}
        <button class="first" disabled={!isOpen || bench.busy} onclick={() => bench.done([figure])}
            >{isOpen ? `Done on figure ${figure}` : `Figure ${figure} is done`}</button
        >
    {/if}
    {#if bench.open.length > 1}
        <button disabled={bench.busy} onclick={() => bench.done(bench.open)}>Done on all {bench.open.length}</button>
    {/if}
    <button onclick={() => (bench.dialog = 'different')}>Different</button>
    <p class="keys">
        {#if left && left.figures.length > 1}
            <span>{counted(left.figures.length, 'figure')} to go, about {duration(left.minutes)} of work</span>
        {/if}
        <span>Enter done · A all · D different</span>
        <span>U unplanned · ← → other steps</span>
    </p>
</div>

<style>
    .actions {
        display: flex;
        flex-wrap: wrap;
        gap: 14px;
        align-items: center;
        position: sticky;
        z-index: 2;
        bottom: 0;
        margin-top: auto;
        padding: 12px 0;
        background: var(--surround);
    }
    .actions button {
        min-height: 68px;
        padding: 0 26px;
        border: 1px solid var(--ink-soft);
        background: none;
        color: var(--ink);
        font: inherit;
        font-size: var(--size-head);
        cursor: pointer;
    }
    .actions .first {
        min-height: 76px;
        padding: 0 44px;
        border: 0;
        background: var(--accent);
        color: #ffffff;
        font-size: var(--size-title);
        font-weight: 600;
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
    .keys span {
        display: block;
    }
    @media (max-width: 980px) {
        .keys {
            display: none;
        }
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
