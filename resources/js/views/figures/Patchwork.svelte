<script lang="ts">
    import type { Area } from '../../api/wire';
    import { fields } from './patchwork';

    interface Props {
        areas: Area[];
    }
    let { areas }: Props = $props();

    const HEIGHT = 250;
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
</script>

<figure>
    <div bind:clientWidth={width}>
        <svg
            viewBox="0 0 {width} {HEIGHT}"
            {width}
            height={HEIGHT}
            role="img"
            aria-label="The figure's areas, sized by their share of the surface"
        >
            {#each placed as field (field.area.id)}
                {@const all = tones(field.area)}
                <a href="#/recipe/{field.area.id}" aria-label="Recipe for {field.area.name}">
                    <title>{field.area.name}: {field.area.share} %</title>
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
                    <rect class="edge" x={field.x} y={field.y} width={field.width} height={field.height} />
                </a>
            {/each}
        </svg>
    </div>
    <figcaption class="soft">
        Each field as large as the area's share, in recess, plane and ridge as the recipe predicts them. An empty field
        has no colour yet.
    </figcaption>
</figure>

<style>
    figure {
        margin: 18px 0 20px;
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
    .edge {
        fill: transparent;
        stroke: var(--surround);
        stroke-width: 3;
    }
    a:focus-visible .edge,
    a:hover .edge {
        stroke: var(--ink);
    }
    a:focus-visible {
        outline: none;
    }
    figcaption {
        margin-top: 6px;
        font-size: 13px;
    }
</style>
