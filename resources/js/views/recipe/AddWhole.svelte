<script lang="ts">
    import type { Recipe } from '../../api/wire';
    import SmallSelect from '../../parts/SmallSelect.svelte';
    import type { RecipeState } from './recipe.svelte';

    interface Props {
        recipe: Recipe;
        page: RecipeState;
    }
    let { recipe, page }: Props = $props();

    let technique = $state('');
    let tiny = $state(true);
    let late = $state(false);
    /** refused once because the figure is weathered already */
    const twice = $derived(page.write.problem.includes('weathered already'));
    const add = (sure: boolean) => page.addWhole({ technique, without: [], tiny, late, sure });
</script>

<div class="add">
    <SmallSelect
        label="add"
        name="Add over the whole figure"
        none="choose a step"
        options={recipe.whole.offered}
        value={technique}
        onpick={(id) => (technique = id)}
    />
    <label class="tick"><input type="checkbox" bind:checked={tiny} /> on tiny details too</label>
    <label class="tick"><input type="checkbox" bind:checked={late} /> after everything is painted</label>
    <button class="small-action quiet" disabled={technique === '' || page.busy} onclick={() => add(false)}
        >Add it</button
    >
    {#if twice}<button class="small-action quiet" onclick={() => add(true)}>Add it all the same</button>{/if}
</div>

<style>
    .add {
        display: flex;
        flex-wrap: wrap;
        gap: 8px 18px;
        align-items: end;
    }
    .tick {
        display: flex;
        gap: 6px;
        align-items: center;
        font-size: var(--size-plain);
    }
</style>
