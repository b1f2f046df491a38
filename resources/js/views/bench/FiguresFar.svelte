<script lang="ts">
    import type { Bench } from '../../api/wire';
    import type { BenchState } from './bench.svelte';

    interface Props {
        bench: BenchState;
        view: Bench;
    }
    let { bench, view }: Props = $props();
    const done = $derived(bench.step?.done_figures ?? []);
    const companies = $derived(bench.figures.data?.companies ?? []);
</script>

<h3>Figures</h3>
{#if view.company.count > 1}
    <p class="how">
        {#if view.figure === null}
            <strong>All in a row</strong> · <a href="#/bench/{view.company.id}/1">one figure at a time</a>
        {:else}
            <a href="#/bench/{view.company.id}">All in a row</a> · <strong>one figure at a time</strong>
        {/if}
    </p>
{/if}
<div class="figures">
    {#each view.figures as figure (figure.number)}
        <a
            href="#/bench/{view.company.id}/{figure.number}"
            aria-current={figure.number === view.figure ? 'true' : undefined}
            aria-label="Figure {figure.number}, {figure.done} of {figure.total} steps done{done.includes(figure.number)
                ? ', this step done'
                : ''}"
            class:done={done.includes(figure.number)}
            onclick={() => (bench.turned = bench.step?.id ?? null)}
        >
            {done.includes(figure.number) ? '✓' : figure.number}
            <i style:width="{(100 * figure.done) / figure.total}%"></i>
        </a>
    {/each}
</div>
<p class="soft">✓ this step is done there · the bar shows how far the whole figure is</p>
<label
    >Up to
    <select class="line-select" aria-label="Level" bind:value={bench.level}>
        <option value="">everything</option><option value="fieldable">fieldable</option><option value="finished"
            >finished</option
        >
    </select></label
>
{#if companies.length > 1}
    <label
        >Company
        <select
            class="line-select"
            aria-label="Company"
            value={String(view.company.id)}
            onchange={(e) => (location.hash = `#/bench/${e.currentTarget.value}`)}
        >
            {#each companies as each (each.id)}<option value={String(each.id)}>{each.name}</option>{/each}
        </select></label
    >
{/if}

<style>
    .how {
        margin-bottom: 8px;
        font-size: var(--size-plain);
    }
    label {
        display: block;
        margin-top: 8px;
        font-size: var(--size-plain);
    }
    .figures {
        display: grid;
        grid-template-columns: repeat(6, 1fr);
        gap: 8px;
        margin-bottom: 8px;
    }
    .figures a {
        position: relative;
        display: grid;
        place-items: center;
        height: 40px;
        border: 2px solid var(--rule);
        color: var(--ink);
        text-decoration: none;
    }
    .figures a.done {
        background: var(--ink);
        color: var(--panel);
    }
    .figures a[aria-current] {
        border-color: var(--accent-text);
    }
    .figures i {
        position: absolute;
        left: 0;
        bottom: 0;
        height: 3px;
        background: var(--ink-soft);
    }
</style>
