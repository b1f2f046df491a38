<script lang="ts">
    import type { Recipe } from '../../api/wire';
    import type { RecipeState } from './recipe.svelte';
    import ToBook from './ToBook.svelte';

    interface Props {
        recipe: Recipe;
        page: RecipeState;
    }
    let { recipe, page }: Props = $props();

    let keeping = $state(false);

    function keys(event: KeyboardEvent) {
        const typing = (event.target as HTMLElement).closest('input, select, textarea');
        if (typing || !(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
        event.preventDefault();
        if (event.shiftKey) {
            if (recipe.redo) page.redo();
        } else if (recipe.undo) page.undo();
    }
</script>

<svelte:window onkeydown={keys} />
<div class="tools">
    <button
        class="tool"
        disabled={!recipe.undo}
        title={recipe.undo ? `takes back: ${recipe.undo}` : 'nothing to undo'}
        onclick={() => page.undo()}>Undo</button
    >
    <button
        class="tool"
        disabled={!recipe.redo}
        title={recipe.redo ? `does again: ${recipe.redo}` : 'nothing to redo'}
        onclick={() => page.redo()}>Redo</button
    >
    {#if recipe.undo}<span class="soft last" title={recipe.undo}>{recipe.undo}</span>{/if}
    <span class="right">
        <a class="tool" href="#/compare/{recipe.company.id}?area={recipe.area.id}">Compare drafts</a>
        <button class="tool" aria-expanded={keeping} onclick={() => (keeping = !keeping)}>Keep in the book</button>
        <a class="tool" href="/api/areas/{recipe.area.id}/card" target="_blank" rel="noopener">Card</a>
        <a class="tool" href="/api/areas/{recipe.area.id}/recipe/file?as=json" download>JSON</a>
        <a class="tool" href="/api/areas/{recipe.area.id}/recipe/file?as=md" download>Markdown</a>
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
    .last {
        max-width: 170px;
        overflow: hidden;
        text-overflow: ellipsis;
        white-space: nowrap;
    }
    .right {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 14px;
        margin-left: auto;
    }
    .tool {
        padding: 4px 0;
        border: 0;
        background: none;
        color: var(--ink);
        font: inherit;
        text-decoration: underline;
        text-underline-offset: 3px;
        cursor: pointer;
    }
    .tool:disabled {
        color: var(--ink-soft);
        text-decoration: none;
        cursor: default;
    }
</style>
