<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { sentence } from '../../api/client';
    import { bookQuery } from '../../api/queries';
    import MiniStrata from '../../parts/MiniStrata.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { isHex } from '../../parts/words';
    import SmallSelect from '../../parts/SmallSelect.svelte';
    import BookRecipe from './BookRecipe.svelte';
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
                    The book is empty. On a <a href="#/recipe">recipe</a> that has proved itself, say “Keep in the book”:
                    it then stands here apart from its figure, and can be brought to any other.
                </p>
            {:else}
                <div class="search">
                    <label class="small-label"
                        >words <input
                            class="small-field"
                            type="search"
                            placeholder="name, tag, paint, way"
                            aria-label="Search the book"
                            bind:value={q}
                        /></label
                    >
                    <SmallSelect
                        label="material"
                        name="Material"
                        none="any"
                        options={book.data.materials}
                        value={material}
                        onpick={(chosen) => (material = chosen)}
                    />
                    <label class="small-label colour"
                        >near the colour
                        <span>
                            <input
                                type="color"
                                aria-label="Colour to search"
                                value={isHex(colour) ? colour : '#808080'}
                                oninput={(e) => (colour = e.currentTarget.value)}
                            />
                            {#if colour}<button class="link-button" onclick={() => (colour = '')}>any</button>{/if}
                        </span></label
                    >
                </div>
                {#if book.data.tags.length}
                    <p class="tags">
                        {#each book.data.tags as tag (tag)}
                            <button aria-pressed={q === tag} onclick={() => (q = q === tag ? '' : tag)}>{tag}</button>
                        {/each}
                    </p>
                {/if}
                <ul>
                    {#each recipes as recipe (recipe.id)}
                        <li>
                            <button
                                class="plain-button"
                                aria-pressed={recipe.id === open?.id}
                                onclick={() => (chosen = recipe.id)}
                            >
                                <MiniStrata strip={recipe.strip} size={52} />
                                <span>
                                    <b>{recipe.name}</b>
                                    <small
                                        >{recipe.colour_words} · {recipe.material} · {recipe.way}{recipe.apart === null
                                            ? ''
                                            : ` · ${recipe.apart.toFixed(1)} apart`}</small
                                    >
                                    <small
                                        >{recipe.missing.length
                                            ? `you lack ${recipe.missing.join(', ')}`
                                            : 'all its paints are at hand'}</small
                                    >
                                </span>
                                <span class="told">
                                    {#if recipe.tags.length}<small>{recipe.tags.join(', ')}</small>{/if}
                                    {#if recipe.notes}<small>{recipe.notes}</small>{/if}
                                </span>
                            </button>
                        </li>
                    {:else}
                        <li class="soft">Nothing in the book is like that.</li>
                    {/each}
                </ul>
            {/if}
            <ImportRecipe />
        </main>
        <aside class="panel" aria-label="The chosen recipe">
            {#if open}{#key open.id}<BookRecipe entry={open} areas={book.data.areas} />{/key}{/if}
        </aside>
    </div>
{/if}

<style>
    .search {
        display: flex;
        flex-wrap: wrap;
        gap: 10px 18px;
        align-items: end;
        margin: 14px 0;
    }
    input[type='search'] {
        width: 260px;
    }
    input[type='color'] {
        width: 64px;
        height: 36px;
        padding: 0;
        border: 0;
        background: none;
    }
    .tags {
        display: flex;
        flex-wrap: wrap;
        gap: 6px;
        margin-bottom: 12px;
    }
    .tags button {
        padding: 2px 12px;
        border: 0;
        background: var(--rail);
        color: var(--ink);
        font: inherit;
        font-size: var(--size-plain);
        cursor: pointer;
    }
    .tags button[aria-pressed='true'] {
        outline: 2px solid var(--ink);
    }
    ul {
        margin: 0;
        padding: 0;
        list-style: none;
    }
    li > button {
        display: grid;
        grid-template-columns: 52px minmax(0, 3fr) minmax(0, 2fr);
        gap: 14px;
        align-items: center;
        width: 100%;
        padding: 8px 12px;
        border-left: 4px solid transparent;
        border-bottom: 1px solid var(--rule);
        text-align: left;
    }
    li > button[aria-pressed='true'] {
        background: var(--raised);
        border-left-color: var(--accent);
    }
    @media (max-width: 720px) {
        li > button {
            grid-template-columns: 52px minmax(0, 1fr);
        }
        .told {
            display: none;
        }
    }
    b,
    small {
        display: block;
    }
    small {
        font-size: var(--size-small);
        color: var(--ink-soft);
    }
</style>
