<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { Checkbox } from 'carbon-components-svelte';
    import { matchesQuery, shelfQuery } from '../../api/queries';
    import type { Figure, MixPart, SchemeArea } from '../../api/wire';
    import ColourField from '../../parts/ColourField.svelte';
    import { isHex } from '../../parts/words';
    import ShelfColours from '../../parts/ShelfColours.svelte';
    import PictureColours from './PictureColours.svelte';
    import { parts, type SchemeDesk } from './scheme.svelte';
    import TintPicker from './TintPicker.svelte';

    interface Props {
        area: SchemeArea;
        figure: Figure;
        desk: SchemeDesk;
    }
    let { area, figure, desk }: Props = $props();

    // svelte-ignore state_referenced_locally
    let colour = $state(area.hex ?? '#808080');
    let source: 'shelf' | 'any' | 'picture' | 'tint' = $state('shelf');
    const shelf = createQuery(shelfQuery);
    const metal = $derived(area.material === 'metal');
    const paints = $derived(
        shelf.data?.paints.filter(
            (p) =>
                p.colour &&
                p.at_hand &&
                (['opaque', 'semi-opaque', 'metallic'].includes(p.behaviour) ||
                    (area.material === 'glass' && p.behaviour === 'stain')),
        ) ?? [],
    );
    const matches = createQuery(() => ({
        ...matchesQuery({
            colour: source === 'any' && isHex(colour) ? colour : '',
            kinds: metal ? 'metallic,opaque,semi-opaque' : '',
        }),
        placeholderData: (before) => before,
    }));
    const touching = $derived(
        figure.areas
            .find((a) => a.id === area.id)
            ?.touches.flatMap((id) => figure.areas.find((a) => a.id === id)?.name ?? []) ?? [],
    );

    /** What is given by hand to an undecided area is kept; the painter can let go of it. */
    const give = (hex: string | null, mix: MixPart[] | null) =>
        void desk.choose([
            {
                area: area.id,
                colour: hex,
                mix: mix ? parts(mix) : null,
                fixed: hex === null && !mix ? false : area.fixed || area.hex === null,
            },
        ]);
    const paint = (id: number, name: string, hex: string) => give(null, [{ paint_id: id, name, parts: 1, hex }]);
</script>

<p class="back"><button class="link-button" onclick={() => (desk.chosen = null)}>Back to what is to mend</button></p>
<h2>{area.name}</h2>
<p class="soft">
    {area.material}{touching.length ? `, beside ${touching.join(', ').toLowerCase()}` : ''}
</p>
<div class="now">
    {#if area.tones}
        <i style:background={area.tones.recess}></i><i class="plane" style:background={area.tones.plane}></i><i
            style:background={area.tones.ridge}
        ></i>
    {:else}<span class="open">undecided</span>{/if}
</div>
{#if area.hex}
    <p>{area.words} <span class="mono">{area.hex}</span></p>
    <Checkbox
        labelText="Keep it whatever is proposed"
        checked={area.fixed}
        disabled={desk.busy}
        on:check={(e) => {
            if (e.detail !== area.fixed)
                void desk.choose([
                    { area: area.id, colour: area.hex, mix: area.mix.length ? parts(area.mix) : null, fixed: e.detail },
                ]);
        }}
    />
    <button class="link-button" onclick={() => give(null, null)}>Leave it undecided</button>
{/if}
<div class="sources" role="group" aria-label="Where the colour comes from">
    {#each [['shelf', 'a paint'], ['any', 'any colour'], ['picture', 'a picture'], ...(area.kind ? [['tint', `which ${area.kind}`]] : [])] as [id, words] (id)}
        <button class="link-button" aria-pressed={source === id} onclick={() => (source = id as typeof source)}
            >{words}</button
        >
    {/each}
</div>
{#if source === 'shelf'}
    <ShelfColours
        {paints}
        chosen={(each) => area.mix.length === 1 && area.mix[0]?.paint_id === each.id}
        disabled={desk.busy}
        onpick={(each) => paint(each.id, each.name, each.colour ?? '#000000')}
    />
{:else if source === 'any'}
    <ColourField
        label="Colour of {area.name.toLowerCase()}"
        value={colour}
        height="76px"
        onpick={(hex) => (colour = hex)}
    />
    <p>
        <button class="link-button" disabled={!isHex(colour) || desk.busy} onclick={() => give(colour, null)}
            >Take exactly this</button
        >
    </p>
    {#if matches.data}
        <p class="soft">or what your shelf comes nearest with:</p>
        <ul>
            {#each matches.data.matches.slice(0, 5) as match (match.mix_words)}
                <li>
                    <i style:background={match.look}></i>
                    <span
                        >{match.mix_words}<small>{match.difference.toFixed(1)} away</small>
                        <button class="link-button" disabled={desk.busy} onclick={() => give(null, match.mix)}
                            >Take<span class="visually-hidden">{` ${match.mix_words}`}</span></button
                        ></span
                    >
                </li>
            {/each}
        </ul>
    {/if}
{:else if source === 'picture'}
    <PictureColours
        ontake={(hex) => {
            colour = hex;
            source = 'any';
        }}
    />
{:else if area.kind}
    <TintPicker kind={area.kind} ontake={(hex) => give(hex, null)} />
{/if}

<style>
    .back {
        margin-bottom: 8px;
    }
    .now {
        display: flex;
        height: 64px;
        margin: 10px 0;
    }
    .now i {
        flex: 1;
    }
    .now .plane {
        flex: 2;
    }
    .open {
        flex: 1;
        display: grid;
        place-items: center;
        border: 1px dashed var(--ink-soft);
        color: var(--ink-soft);
    }
    .sources {
        display: flex;
        gap: 14px;
        margin: 16px 0 10px;
        padding-top: 10px;
        border-top: 1px solid var(--rule);
    }
    .sources [aria-pressed='true'] {
        color: var(--ink);
        text-decoration: none;
    }
    ul {
        margin: 6px 0;
        padding: 0;
        list-style: none;
    }
    li {
        display: grid;
        grid-template-columns: 56px 1fr;
        gap: 12px;
        align-items: center;
        padding: 5px 0;
        font-size: var(--size-plain);
    }
    li i {
        height: 44px;
    }
    small {
        display: block;
        color: var(--ink-soft);
    }
</style>
