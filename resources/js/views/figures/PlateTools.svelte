<script lang="ts">
    import { useQueryClient } from '@tanstack/svelte-query';
    import { Button, InlineNotification } from 'carbon-components-svelte';
    import { put, sentence } from '../../api/client';
    import type { Figure, PlateAnswer, Shape } from '../../api/wire';
    import FileField from '../../parts/FileField.svelte';
    import { counted } from '../../parts/words';

    interface Props {
        figure: Figure;
        onclose: () => void;
    }
    let { figure, onclose }: Props = $props();

    const client = useQueryClient();
    let problem = $state('');
    let said = $state('');
    let area: number | null = $state(null);
    let tone: Shape['tone'] = $state('plane');
    let marked: number[] = $state([]);
    let points: [number, number][] = $state([]);
    const plate = $derived(figure.plate);
    const free = $derived(plate?.shapes.filter((s) => s.area === null && s.tone !== 'ink').length ?? 0);
    const tones: { id: Shape['tone']; name: string }[] = [
        { id: 'plane', name: 'plane (its own colour)' },
        { id: 'recess', name: 'recess (shade)' },
        { id: 'ridge', name: 'ridge (light)' },
        { id: 'ink', name: 'ink (a dark line)' },
    ];
    $effect(() => {
        if (area === null) area = figure.areas[0]?.id ?? null;
    });

    async function run(what: () => Promise<PlateAnswer>) {
        problem = '';
        try {
            said = (await what()).left_out;
            marked = [];
            points = [];
            await client.invalidateQueries({ queryKey: ['figures'] });
        } catch (thrown) {
            problem = sentence(thrown);
        }
    }

    function send(file: File | undefined) {
        if (!file) return;
        const form = new FormData();
        form.append('file', file);
        void run(() => put<PlateAnswer>('POST', `companies/${figure.id}/plate`, form));
    }
    const change = (body: object) => run(() => put<PlateAnswer>('PUT', `companies/${figure.id}/plate`, body));
    const mark = (i: number) => (marked = marked.includes(i) ? marked.filter((m) => m !== i) : [...marked, i]);

    function place(event: MouseEvent) {
        if (!plate?.picture) return;
        const svg = event.currentTarget as SVGSVGElement;
        const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM()?.inverse());
        points = [...points, [Math.round(at.x), Math.round(at.y)]];
    }
    const areaName = (id: number | null) => figure.areas.find((a) => a.id === id)?.name;
    const outline = $derived(points.map((p) => p.join(',')).join(' '));
</script>

<div class="tools">
    <h2>The drawing of {figure.name}</h2>
    {#if problem}<InlineNotification lowContrast hideCloseButton kind="error" title={problem} />{/if}
    {#if said}<p class="soft">{said}</p>{/if}
    <FileField
        label={`${plate ? 'Take another drawing or photograph' : 'A drawing (SVG) or a photograph (PNG, JPEG)'}, up to 12 MB`}
        accept=".svg,image/svg+xml,image/png,image/jpeg"
        onchoose={send}
    />
    {#if plate}
        <div class="choose">
            <label
                >Area <select class="line-select" aria-label="Area" bind:value={area}
                    >{#each figure.areas as each (each.id)}<option value={each.id}>{each.name}</option>{/each}</select
                ></label
            >
            <label
                >shows <select class="line-select" aria-label="What the shape shows" bind:value={tone}
                    >{#each tones as each (each.id)}<option value={each.id}>{each.name}</option>{/each}</select
                ></label
            >
            {#if plate.picture}
                <Button
                    size="small"
                    disabled={points.length < 3 || area === null}
                    onclick={() => change({ outlines: [{ area, tone, points }] })}>Keep this outline</Button
                >
                <Button
                    size="small"
                    kind="ghost"
                    disabled={points.length === 0}
                    onclick={() => (points = points.slice(0, -1))}>One point back</Button
                >
            {:else}
                <Button
                    size="small"
                    disabled={marked.length === 0}
                    onclick={() =>
                        change({ given: marked.map((shape) => ({ shape, area: tone === 'ink' ? null : area, tone })) })}
                    >{marked.length
                        ? `Give ${counted(marked.length, 'shape')} to it`
                        : 'Mark shapes to give them'}</Button
                >
            {/if}
            {#if marked.length}
                <button class="link-button" onclick={() => change({ removed: marked })}>Take away</button>
            {/if}
        </div>
        <p class="soft">
            {plate.picture
                ? `Click along the edge of ${areaName(area)?.toLowerCase() ?? 'an area'}, three points at least, then keep the outline.`
                : free
                  ? `${counted(free, 'shape')} without an area: mark them in the drawing or in the list, then give them to one.`
                  : 'Every shape has its area.'}
        </p>
        <div class="work">
            <!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_noninteractive_element_interactions -->
            <svg
                viewBox="0 0 {plate.width} {plate.height}"
                role="img"
                aria-label="The drawing, for marking shapes"
                class:tracing={plate.picture !== null}
                onclick={place}
            >
                {#if plate.picture}<image href={plate.picture} width={plate.width} height={plate.height} />{/if}
                {#each plate.shapes as shape, i (i)}
                    <!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
                    <path
                        d={shape.d}
                        transform={shape.turn || undefined}
                        fill-rule={shape.even ? 'evenodd' : 'nonzero'}
                        class:free={shape.area === null && shape.tone !== 'ink'}
                        class:marked={marked.includes(i)}
                        class={shape.tone}
                        onclick={(e) => {
                            if (!plate.picture) {
                                e.stopPropagation();
                                mark(i);
                            }
                        }}><title>{areaName(shape.area) ?? (shape.name || 'no area')}</title></path
                    >
                {/each}
                {#if points.length}<polygon points={outline} class="line" />
                    {#each points as [x, y], i (i)}<circle cx={x} cy={y} r={plate.width / 160} />{/each}{/if}
            </svg>
            <ul aria-label="Shapes">
                {#each plate.shapes as shape, i (i)}
                    <li>
                        <label
                            ><input type="checkbox" checked={marked.includes(i)} onchange={() => mark(i)} />
                            {areaName(shape.area) ?? (shape.name || `shape ${i + 1}`)}
                            <span class="soft">{shape.area === null ? 'no area' : shape.tone}</span></label
                        >
                    </li>
                {/each}
            </ul>
        </div>
    {:else}
        <p class="soft">
            Shapes that carry the name of an area (in data-area, or as their id) are given to it at once; the others are
            given by hand. A photograph is kept as grey values, and areas are traced over it. Scripts, links, text and
            pictures inside a drawing stay behind.
        </p>
    {/if}
    <div class="do">
        <Button onclick={onclose}>Done</Button>
        {#if plate}<button
                class="link-button"
                onclick={() => run(() => put<PlateAnswer>('DELETE', `companies/${figure.id}/plate`))}
                >Throw the drawing away</button
            >{/if}
    </div>
</div>

<style>
    .choose {
        display: flex;
        flex-wrap: wrap;
        gap: 10px 16px;
        align-items: center;
    }
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
    .do {
        display: flex;
        gap: 8px;
    }
    @media (max-width: 720px) {
        .work {
            grid-template-columns: 1fr;
        }
    }
</style>
