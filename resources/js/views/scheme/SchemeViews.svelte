<script lang="ts">
    import type { Faces, Figure, Scheme, SchemeArea } from '../../api/wire';
    import FigureDrawing from '../../parts/FigureDrawing.svelte';
    import type { Tones } from '../../parts/drawing';
    import type { SchemeDesk } from './scheme.svelte';

    interface Props {
        figure: Figure;
        scheme: Scheme;
        desk: SchemeDesk;
    }
    let { figure, scheme, desk }: Props = $props();

    const eyes = [
        { id: 'grey', words: 'grey values' },
        { id: 'protanopia', words: 'without the red cones' },
        { id: 'deuteranopia', words: 'without the green cones' },
        { id: 'tritanopia', words: 'without the blue cones' },
    ] as const;
    let seen: (typeof eyes)[number]['id'] = $state('grey');
    const tones = (of: (a: SchemeArea) => Faces | null): Tones => new Map(scheme.areas.map((a) => [a.id, of(a)]));
    const colours = $derived(tones((a) => a.tones));
    const pick = (area: number) => (desk.chosen = area);
</script>

<div class="views" class:broad={!figure.plate || figure.plate.width > 1.15 * figure.plate.height}>
    <figure class="close">
        <div>
            <FigureDrawing
                {figure}
                tones={colours}
                label="{figure.name} in colour, close"
                chosen={desk.chosen}
                onpick={pick}
                named
            />
        </div>
        <figcaption>in colour, close{figure.plate ? '; click a place to choose its area' : ''}</figcaption>
    </figure>
    <figure>
        <div>
            <FigureDrawing {figure} tones={tones((a) => a.seen?.[seen] ?? null)} label="{figure.name}, {seen}" />
        </div>
        <figcaption>
            <select class="line-select" aria-label="Seen as" bind:value={seen}>
                {#each eyes as each (each.id)}<option value={each.id}>{each.words}</option>{/each}
            </select>
        </figcaption>
    </figure>
    <figure>
        <div class="far">
            <FigureDrawing
                {figure}
                tones={colours}
                blurMm={scheme.blur_mm}
                label="{figure.name} from {scheme.metres} m"
            />
        </div>
        <figcaption>
            from
            <select
                class="line-select"
                aria-label="Viewing distance"
                value={String(scheme.metres)}
                onchange={(e) => (desk.metres = Number(e.currentTarget.value))}
            >
                {#each [0.3, 0.5, 0.8, 1.2, 2, 3] as metres (metres)}<option value={String(metres)}>{metres} m</option
                    >{/each}
            </select>
            <small>blur {scheme.blur_mm.toFixed(2)} mm</small>
        </figcaption>
    </figure>
</div>

<style>
    .views {
        display: grid;
        grid-template-columns: 1.5fr 1fr;
        grid-template-rows: 1fr 1fr;
        gap: 14px;
        height: 500px;
    }
    .broad {
        grid-template-columns: 1fr 1fr;
        grid-template-rows: 330px 210px;
        height: auto;
    }
    .broad .close {
        grid-row: auto;
        grid-column: 1 / 3;
    }
    figure {
        display: flex;
        flex-direction: column;
        min-height: 0;
        min-width: 0;
        margin: 0;
        padding: 12px;
        background: var(--surround-deep);
    }
    figure div {
        flex: 1;
        min-height: 0;
    }
    .close {
        grid-row: 1 / 3;
    }
    .far {
        width: 62%;
        margin: 0 auto;
    }
    figcaption {
        padding-top: 8px;
        font-size: var(--size-small);
    }
    small {
        color: var(--ink);
    }
    @media (max-width: 720px) {
        .views,
        .broad {
            grid-template-columns: 1fr;
            grid-template-rows: 340px 260px 260px;
            height: auto;
        }
        .close,
        .broad .close {
            grid-row: auto;
            grid-column: auto;
        }
    }
</style>
