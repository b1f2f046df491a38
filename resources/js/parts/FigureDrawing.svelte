<script lang="ts">
    import type { Figure } from '../api/wire';
    import {
        BESIDE_TEXT,
        fill,
        numbers,
        patches,
        PATCH_HEIGHT,
        PATCH_TEXT,
        PATCH_WIDTH,
        units,
        type Tones,
    } from './drawing';
    import PatchFields from './PatchFields.svelte';

    interface Props {
        figure: Figure;
        /** colours by area; nothing of the drawing is coloured otherwise */
        tones: Tones;
        /** in words, for those who cannot see it */
        label: string;
        /** blur in millimetres on the figure, default none */
        blurMm?: number;
        /** names below the fields of a patchwork, default false */
        named?: boolean;
        /** the area that is chosen, default none */
        chosen?: number | null;
        /** where an area can be chosen; default it cannot */
        onpick?: ((area: number) => void) | null;
    }
    let { figure, tones, label, blurMm = 0, named = false, chosen = null, onpick = null }: Props = $props();

    const id = `blur-${Math.random().toString(36).slice(2)}`;
    const box = $derived(
        figure.plate ? `0 0 ${figure.plate.width} ${figure.plate.height}` : `0 0 ${PATCH_WIDTH} ${PATCH_HEIGHT}`,
    );
    const fields = $derived(figure.plate ? figure.plate.beside : patches(figure, named));
    const text = $derived(figure.plate ? BESIDE_TEXT : PATCH_TEXT);
    const numbered = $derived(numbers(fields, (area) => name(area), text));
    const name = (area: number | null) => figure.areas.find((a) => a.id === area)?.name ?? '';

    /** greys of a drawing that nobody has coloured yet */
    const BARE = { recess: '#868686', plane: '#9c9c9c', ridge: '#b4b4b4', ink: '#1c1c1c' };

    function pick(area: number | null) {
        if (area !== null) onpick?.(area);
    }
</script>

<!-- Choosing in the drawing is a shortcut; the same areas stand as buttons in the list beside it. -->
<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
<svg viewBox={box} role="img" aria-label={label} class:picks={onpick !== null}>
    {#if blurMm > 0}
        <filter {id} x="-10%" y="-10%" width="120%" height="120%"
            ><feGaussianBlur stdDeviation={units(figure, blurMm)} /></filter
        >
    {/if}
    <g filter={blurMm > 0 ? `url(#${id})` : undefined}>
        {#if figure.plate}
            {#if figure.plate.picture}
                <image href={figure.plate.picture} width={figure.plate.width} height={figure.plate.height} />
            {/if}
            {#each figure.plate.shapes as shape, i (i)}
                {@const colour = fill(shape, tones)}
                <path
                    d={shape.d}
                    transform={shape.turn || undefined}
                    fill-rule={shape.even ? 'evenodd' : 'nonzero'}
                    fill={colour ?? BARE[shape.tone]}
                    class:over={figure.plate.picture !== null}
                    class:undecided={colour === null}
                    onclick={() => pick(shape.area)}><title>{name(shape.area)}</title></path
                >
            {/each}
        {/if}
        <PatchFields {fields} {tones} {name} {named} {text} {chosen} onpick={pick} />
    </g>
</svg>
{#if named && numbered.length}
    <p class="names">
        {#each numbered as field, i (field.area)}{i ? ' · ' : ''}<b>{field.number}</b>&nbsp;{name(field.area)}{/each}
    </p>
{/if}

<style>
    svg {
        display: block;
        width: 100%;
        height: 100%;
        min-height: 0;
    }
    .picks path,
    .picks :global(g g) {
        cursor: pointer;
    }
    .over {
        /* where the photograph is a middle grey, the colour itself is seen */
        mix-blend-mode: overlay;
    }
    .over.undecided {
        fill: none;
        stroke-width: 2;
    }
    .names {
        margin-top: 6px;
        font-size: var(--size-small);
    }
</style>
