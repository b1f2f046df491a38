<script lang="ts">
    import type { Bench } from '../../api/wire';

    interface Props {
        bench: Bench;
    }
    let { bench }: Props = $props();
    const nextFigure = $derived(bench.figures.find((f) => f.done < f.total));
    const bare = $derived(bench.areas.filter((a) => !a.planned));
</script>

<h1>{bench.figure === null ? 'Every figure' : `Figure ${bench.figure}`} has every planned step</h1>
{#if bare.length}
    <p>
        Without a recipe: {bare.map((a) => a.name).join(', ')}.
        <a href="#/recipe/{bare[0]?.id}">Draft the first of them</a>.
    </p>
{/if}
{#if nextFigure && bench.figure !== null}
    <p>
        <a href="#/bench/{bench.company.id}/{nextFigure.number}">Go on with figure {nextFigure.number}</a>, where {nextFigure.total -
            nextFigure.done} steps are open.
    </p>
{/if}
{#if bench.sitting}<p><a href="#/sitting/{bench.sitting.id}/end">End the sitting</a></p>{/if}
<p><a href="#/ledger">See the painting log</a></p>

<style>
    h1 {
        margin-bottom: 20px;
        font-size: var(--size-display);
    }
    p {
        margin-bottom: 10px;
        font-size: var(--size-head);
    }
</style>
