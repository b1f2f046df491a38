<script lang="ts">
    import type { Area } from '../../api/wire';
    import { fields, LABEL, type Field } from './patchwork';

    interface Props {
        areas: Area[];
    }
    let { areas }: Props = $props();

    const HEIGHT = 300;
    let width = $state(660);
    const placed = $derived(
        fields(
            [...areas].sort((a, b) => b.share - a.share),
            width,
            HEIGHT,
        ),
    );

    /** Recess, plane and ridge where a recipe predicts them, else the intended colour alone. */
    function tones(area: Area): string[] {
        return area.strip.length === 4 ? area.strip.slice(1) : area.colour ? [area.colour] : [];
    }

    /** As much of the name as stands under the field. */
    function label(field: Field): string {
        const room = Math.floor(field.width / 6.6);
        if (field.area.name.length <= room) return field.area.name;
        return room > 5 ? `${field.area.name.slice(0, room - 1)}…` : '';
    }
</script>

<figure>
    <div bind:clientWidth={width}>
        <svg
            viewBox="0 0 {width} {HEIGHT}"
            {width}
            height={HEIGHT}
            role="group"
            aria-label="The figure's areas, sized by their share of the surface"
        >
            {#each placed as field (field.area.id)}
                {@const all = tones(field.area)}
                <a href="#/recipe/{field.area.id}" aria-label="Recipe for {field.area.name}">
                    <title>{field.area.name}: {field.area.share} %</title>
                    <rect class="field" x={field.x} y={field.y} width={field.width} height={field.height} />
                    {#each all as hex, i (i)}
                        <rect
                            x={field.x + (field.width * i) / all.length}
                            y={field.y}
                            width={field.width / all.length}
                            height={field.height}
                            fill={hex}
                            shape-rendering="crispEdges"
                        />
                    {:else}
                        <rect
                            class="bare"
                            x={field.x + 0.5}
                            y={field.y + 0.5}
                            width={field.width - 1}
                            height={field.height - 1}
                        />
                    {/each}
                    <text x={field.x} y={field.y + field.height + LABEL - 4}>{label(field)}</text>
                </a>
            {/each}
        </svg>
    </div>
    <figcaption class="soft">
        Sized by share of the surface, in recess, plane and ridge as predicted; dashed is undecided.
    </figcaption>
</figure>

<style>
    figure {
        margin: 16px 0 18px;
    }
    svg {
        display: block;
        max-width: 100%;
    }
    .bare {
        fill: none;
        stroke: var(--ink-soft);
        stroke-dasharray: 3 4;
    }
    .field {
        fill: transparent;
    }
    text {
        fill: var(--ink);
        font-size: 12px;
    }
    a:hover text,
    a:focus-visible text {
        text-decoration: underline;
    }
    a:focus-visible .field {
        stroke: var(--ink);
        stroke-width: 5;
    }
    a:focus-visible {
        outline: none;
    }
    figcaption {
        font-size: 13px;
    }
</style>
