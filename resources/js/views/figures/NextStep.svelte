<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { Figure } from '../../api/wire';
    import DraftAll from '../../parts/DraftAll.svelte';
    import { counted } from '../../parts/words';

    interface Props {
        figure: Figure;
    }
    let { figure }: Props = $props();
    const undecided = $derived(figure.areas.filter((a) => !a.colour));
    const open = $derived(figure.areas.filter((a) => a.colour && !a.planned));
</script>

<section>
    <h2>Next</h2>
    {#if undecided.length}
        <p>
            {undecided.length === figure.areas.length
                ? 'No area has a colour yet.'
                : `${counted(undecided.length, 'area')} without a colour.`}
        </p>
        <Button href="#/scheme/{figure.id}">Choose the colours</Button>
    {:else if open.length}
        <p>Every area has a colour; {counted(open.length, 'area')} without a recipe.</p>
        <p><a href="#/scheme/{figure.id}">See the scheme</a></p>
    {:else}
        <p>Every area has its recipe.</p>
        <Button href="#/bench/{figure.id}/1">Paint at the Bench</Button>
        <p><a href="#/scheme/{figure.id}">See the scheme</a></p>
    {/if}
    {#if undecided.length < figure.areas.length}<DraftAll company={figure.id} areas={figure.areas} />{/if}
    {#if open[0]}<p class="one"><a href="#/recipe/{open[0].id}">Recipe for {open[0].name.toLowerCase()}</a></p>{/if}
</section>

<style>
    section {
        margin-bottom: 26px;
    }
    .one {
        margin-top: 10px;
    }
    p {
        margin: 6px 0 12px;
    }
</style>
