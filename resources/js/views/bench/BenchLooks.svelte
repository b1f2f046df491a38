<script lang="ts">
    import type { BenchStep } from '../../api/wire';
    import Explained from '../../parts/Explained.svelte';
    import Faces from '../../parts/Faces.svelte';
    import FigureDrawing from '../../parts/FigureDrawing.svelte';
    import type { BenchState } from './bench.svelte';

    interface Props {
        bench: BenchState;
        step: BenchStep;
    }
    let { bench, step }: Props = $props();

    const isGround = $derived(step.of_figure && !step.whole);
    /** the area in its colour, all others in grey */
    const lit = $derived(new Map(step.area_id === null ? [] : [[step.area_id, step.after]]));
    const light = $derived(bench.bench?.pictures.find((p) => p.of_light));
</script>

<div class="looks">
    {#if !isGround}
        <div>
            <Faces faces={step.before} label="Now" height="96px" />
            <p class="legend"><span>now</span><span><Explained text="recess · plane · ridge" /></span></p>
        </div>
        {#if step.wet}
            <div class="wet">
                <i style:background={step.wet} role="img" aria-label="The mix wet on the palette {step.wet}"></i>
                <p class="legend"><span>wet, on the palette</span></p>
            </div>
        {/if}
    {/if}
    <div>
        <Faces faces={step.after} label="After, when dry" height="96px" />
        <p class="legend"><span>after, when dry</span><span>predicted to ±{step.certainty.toFixed(0)}</span></p>
    </div>
    {#if bench.drawn && step.area_id !== null}
        <div class="lit">
            <FigureDrawing figure={bench.drawn} tones={lit} label="{step.area}: where it is on the figure" />
        </div>
    {/if}
    {#if light}
        <a class="lit" href="/api/pictures/{light.id}" target="_blank" rel="noopener">
            <img src="/api/pictures/{light.id}" alt="Light sketch: the map of lights" />
        </a>
    {/if}
</div>

<style>
    .looks {
        display: grid;
        grid-template-columns: repeat(3, minmax(110px, 1fr)) repeat(auto-fit, 110px);
        gap: 22px;
        margin: 14px 0;
    }
    .wet i {
        display: block;
        height: 96px;
    }
    .lit {
        height: 124px;
        min-width: 0;
    }
    img {
        width: 100%;
        height: 100%;
        object-fit: contain;
    }
    .legend {
        display: flex;
        flex-wrap: wrap;
        justify-content: space-between;
        margin-top: 4px;
        font-size: var(--size-plain);
        color: var(--ink-soft);
    }
    @media (max-width: 720px) {
        .looks {
            grid-template-columns: repeat(3, minmax(0, 1fr));
            gap: 12px 8px;
        }
    }
</style>
