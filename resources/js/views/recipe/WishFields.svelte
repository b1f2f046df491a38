<script lang="ts">
    import { Select, SelectItem } from 'carbon-components-svelte';
    import type { Recipe, RecipeVocabulary } from '../../api/wire';
    import type { Wish } from './draft-wish.svelte';

    interface Props {
        wish: Wish;
        recipe: Recipe;
        words: RecipeVocabulary | undefined;
    }
    let { wish, recipe, words }: Props = $props();
</script>

<div class="three">
    <Select size="sm" labelText="Lighten toward" bind:selected={wish.options.light}>
        {#each words?.towards ?? [] as each (each.id)}<SelectItem value={each.id} text={each.words} />{/each}
    </Select>
    <Select size="sm" labelText="Shade toward" bind:selected={wish.options.shade}>
        {#each words?.shades ?? [] as each (each.id)}<SelectItem value={each.id} text={each.words} />{/each}
    </Select>
    <Select size="sm" labelText="Special start" bind:selected={wish.start}>
        <SelectItem value="" text="none: by the rules" />
        {#each recipe.starts as each (each.id)}<SelectItem
                value={each.id}
                text={each.words +
                    (each.suits ? ', suits this area' : '') +
                    (each.adds ? ' (added to the recipe)' : '')}
            />{/each}
    </Select>
</div>
<p class="ticks">
    <label
        ><input type="checkbox" bind:checked={wish.options.mixed} /> mix the rungs from two or three paints, in even steps</label
    >
    {#if wish.options.light === 'white'}<label
            ><input type="checkbox" bind:checked={wish.options.insist} /> white even over red</label
        >{/if}
</p>

<style>
    .three {
        display: grid;
        grid-template-columns: repeat(3, 1fr);
        gap: 14px;
        align-content: start;
    }
    .ticks {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 20px;
        margin: 14px 0;
        font-size: var(--size-plain);
    }
    @media (max-width: 720px) {
        .three {
            grid-template-columns: 1fr;
        }
    }
</style>
