<script lang="ts">
    import { untrack } from 'svelte';
    import { router } from 'svelte-spa-router';
    import Refused from '../../parts/Refused.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import AreaRail from './AreaRail.svelte';
    import AddStep from './AddStep.svelte';
    import Asides from './Asides.svelte';
    import Belongs from './Belongs.svelte';
    import ChooseColour from './ChooseColour.svelte';
    import Elsewhere from './Elsewhere.svelte';
    import LeftOut from './LeftOut.svelte';
    import Moved from './Moved.svelte';
    import RecipeTop from './RecipeTop.svelte';
    import RecipeTools from './RecipeTools.svelte';
    import StepPanel from './StepPanel.svelte';
    import Strata from './Strata.svelte';
    import Totals from './Totals.svelte';
    import WholeFigure from './WholeFigure.svelte';
    import WholeSteps from './WholeSteps.svelte';
    import { RecipeState } from './recipe.svelte';

    interface Props {
        params?: { area?: string } | null;
    }
    let { params = null }: Props = $props();

    const page = new RecipeState(() => (params?.area ? Number(params.area) : null));
    const recipe = $derived(page.recipe);
    const area = $derived(page.area);

    let panel: HTMLElement | undefined = $state();

    /** Where the panel lies below the strata, bring it into view. */
    function choose(key: string) {
        page.chosen = key;
        if (matchMedia('(max-width: 980px)').matches) panel?.scrollIntoView({ behavior: 'smooth' });
    }

    $effect(() => {
        void area;
        untrack(() => {
            page.forget();
            page.redrafting = new URLSearchParams(router.querystring ?? '').has('ladder');
        });
    });
</script>

{#if page.figures.isSuccess && page.area === null}
    <main class="none">
        <h1>No figure to paint yet</h1>
        <p>A recipe belongs to an area of a figure. <a href="#/figures">Describe a figure</a> first.</p>
    </main>
{:else if !recipe}
    <Waiting problem={page.query.error ?? page.figures.error} />
{:else}
    <div class="trio">
        <AreaRail company={recipe.company} area={recipe.area.id} />
        <main>
            <RecipeTop {recipe} {page} />
            <Refused write={page.write} />
            {#if !recipe.drafted || page.redrafting}
                {#key recipe.area.id}
                    <ChooseColour {recipe} {page} />
                    <Elsewhere {recipe} {page} />
                    <WholeSteps {recipe} {page} />
                {/key}
            {:else}
                <RecipeTools {recipe} {page} />
                <Asides {recipe} {page} />
                {#if page.moved}<Moved moved={page.moved} onclose={() => (page.moved = null)} />{/if}
                <Belongs {recipe} {page} />
                {#each recipe.findings as finding (finding)}<p class="finding">{finding}</p>{/each}
                <Strata steps={page.steps} chosen={page.step?.key ?? ''} onchoose={choose} />
                <AddStep {page} />
                <Totals {recipe} {page} />
                <LeftOut stages={recipe.left_out} />
                <WholeSteps {recipe} {page} />
                <WholeFigure company={recipe.company} />
            {/if}
        </main>
        <aside class="panel" aria-label="The chosen step" bind:this={panel}>
            {#if recipe.drafted && page.step}
                {#key `${recipe.area.id} ${page.step.key}`}
                    <StepPanel area={recipe.area.id} company={recipe.company.id} step={page.step} {page} />
                {/key}
            {:else}
                <h2>What happens next</h2>
                <p>
                    From the colour you choose, the shade and the highlight are worked out, then matched to the paints
                    on your shelf: how many drops of what, how thin, how many coats, and why.
                </p>
            {/if}
        </aside>
    </div>
{/if}

<style>
    .none {
        padding: 40px 28px;
    }
    .finding {
        margin-bottom: 12px;
        padding-left: 12px;
        border-left: 3px solid var(--rule);
        font-size: var(--size-plain);
    }
    .panel > p {
        margin-top: 10px;
    }
</style>
