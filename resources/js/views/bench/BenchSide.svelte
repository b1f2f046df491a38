<script lang="ts">
    import type { Bench } from '../../api/wire';
    import { counted, duration, ranges } from '../../parts/words';
    import DryingClock from './DryingClock.svelte';
    import type { BenchState } from './bench.svelte';

    interface Props {
        bench: BenchState;
        view: Bench;
    }
    let { bench, view }: Props = $props();
    const done = $derived(bench.step?.done_figures ?? []);
    const upcoming = $derived(view.steps.slice(bench.position, bench.position + 3));
</script>

<aside aria-label="What dries, figures, what comes next">
    <h2>{view.company.name}, figure {view.figure}</h2>
    <h3>Drying</h3>
    {#each view.drying as each (each.id)}
        <DryingClock drying={each} now={view.now} ondry={(hairdryer) => bench.dry(each.id, hairdryer)} />
    {:else}
        <p class="soft">Nothing is drying on this figure.</p>
    {/each}
    {#if upcoming.length}
        <h3>Next after this</h3>
        <ol>
            {#each upcoming as step (step.id)}
                <li>
                    <button class="plain-button" onclick={() => (bench.turned = step.id)}
                        >{step.area}, {step.technique}</button
                    >{step.done ? ' ✓' : ''}
                </li>
            {/each}
        </ol>
    {/if}
    <label class="level"
        >Up to
        <select class="line-select" aria-label="Level" bind:value={bench.level}>
            <option value="">everything</option><option value="fieldable">fieldable</option><option value="finished"
                >finished</option
            >
        </select></label
    >
    <h3>Figures</h3>
    <div class="figures">
        {#each view.figures as figure (figure.number)}
            <a
                href="#/bench/{view.company.id}/{figure.number}"
                aria-current={figure.number === view.figure ? 'true' : undefined}
                aria-label="Figure {figure.number}, {figure.done} of {figure.total} steps done{done.includes(
                    figure.number,
                )
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
    {#if view.left_minutes}<p class="left">{duration(view.left_minutes)} of work left in all</p>{/if}
    <p class="soft">✓ this step is done there · the bar shows how far the whole figure is</p>
    <button class="link-button" onclick={() => (bench.dialog = 'unplanned')}>Add something unplanned</button>
    {#if view.last}
        <p class="soft last">
            Last entry: {view.last.area.toLowerCase()}, {view.last.stage}, {view.last.figures.length > 1
                ? 'figures'
                : 'figure'}
            {ranges(view.last.figures)}.
            <button class="link-button" onclick={() => view.last && bench.takeBack(view.last.id)}>Undo</button>
        </p>
    {/if}
    <p class="visually-hidden" role="status">{counted(done.length, 'figure')} have this step</p>
</aside>

<style>
    .level {
        display: block;
        margin-top: 14px;
        font-size: var(--size-plain);
    }
    aside {
        padding: 28px 22px;
        background: var(--panel);
    }
    h3 {
        margin: 22px 0 8px;
        font-family: var(--text);
        font-weight: 400;
        font-size: var(--size-body);
        color: var(--ink-soft);
    }
    ol {
        margin: 0;
        padding: 0;
        list-style: none;
    }
    li {
        padding: 4px 0;
        font-size: var(--size-body);
    }
    li button {
        text-decoration: underline;
        text-underline-offset: 3px;
        text-decoration-color: var(--rule);
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
    .last {
        margin-top: 14px;
    }
</style>
