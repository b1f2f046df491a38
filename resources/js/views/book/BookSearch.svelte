<script lang="ts">
    import type { Book } from '../../api/wire';
    import SmallSelect from '../../parts/SmallSelect.svelte';
    import { isHex } from '../../parts/words';

    interface Props {
        book: Book;
        q: string;
        material: string;
        /** `#rrggbb`, empty for any */
        colour: string;
    }
    let { book, q = $bindable(), material = $bindable(), colour = $bindable() }: Props = $props();
</script>

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
        options={book.materials}
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
{#if book.tags.length}
    <p class="tags">
        {#each book.tags as tag (tag)}
            <button aria-pressed={q === tag} onclick={() => (q = q === tag ? '' : tag)}>{tag}</button>
        {/each}
    </p>
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
</style>
