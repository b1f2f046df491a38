<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { Figure, Shape } from '../../api/wire';
    import FileField from '../../parts/FileField.svelte';
    import Refused from '../../parts/Refused.svelte';
    import { counted } from '../../parts/words';
    import { PlateDesk } from './plate.svelte';
    import PlateSheet from './PlateSheet.svelte';

    interface Props {
        figure: Figure;
        onclose: () => void;
    }
    let { figure, onclose }: Props = $props();

    const desk = new PlateDesk(() => figure);
    const plate = $derived(desk.plate);
    const tones: { id: Shape['tone']; name: string }[] = [
        { id: 'plane', name: 'plane (its own colour)' },
        { id: 'recess', name: 'recess (shade)' },
        { id: 'ridge', name: 'ridge (light)' },
        { id: 'ink', name: 'ink (a dark line)' },
    ];
</script>

<div class="tools">
    <h2>The drawing of {figure.name}</h2>
    <Refused write={desk.write} onwritten={() => desk.done()} onyielded={() => desk.done()} />
    {#if desk.said}<p class="soft">{desk.said}</p>{/if}
    <FileField
        label={`${plate ? 'Take another drawing or photograph' : 'A drawing (SVG) or a photograph (PNG, JPEG)'}, up to 12 MB`}
        accept=".svg,image/svg+xml,image/png,image/jpeg"
        onchoose={(file) => desk.send(file)}
    />
    {#if plate}
        <div class="choose">
            <label
                >Area <select class="line-select" aria-label="Area" bind:value={desk.area}
                    >{#each figure.areas as each (each.id)}<option value={each.id}>{each.name}</option>{/each}</select
                ></label
            >
            <label
                >shows <select class="line-select" aria-label="What the shape shows" bind:value={desk.tone}
                    >{#each tones as each (each.id)}<option value={each.id}>{each.name}</option>{/each}</select
                ></label
            >
            {#if plate.picture}
                <Button
                    size="small"
                    disabled={desk.points.length < 3 || desk.area === null}
                    onclick={() => desk.keepOutline()}>Save outline</Button
                >
                <Button
                    size="small"
                    kind="ghost"
                    disabled={desk.points.length === 0}
                    onclick={() => (desk.points = desk.points.slice(0, -1))}>One point back</Button
                >
            {:else}
                <Button size="small" disabled={desk.marked.length === 0} onclick={() => desk.give()}
                    >{desk.marked.length
                        ? `Give ${counted(desk.marked.length, 'shape')} to it`
                        : 'Mark shapes to give them'}</Button
                >
            {/if}
            {#if desk.marked.length}
                <button class="link-button" onclick={() => desk.takeAway()}>Take away</button>
            {/if}
        </div>
        <p class="soft">
            {plate.picture
                ? `Click along the edge of ${desk.nameOf(desk.area)?.toLowerCase() ?? 'an area'}, at least three points, then save the outline.`
                : desk.free
                  ? `${counted(desk.free, 'shape')} without an area: mark them in the drawing or in the list, then give them to one.`
                  : 'Every shape has its area.'}
        </p>
        <PlateSheet {desk} {plate} />
    {:else}
        <p class="soft">
            Shapes that carry the name of an area (in data-area, or as their id) are given to it at once; the others are
            given by hand. A photograph is kept as grey values, and areas are traced over it. Scripts, links, text and
            pictures inside a drawing are left out.
        </p>
    {/if}
    <div class="do">
        <Button onclick={onclose}>Done</Button>
        {#if plate}<button class="link-button" onclick={() => desk.discard()}>Delete the drawing</button>{/if}
    </div>
</div>

<style>
    .choose {
        display: flex;
        flex-wrap: wrap;
        gap: 10px 16px;
        align-items: center;
    }
    .do {
        display: flex;
        gap: 8px;
    }
</style>
