<script lang="ts">
    import type { Figure } from '../../api/wire';
    import type { PlateDesk } from './plate.svelte';

    interface Props {
        desk: PlateDesk;
        plate: NonNullable<Figure['plate']>;
    }
    let { desk, plate }: Props = $props();
</script>

<div class="work">
    <!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_noninteractive_element_interactions -->
    <svg
        viewBox="0 0 {plate.width} {plate.height}"
        role="img"
        aria-label="The drawing, for marking shapes"
        class:tracing={plate.picture !== null}
        onclick={(e) => desk.place(e)}
    >
        {#if plate.picture}<image href={plate.picture} width={plate.width} height={plate.height} />{/if}
        {#each plate.shapes as shape, i (i)}
            <!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
            <path
                d={shape.d}
                transform={shape.turn || undefined}
                fill-rule={shape.even ? 'evenodd' : 'nonzero'}
                class:free={shape.area === null && shape.tone !== 'ink'}
                class:marked={desk.marked.includes(i)}
                class={shape.tone}
                onclick={(e) => {
                    if (!plate.picture) {
                        e.stopPropagation();
                        desk.mark(i);
                    }
                }}><title>{desk.nameOf(shape.area) ?? (shape.name || 'no area')}</title></path
            >
        {/each}
        {#if desk.points.length}<polygon points={desk.outline} class="line" />
            {#each desk.points as [x, y], i (i)}<circle cx={x} cy={y} r={plate.width / 160} />{/each}{/if}
    </svg>
    <ul aria-label="Shapes">
        {#each plate.shapes as shape, i (i)}
            <li>
                <label
                    ><input type="checkbox" checked={desk.marked.includes(i)} onchange={() => desk.mark(i)} />
                    {desk.nameOf(shape.area) ?? (shape.name || `shape ${i + 1}`)}
                    <span class="soft">{shape.area === null ? 'no area' : shape.tone}</span></label
                >
            </li>
        {/each}
    </ul>
</div>

<style>
    .work {
        display: grid;
        grid-template-columns: minmax(0, 1fr) 240px;
        gap: 20px;
        margin: 12px 0;
    }
    svg {
        width: 100%;
        max-height: 62vh;
    }
    path {
        fill: #a9a9a9;
        stroke: #5a5a5a;
        stroke-width: 0.8;
        cursor: pointer;
    }
    path.recess {
        fill: #7d7d7d;
    }
    path.ridge {
        fill: #dadada;
    }
    path.ink {
        fill: #2b2b2b;
    }
    path.free {
        fill: #ffffff;
        stroke-dasharray: 4 3;
    }
    path.marked {
        stroke: var(--ink);
        stroke-width: 4;
    }
    .tracing {
        cursor: crosshair;
    }
    .tracing path {
        fill: none;
        stroke: #ffffff;
        stroke-width: 2;
    }
    .line {
        fill: none;
        stroke: #ffffff;
        stroke-width: 2;
    }
    circle {
        fill: #ffffff;
        stroke: #000000;
    }
    ul {
        max-height: 62vh;
        margin: 0;
        padding: 0;
        overflow-y: auto;
        list-style: none;
        font-size: var(--size-plain);
    }
    @media (max-width: 720px) {
        .work {
            grid-template-columns: 1fr;
        }
    }
</style>
