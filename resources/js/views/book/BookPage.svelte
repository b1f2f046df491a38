<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { sentence } from '../../api/client';
    import { bookQuery } from '../../api/queries';
    import Waiting from '../../parts/Waiting.svelte';
    import { isHex } from '../../parts/words';
    import BookList from './BookList.svelte';
    import BookRecipe from './BookRecipe.svelte';
    import BookSearch from './BookSearch.svelte';
    import ImportRecipe from './ImportRecipe.svelte';

    let q = $state('');
    let material = $state('');
    let colour = $state('');
    let chosen: number | null = $state(null);
    const book = createQuery(() => ({
        ...bookQuery({ q, material, colour: isHex(colour) ? colour : '' }),
        placeholderData: (before) => before,
    }));
    const recipes = $derived(book.data?.recipes ?? []);
    const open = $derived(recipes.find((r) => r.id === chosen) ?? recipes[0] ?? null);
</script>

{#if !book.data}
    <Waiting problem={book.error} />
{:else}
    <div class="trio two">
        <main>
            <h1>Recipe book</h1>
            {#if book.isError}<p role="alert">{sentence(book.error)}</p>{/if}
            {#if book.data.total === 0}
                <p>
                    The book is empty. On a <a href="#/recipe">recipe</a> that you like, press “Keep in the book”: then it
                    is here, whatever becomes of its figure, and can be used on any other.
                </p>
            {:else}
                <BookSearch book={book.data} bind:q bind:material bind:colour />
                <BookList {recipes} open={open?.id ?? null} onchoose={(id) => (chosen = id)} />
            {/if}
            <ImportRecipe />
        </main>
        <aside class="panel" aria-label="The chosen recipe">
            {#if open}{#key open.id}<BookRecipe entry={open} areas={book.data.areas} />{/key}{/if}
        </aside>
    </div>
{/if}
