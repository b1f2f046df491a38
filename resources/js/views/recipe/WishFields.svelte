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
    <Select size="sm" labelText="How far" bind:selected={wish.options.finish}>
        {#each words?.levels ?? [] as each (each.id)}<SelectItem
                value={each.id}
                text={each.words.split(':')[0] ?? each.id}
            />{/each}
    </Select>
    {#each ['shades', 'highlights'] as const as kind (kind)}
        <Select
            size="sm"
            labelText={kind === 'shades' ? 'Shades' : 'Highlights'}
            selected={String(wish.options[kind] ?? '')}
            on:update={(e) => (wish.options[kind] = e.detail === '' ? null : Number(e.detail))}
        >
            <SelectItem value="" text="as many as that asks" />
            {#each [0, 1, 2, 3, 4] as count (count)}<SelectItem
                    value={String(count)}
                    text={count === 0 ? 'none' : String(count)}
                />{/each}
        </Select>
    {/each}
    <Select size="sm" labelText="Lighten toward" bind:selected={wish.options.light}>
        {#each words?.towards ?? [] as each (each.id)}<SelectItem value={each.id} text={each.words} />{/each}
    </Select>
    <Select size="sm" labelText="Shade toward" bind:selected={wish.options.shade}>
        {#each words?.shades ?? [] as each (each.id)}<SelectItem value={each.id} text={each.words} />{/each}
    </Select>
    <Select size="sm" labelText="Special start" bind:selected={wish.start}>
        <SelectItem value="" text="as is usual for such an area" />
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
        ><input type="checkbox" bind:checked={wish.options.mixed} /> mix the shades from two or three paints, in even steps</label
    >
    {#if wish.way === 'glazes'}<label
            ><input type="checkbox" bind:checked={wish.options.glazed} /> lights in glazes too, not in layers</label
        >{/if}
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
