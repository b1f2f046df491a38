<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { Figure, GroundLaid, Undercoats } from '../../api/wire';
    import FigureDrawing from '../../parts/FigureDrawing.svelte';
    import { Sketch } from './sketch.svelte';
    import SketchControls from './SketchControls.svelte';

    interface Props {
        figure: Figure;
        data: Undercoats;
        busy: boolean;
        ontake: (paint: number | null, lights: GroundLaid['lights'], kind: string) => void;
        onvalue: (dark: number, lights: GroundLaid['lights']) => void;
    }
    let { figure, data, busy, ontake, onvalue }: Props = $props();

    // svelte-ignore state_referenced_locally
    const sketch = new Sketch(
        () => figure,
        () => data,
    );
    const name = (id: number) => figure.areas.find((a) => a.id === id)?.name ?? '';
</script>

<h1>Angle of the light</h1>
<p class="soft">
    Steeper from above lights less of the sides. What faces up shows the ridges, what faces down the recesses. {sketch
        .query.data?.model ?? ''}
</p>
{#if data.primers.length < 2}
    <p>A light sketch needs a dark and a light primer on the shelf. <a href="#/shelf">Add one</a> first.</p>
{:else}
    <div class="sketch">
        <div class="plate">
            <FigureDrawing {figure} tones={sketch.tones} label="{figure.name} under this light sketch" />
        </div>
        <SketchControls {sketch} {data} {busy} {ontake} />
    </div>
    {#if sketch.query.data?.areas.some((a) => a.value)}
        <h2>As a value sketch</h2>
        <p class="soft">Each area brought to the lightness it will finally have, before any colour.</p>
        {#if data.kinds.some((k) => k.allowed && k.id !== 'brush')}
            <Button
                size="small"
                kind="tertiary"
                disabled={busy}
                onclick={() => onvalue(Number(sketch.dark), sketch.lights.slice(-1))}>Plan it spray by spray</Button
            >
        {/if}
        <ul class="values">
            {#each sketch.query.data.areas.filter((a) => a.value) as area (area.id)}
                <li><strong>{name(area.id)}</strong> {area.value}</li>
            {/each}
        </ul>
    {/if}
{/if}

<style>
    .sketch {
        display: grid;
        grid-template-columns: minmax(0, 1fr) minmax(0, 1.1fr);
        gap: 28px;
        margin: 14px 0 22px;
    }
    .plate {
        height: 460px;
        padding: 12px;
        background: var(--surround-deep);
    }
    .values {
        columns: 2;
        margin: 8px 0;
        padding: 0;
        list-style: none;
    }
    .values li {
        padding: 4px 0;
        break-inside: avoid;
    }
    @media (max-width: 720px) {
        .sketch {
            grid-template-columns: 1fr;
        }
        .plate {
            height: 320px;
        }
        .values {
            columns: 1;
        }
    }
</style>
