<script lang="ts">
    import type { BenchStep } from '../../api/wire';
    import type { BenchState } from './bench.svelte';

    interface Props {
        bench: BenchState;
        step: BenchStep;
    }
    let { bench, step }: Props = $props();
    const done = $derived(step.done_figures);
    const now = $derived(step.pass.figures);
    const every = $derived([...new Set([...done, ...step.left.figures])].sort((a, b) => a - b));
    const pass = $derived(
        step.pass.of > 1 && !step.done && step.loop === null
            ? `${step.pass.word} ${step.pass.number} of ${step.pass.of}`
            : '',
    );
</script>

{#if bench.figure === null}
    <div class="row" role="group" aria-label="Figures of the row{pass ? `, ${pass}` : ''}">
        {#if pass}<p>{pass}</p>{/if}
        {#each every as number (number)}
            {@const isDone = done.includes(number)}
            {@const isOpen = now.includes(number)}
            <button
                class:done={isDone}
                class:ahead={!isDone && !isOpen}
                disabled={!isOpen || bench.busy}
                aria-label={isDone
                    ? `Figure ${number} is done`
                    : isOpen
                      ? `Done on figure ${number}`
                      : `Figure ${number} has this ${step.pass.word} already`}
                onclick={() => bench.act([number])}>{isDone ? '✓' : number}{!isDone && !isOpen ? '·' : ''}</button
            >
        {/each}
    </div>
{/if}

<style>
    .row {
        display: flex;
        flex-wrap: wrap;
        gap: 8px;
        align-items: center;
        max-height: 164px;
        margin-bottom: 10px;
        overflow-y: auto;
    }
    p {
        margin-right: 6px;
        font-size: var(--size-head);
    }
    button {
        flex: 1;
        min-width: 44px;
        max-width: 64px;
        height: 48px;
        padding: 0;
        border: 2px solid var(--rule);
        background: none;
        color: var(--ink);
        font: inherit;
        font-size: var(--size-head);
        cursor: pointer;
    }
    .done {
        border-color: var(--ink);
        background: var(--ink);
        color: var(--panel);
    }
    .ahead {
        border-style: dashed;
        color: var(--ink-soft);
    }
    button:disabled {
        cursor: default;
    }
    @media (max-width: 980px) {
        .row {
            gap: 6px;
            max-height: 94px;
        }
        button {
            height: 44px;
        }
    }
</style>
