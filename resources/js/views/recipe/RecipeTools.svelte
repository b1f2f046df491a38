<script lang="ts">
    import type { Recipe } from '../../api/wire';
    import type { RecipeState } from './recipe.svelte';
    import UndoRedo from '../../parts/UndoRedo.svelte';
    import LayOut from '../../parts/LayOut.svelte';
    import ToBook from './ToBook.svelte';

    interface Props {
        recipe: Recipe;
        page: RecipeState;
    }
    let { recipe, page }: Props = $props();

    let keeping = $state(false);
    /** what is undone: the recipe, or what of the figure is chosen */
    const of = $derived(page.step?.whole ? 'whole' : page.step?.of_figure ? 'undercoat' : 'area');
    const at = $derived(of === 'area' ? recipe : recipe[of]);
</script>

<div class="tools">
    <UndoRedo
        undo={at.undo}
        redo={at.redo}
        of={{ area: '', undercoat: 'Undercoat', whole: 'Whole figure' }[of]}
        onstep={(where) => page.retrace(where, of)}
    />
    <span class="right">
        {#if recipe.drafted}<LayOut
                company={recipe.company.id}
                origin="recipe"
                area={recipe.area.id}
                words="Paint this now"
            />{/if}
        <a class="tool-link" href="#/compare/{recipe.company.id}?area={recipe.area.id}">Compare drafts</a>
        <button class="tool-link" aria-expanded={keeping} onclick={() => (keeping = !keeping)}>Keep in the book</button>
        <a class="tool-link" href="/api/areas/{recipe.area.id}/card" target="_blank" rel="noopener">Card</a>
        <a class="tool-link" href="/api/areas/{recipe.area.id}/recipe/file?as=json" download>JSON</a>
        <a class="tool-link" href="/api/areas/{recipe.area.id}/recipe/file?as=md" download>Markdown</a>
    </span>
</div>
{#if keeping}<ToBook {recipe} ondone={() => (keeping = false)} />{/if}

<style>
    .tools {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 14px;
        align-items: center;
        margin-bottom: 12px;
        font-size: var(--size-plain);
    }
    .right {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 14px;
        margin-left: auto;
    }
</style>
