<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { Button } from 'carbon-components-svelte';
    import { bookQuery } from '../../api/queries';
    import type { Recipe } from '../../api/wire';
    import type { RecipeState } from './recipe.svelte';
    import Told from './Told.svelte';

    interface Props {
        recipe: Recipe;
        page: RecipeState;
    }
    let { recipe, page }: Props = $props();

    const book = createQuery(() => bookQuery({}));
    let model = $state('');
    let chosen = $state('');
    let as: 'everything' | 'method' = $state('everything');
    const others = $derived(
        (page.figures.data?.companies ?? []).flatMap((c) =>
            c.areas
                .filter((a) => a.planned && a.id !== recipe.area.id)
                .map((a) => ({ id: a.id, words: c.id === recipe.company.id ? a.name : `${a.name} of ${c.name}` })),
        ),
    );
</script>

<h2>Or start from another recipe</h2>
<Told {page} drafted={recipe.drafted} />
<section class="pick">
    <label
        >As that one, except …
        <select class="small-field" aria-label="Recipe to follow" bind:value={model}>
            <option value="">choose an area</option>
            {#each others as each (each.id)}<option value={String(each.id)}>{each.words}</option>{/each}
        </select></label
    >
    <Button
        size="small"
        kind="secondary"
        disabled={page.busy || model === '' || (as === 'method' && recipe.area.colour === null)}
        onclick={() => page.bring('follow', { area_id: Number(model), as })}>Follow it</Button
    >
    <div class="as" role="radiogroup" aria-label="What is followed">
        <label
            ><input type="radio" name="as" value="everything" bind:group={as} /> everything: the same paints, so this area
            takes that colour too</label
        >
        <label
            ><input type="radio" name="as" value="method" bind:group={as} /> the method, in this area’s own colour and
            over its own ground{recipe.area.colour === null ? ': choose a colour first' : ''}</label
        >
    </div>
    <p class="soft">It follows when that one changes; your own changes to it stay.</p>
</section>
<section class="pick">
    <label
        >Out of the book
        <select class="small-field" aria-label="Recipe of the book" bind:value={chosen}>
            <option value="">{book.data?.total ? 'choose a recipe' : 'the book is still empty'}</option>
            {#each book.data?.recipes ?? [] as each (each.id)}<option value={String(each.id)}
                    >{each.name} ({each.way})</option
                >{/each}
        </select></label
    >
    <Button
        size="small"
        kind="secondary"
        disabled={page.busy || chosen === ''}
        onclick={() => page.bring('book', { book_id: Number(chosen) })}>Use this</Button
    >
    <p class="soft">Every paint you lack is replaced by what you own, and the differences are listed.</p>
</section>

<style>
    h2 {
        margin-top: 34px;
    }
    section {
        max-width: 660px;
        margin-top: 16px;
    }
    .pick {
        display: flex;
        flex-wrap: wrap;
        gap: 6px 14px;
        align-items: end;
    }
    .as {
        display: grid;
        flex-basis: 100%;
        gap: 2px;
    }
    .as label {
        display: block;
        font-weight: 400;
    }
    .pick p {
        flex-basis: 100%;
    }
    label {
        display: grid;
        gap: 4px;
        min-width: 320px;
        font-size: var(--size-plain);
        font-weight: 600;
    }
    section :global(.bx--btn) {
        margin-top: 8px;
    }
</style>
