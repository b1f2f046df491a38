<script lang="ts">
    import { Select, SelectItem, TextInput } from 'carbon-components-svelte';
    import type { Paint, Recipe, RecipeVocabulary } from '../../api/wire';
    import type { Wish } from './draft-wish.svelte';

    interface Props {
        wish: Wish;
        recipe: Recipe;
        words: RecipeVocabulary | undefined;
        /** of the shelf, whose colours may be wanted */
        paints: Paint[];
    }
    let { wish, recipe, words, paints }: Props = $props();

    const near = $derived(paints.find((p) => p.colour === wish.hex));
</script>

<div class="wanted">
    <label class="big" style:background={wish.valid ? wish.colour : 'transparent'}>
        <span class="visually-hidden">Pick any colour</span>
        <input
            type="color"
            value={wish.valid ? wish.colour : '#808080'}
            oninput={(e) => (wish.colour = e.currentTarget.value)}
        />
    </label>
    <div class="fields">
        <TextInput
            size="sm"
            labelText="Colour"
            helperText={near ? `the colour of ${near.name}` : 'click the colour to pick another'}
            bind:value={wish.colour}
            invalid={!wish.valid}
            invalidText="Write # and six hexadecimal digits, as in #8a5a2b."
        />
        <Select size="sm" labelText="Way of painting" bind:selected={wish.way}>
            {#each recipe.ways as each (each.id)}<SelectItem value={each.id} text={each.words} />{/each}
        </Select>
        <Select size="sm" labelText="Contrast" bind:selected={wish.options.contrast}>
            {#each words?.contrasts ?? [] as each (each.id)}<SelectItem value={each.id} text={each.words} />{/each}
        </Select>
    </div>
</div>

<style>
    .wanted {
        display: grid;
        grid-template-columns: 1fr 1fr;
        gap: 20px;
        margin: 16px 0;
    }
    .big {
        position: relative;
        min-height: 150px;
        cursor: pointer;
    }
    .big input {
        position: absolute;
        inset: 0;
        width: 100%;
        height: 100%;
        opacity: 0;
        cursor: pointer;
    }
    .big:focus-within {
        outline: 2px solid var(--ink);
        outline-offset: 3px;
    }
    .fields {
        display: grid;
        gap: 14px;
        align-content: start;
    }
    @media (max-width: 720px) {
        .wanted {
            grid-template-columns: 1fr;
        }
    }
</style>
