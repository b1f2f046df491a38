<script lang="ts">
    import type { Recipe } from '../../api/wire';
    import type { RecipeState } from './recipe.svelte';

    interface Props {
        recipe: Recipe;
        page: RecipeState;
    }
    let { recipe, page }: Props = $props();
</script>

{#if recipe.model}
    <p class="model">
        {recipe.model.method ? 'In the method of' : 'As'}
        <a href="#/recipe/{recipe.model.area_id}">{recipe.model.words}</a>{recipe.differences.length
            ? `, except: ${recipe.differences.map((d) => d.words).join('; ')}.`
            : ', without exception so far.'}
        <button class="link-button" onclick={() => page.bring('follow', { area_id: null })}>stop following</button>
    </p>
{/if}
{#if recipe.part}
    <p class="model">
        {recipe.part.sentence} Its recipes:
        {#each recipe.part.areas as each, i (each.id)}{i
                ? ', '
                : ''}{#if each.id === recipe.area.id}{each.name}{:else}<a href="#/recipe/{each.id}">{each.name}</a
                >{/if}{/each}.
        {#if !recipe.part.glued}<button
                class="link-button"
                disabled={page.busy}
                onclick={() => page.rework({ kind: 'add', technique: 'gluing', after: null })}>glue it on here</button
            >{/if}
    </p>
{/if}

<style>
    .model {
        margin-bottom: 12px;
        padding-left: 12px;
        border-left: 3px solid var(--rule);
        font-size: var(--size-plain);
    }
</style>
