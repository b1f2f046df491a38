<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
    import { shelfQuery } from '../../api/queries';
    import type { Recipe } from '../../api/wire';

    interface Props {
        recipe: Recipe;
        busy: boolean;
        ondraft: (colour: string, way: string) => void;
        /** absent where there is no recipe to go back to */
        oncancel: (() => void) | null;
    }
    let { recipe, busy, ondraft, oncancel }: Props = $props();

    const shelf = createQuery(shelfQuery);
    const paints = $derived(
        shelf.data?.paints.filter(
            (p) => p.colour && p.at_hand && ['opaque', 'semi-opaque', 'metallic'].includes(p.behaviour),
        ) ?? [],
    );
    // svelte-ignore state_referenced_locally
    let colour = $state(recipe.colour ?? '#808080');
    // svelte-ignore state_referenced_locally
    let way: string = $state(recipe.way);
    const valid = $derived(/^#[0-9a-f]{6}$/i.test(colour.trim()));
    const near = $derived(paints.find((p) => p.colour === colour.trim().toLowerCase()));
</script>

<form
    onsubmit={(event) => {
        event.preventDefault();
        ondraft(colour.trim(), way);
    }}
>
    <h2>Which colour shall it be?</h2>
    <p class="soft">
        As the area should look in the end, on its planes. Take one from the shelf, or any colour at all.
    </p>
    <div class="wanted">
        <label class="big" style:background={valid ? colour : 'transparent'}>
            <span class="visually-hidden">Pick any colour</span>
            <input type="color" value={valid ? colour : '#808080'} oninput={(e) => (colour = e.currentTarget.value)} />
        </label>
        <div class="fields">
            <TextInput
                labelText="Colour"
                helperText={near ? `the colour of ${near.name}` : 'click the field at the left to pick one'}
                bind:value={colour}
                invalid={!valid}
                invalidText="Write # and six hexadecimal digits, as in #8a5a2b."
            />
            <Select labelText="Way of painting" bind:selected={way}>
                {#each recipe.ways as each (each.id)}<SelectItem value={each.id} text={each.words} />{/each}
            </Select>
        </div>
    </div>
    <div class="shelf" role="group" aria-label="Colours on the shelf">
        {#each paints as paint (paint.id)}
            <button
                type="button"
                title={paint.name}
                aria-label={paint.name}
                aria-pressed={paint.colour === colour}
                style:background={paint.colour}
                onclick={() => (colour = paint.colour ?? colour)}
            ></button>
        {:else}
            <p class="soft">No covering paint is at hand. <a href="#/shelf">Bring some to the shelf</a> first.</p>
        {/each}
    </div>
    <Button type="submit" disabled={busy || !valid}
        >{recipe.drafted ? 'Draft the recipe anew' : 'Draft the recipe'}</Button
    >
    {#if oncancel}
        <Button kind="ghost" onclick={oncancel}>Keep the recipe</Button>
        <p class="soft">A new draft replaces the steps and your changes to them; what is recorded stays.</p>
    {/if}
</form>

<style>
    form {
        max-width: 640px;
    }
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
        gap: 16px;
        align-content: start;
    }
    .shelf {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(46px, 1fr));
        gap: 6px;
        margin-bottom: 20px;
    }
    .shelf button {
        height: 40px;
        border: 0;
        cursor: pointer;
    }
    .shelf button[aria-pressed='true'] {
        outline: 2px solid var(--ink);
        outline-offset: 2px;
    }
    @media (max-width: 720px) {
        .wanted {
            grid-template-columns: 1fr;
        }
    }
</style>
