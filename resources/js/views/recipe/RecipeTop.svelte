<script lang="ts">
    import { material as materialWords } from '../../parts/words';
    import { InlineNotification } from 'carbon-components-svelte';
    import type { Recipe } from '../../api/wire';
    import type { RecipeState } from './recipe.svelte';

    interface Props {
        recipe: Recipe;
        page: RecipeState;
    }
    let { recipe, page }: Props = $props();

    const ground = $derived(
        recipe.steps
            .filter((s) => s.of_figure && !s.whole)
            .map((s) => `${s.mix_words}${s.spray ? ` ${s.spray}` : ''}`)
            .join(', then '),
    );
</script>

<div class="top">
    <div>
        <h1>{recipe.area.name}</h1>
        <p class="soft">
            {materialWords(recipe.area.material)}, {recipe.area.surface_cm2} cm²{recipe.drafted
                ? ` · painted ${recipe.way_words}`
                : ''} · undercoat {ground}
        </p>
    </div>
    {#if recipe.drafted && !page.redrafting}
        <button class="plain-button wanted" onclick={() => (page.redrafting = true)}>
            <i style:background={recipe.colour}></i>
            <span
                >{recipe.ending ? `ends ${recipe.ending.off.toFixed(1)} off this colour` : 'intended colour'}<br /><u
                    >another draft</u
                ></span
            >
        </button>
    {/if}
</div>
{#if recipe.ending?.far}<p class="far" role="note">{recipe.ending.far}</p>{/if}
{#if recipe.outdated && !page.redrafting}
    <InlineNotification lowContrast hideCloseButton kind="warning" title={recipe.outdated}>
        <button class="link-button" onclick={() => (page.redrafting = true)}>Draft it anew</button>
    </InlineNotification>
{/if}

<style>
    .top {
        display: flex;
        gap: 24px;
        align-items: start;
        justify-content: space-between;
        margin-bottom: 16px;
    }
    .far {
        margin: 0 0 16px;
        padding-left: 12px;
        border-left: 4px solid var(--warn);
    }
    .wanted {
        display: flex;
        gap: 10px;
        align-items: center;
        font-size: var(--size-small);
        color: var(--ink-soft);
    }
    .wanted i {
        width: 56px;
        height: 44px;
    }
    .wanted u {
        color: var(--ink);
    }
</style>
