<script lang="ts">
    import { material as materialWords } from '../../parts/words';
    import { InlineNotification } from 'carbon-components-svelte';
    import type { Recipe } from '../../api/wire';
    import EndsOff from './EndsOff.svelte';
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
        <div class="end">
            <button class="plain-button wanted" onclick={() => (page.redrafting = true)}>
                <i style:background={recipe.colour}></i>
                <span>wanted<br /><u>draft again</u></span>
            </button>
            {#if recipe.ending}<EndsOff ending={recipe.ending} />{/if}
        </div>
    {/if}
</div>
{#if recipe.ending?.far}<p class="far" role="note">{recipe.ending.far}</p>{/if}
{#if recipe.outdated && !page.redrafting}
    <InlineNotification lowContrast hideCloseButton kind="warning" title={recipe.outdated}>
        <button class="link-button" onclick={() => (page.redrafting = true)}>Draft again</button>
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
    .end {
        display: flex;
        flex: none;
        gap: 16px;
        align-items: flex-start;
    }
    @media (max-width: 720px) {
        .top {
            flex-wrap: wrap;
        }
    }
    .wanted {
        display: grid;
        gap: 4px;
        text-align: left;
        font-size: var(--size-small);
        color: var(--ink-soft);
    }
    .wanted i {
        width: 64px;
        height: 44px;
    }
    .wanted u {
        color: var(--ink);
    }
</style>
