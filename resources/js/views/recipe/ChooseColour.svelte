<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
    import { shelfQuery, vocabularyQuery } from '../../api/queries';
    import type { Recipe } from '../../api/wire';
    import ShelfColours from '../../parts/ShelfColours.svelte';
    import LadderStrip from './LadderStrip.svelte';
    import type { RecipeState } from './recipe.svelte';

    interface Props {
        recipe: Recipe;
        page: RecipeState;
    }
    let { recipe, page }: Props = $props();

    const shelf = createQuery(shelfQuery);
    const vocabulary = createQuery(vocabularyQuery);
    const paints = $derived(
        shelf.data?.paints.filter(
            (p) => p.colour && p.at_hand && ['opaque', 'semi-opaque', 'metallic'].includes(p.behaviour),
        ) ?? [],
    );
    // svelte-ignore state_referenced_locally
    let colour = $state(recipe.colour ?? '#808080');
    // svelte-ignore state_referenced_locally
    let way: string = $state(recipe.way);
    // svelte-ignore state_referenced_locally
    let options = $state({ ...recipe.options });
    let start = $state('');
    const valid = $derived(/^#[0-9a-f]{6}$/i.test(colour.trim()));
    const near = $derived(paints.find((p) => p.colour === colour.trim().toLowerCase()));
    const told = $derived(recipe.starts.find((s) => s.id === start));
</script>

<form
    onsubmit={(event) => {
        event.preventDefault();
        page.redraft({ colour: colour.trim(), way, ...options, ...(start ? { start } : {}) });
    }}
>
    <h2>Which colour shall it be?</h2>
    <p class="soft">
        As the area should look in the end, on its planes: any colour at all, or one of your shelf below.
    </p>
    <div class="wanted">
        <label class="big" style:background={valid ? colour : 'transparent'}>
            <span class="visually-hidden">Pick any colour</span>
            <input type="color" value={valid ? colour : '#808080'} oninput={(e) => (colour = e.currentTarget.value)} />
        </label>
        <div class="fields">
            <TextInput
                size="sm"
                labelText="Colour"
                helperText={near ? `the colour of ${near.name}` : 'click the field at the left to pick one'}
                bind:value={colour}
                invalid={!valid}
                invalidText="Write # and six hexadecimal digits, as in #8a5a2b."
            />
            <Select size="sm" labelText="Way of painting" bind:selected={way}>
                {#each recipe.ways as each (each.id)}<SelectItem value={each.id} text={each.words} />{/each}
            </Select>
            <Select size="sm" labelText="Contrast" bind:selected={options.contrast}>
                {#each vocabulary.data?.contrasts ?? [] as each (each.id)}<SelectItem
                        value={each.id}
                        text={each.words}
                    />{/each}
            </Select>
        </div>
    </div>
    {#if valid && !start}
        <LadderStrip
            colour={colour.trim().toLowerCase()}
            wish={{
                contrast: options.contrast,
                light: options.light,
                shade: options.shade,
                mixed: options.mixed ? '1' : '0',
                insist: options.insist ? '1' : '0',
            }}
        />
    {/if}
    <div class="fields three">
        <Select size="sm" labelText="Lighten toward" bind:selected={options.light}>
            {#each vocabulary.data?.towards ?? [] as each (each.id)}<SelectItem
                    value={each.id}
                    text={each.words}
                />{/each}
        </Select>
        <Select size="sm" labelText="Shade toward" bind:selected={options.shade}>
            {#each vocabulary.data?.shades ?? [] as each (each.id)}<SelectItem
                    value={each.id}
                    text={each.words}
                />{/each}
        </Select>
        <Select size="sm" labelText="Special start" bind:selected={start}>
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
            ><input type="checkbox" bind:checked={options.mixed} /> mix the rungs from two or three paints, in even steps</label
        >
        {#if options.light === 'white'}<label
                ><input type="checkbox" bind:checked={options.insist} /> white even over red</label
            >{/if}
    </p>
    {#if told}<p class="soft">{told.why}</p>{/if}
    <Button type="submit" disabled={page.busy || !valid}
        >{recipe.drafted ? 'Draft the recipe anew' : 'Draft the recipe'}</Button
    >
    {#if recipe.drafted}
        <Button kind="ghost" onclick={() => (page.redrafting = false)}>Keep the recipe</Button>
        <p class="soft">The draft before can be had back with Undo; what is recorded stays.</p>
    {/if}
    <h3>Colours on your shelf</h3>
    <div class="shelf">
        <ShelfColours
            {paints}
            chosen={(paint) => paint.colour === colour}
            onpick={(paint) => (colour = paint.colour ?? colour)}
        />
    </div>
</form>

<style>
    form {
        max-width: 660px;
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
    h3 {
        margin: 22px 0 8px;
    }
    .fields {
        display: grid;
        gap: 14px;
        align-content: start;
    }
    .three {
        grid-template-columns: repeat(3, 1fr);
    }
    .shelf {
        margin-bottom: 20px;
    }
    .ticks {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 20px;
        margin: 14px 0;
        font-size: var(--size-plain);
    }
    @media (max-width: 720px) {
        .wanted,
        .three {
            grid-template-columns: 1fr;
        }
    }
</style>
