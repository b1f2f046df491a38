<script lang="ts">
    import { material as materialWords } from '../../parts/words';
    import { createQuery } from '@tanstack/svelte-query';
    import { shelfQuery } from '../../api/queries';
    import type { Figure, MixPart, SchemeArea } from '../../api/wire';
    import ShelfColours from '../../parts/ShelfColours.svelte';
    import AnyColour from './AnyColour.svelte';
    import AreaNow from './AreaNow.svelte';
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
    const paints = $derived(
        shelf.data?.paints.filter((p) => p.colour && p.at_hand && area.coloured_with.includes(p.behaviour)) ?? [],
    );
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

<p class="back"><button class="link-button" onclick={() => (desk.chosen = null)}>Back to what to fix</button></p>
<h2>{area.name}</h2>
<p class="soft">
    {materialWords(area.material)}{touching.length ? `, beside ${touching.join(', ').toLowerCase()}` : ''}
</p>
<AreaNow {area} {desk} onundecide={() => give(null, null)} />
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
    <AnyColour {area} bind:colour busy={desk.busy} ongive={give} />
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
</style>
