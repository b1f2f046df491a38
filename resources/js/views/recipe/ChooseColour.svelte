<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { Button } from 'carbon-components-svelte';
    import { router } from 'svelte-spa-router';
    import { shelfQuery, vocabularyQuery } from '../../api/queries';
    import type { Recipe } from '../../api/wire';
    import ShelfColours from '../../parts/ShelfColours.svelte';
    import { Wish } from './draft-wish.svelte';
    import DraftStrip from './DraftStrip.svelte';
    import type { RecipeState } from './recipe.svelte';
    import WantedColour from './WantedColour.svelte';
    import WishFields from './WishFields.svelte';

    interface Props {
        recipe: Recipe;
        page: RecipeState;
    }
    let { recipe, page }: Props = $props();

    const shelf = createQuery(shelfQuery);
    const vocabulary = createQuery(vocabularyQuery);
    const paints = $derived(
        shelf.data?.paints.filter((p) => p.colour && p.at_hand && vocabulary.data?.matched.includes(p.behaviour)) ?? [],
    );
    // svelte-ignore state_referenced_locally
    const wish = new Wish(recipe, new URLSearchParams(router.querystring ?? ''));
    const told = $derived(recipe.starts.find((s) => s.id === wish.start));
</script>

<form
    onsubmit={(event) => {
        event.preventDefault();
        page.redraft(wish.said);
        if (wish.ladder) history.replaceState(history.state, '', `#/recipe/${recipe.area.id}`);
    }}
>
    <h2>Which colour?</h2>
    <p class="soft">
        As the area should look in the end, on its planes: any colour at all, or one of your shelf below.
    </p>
    <WantedColour {wish} {recipe} {paints} words={vocabulary.data} />
    {#if wish.ladder}
        <p class="taken">
            The ladder from the tables is used as it is: its rungs are base, shades and highlights.
            <button type="button" class="link-button" onclick={() => (wish.ladder = '')}
                >Choose by the rules instead</button
            >
        </p>
    {/if}
    {#if wish.valid}<DraftStrip area={recipe.area.id} question={wish.question} />{/if}
    <WishFields {wish} {recipe} words={vocabulary.data} />
    {#if told}<p class="soft">{told.why}</p>{/if}
    <Button type="submit" disabled={page.busy || !wish.valid}
        >{recipe.drafted ? 'Draft again' : 'Draft the recipe'}</Button
    >
    {#if recipe.drafted}
        <Button kind="ghost" onclick={() => (page.redrafting = false)}>Keep the recipe</Button>
        <p class="soft">Undo brings back the draft before; your records stay.</p>
    {/if}
    <h3>Colours on your shelf</h3>
    <div class="shelf">
        <ShelfColours
            {paints}
            chosen={(paint) => paint.colour === wish.colour}
            onpick={(paint) => (wish.colour = paint.colour ?? wish.colour)}
        />
    </div>
</form>

<style>
    form {
        max-width: 660px;
    }
    h3 {
        margin: 22px 0 8px;
    }
    .taken {
        padding-left: 12px;
        border-left: 4px solid var(--ink);
    }
    .shelf {
        margin-bottom: 20px;
    }
</style>
