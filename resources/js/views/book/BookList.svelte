<script lang="ts">
    import { material as materialWords } from '../../parts/words';
    import type { BookEntry } from '../../api/wire';
    import MiniStrata from '../../parts/MiniStrata.svelte';

    interface Props {
        recipes: BookEntry[];
        /** id of the open one */
        open: number | null;
        onchoose: (id: number) => void;
    }
    let { recipes, open, onchoose }: Props = $props();
</script>

<ul>
    {#each recipes as recipe (recipe.id)}
        <li>
            <button class="plain-button" aria-pressed={recipe.id === open} onclick={() => onchoose(recipe.id)}>
                <MiniStrata strip={recipe.strip} size={52} />
                <span>
                    <b>{recipe.name}</b>
                    <small
                        >{recipe.colour_words} · {materialWords(recipe.material)} · {recipe.way}{recipe.apart === null
                            ? ''
                            : ` · ${recipe.apart.toFixed(1)} off`}</small
                    >
                    <small
                        >{recipe.missing.length
                            ? `you lack ${recipe.missing.join(', ')}`
                            : 'you have all its paints'}</small
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

<style>
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
