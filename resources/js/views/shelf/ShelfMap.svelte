<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { mapQuery } from '../../api/queries';
    import type { Dot } from '../../api/wire';
    import Waiting from '../../parts/Waiting.svelte';
    import { counted, millilitres } from '../../parts/words';
    import { HEIGHT, neighbour, radius, WIDTH, x, y, type Up } from './map';
    import MapGrid from './MapGrid.svelte';
    import MapNotes from './MapNotes.svelte';

    interface Props {
        /** ids that the search lets through */
        shown: number[];
        chosen: number | null;
        onchoose: (id: number) => void;
    }
    let { shown, chosen, onchoose }: Props = $props();

    let up: Up = $state('lightness');
    const map = createQuery(mapQuery);
    const ids = $derived(new Set(shown));
    const dots = $derived(
        [...(map.data?.dots ?? [])]
            .filter((d) => ids.has(d.id))
            .sort((a, b) => radius(b.left_ml) - radius(a.left_ml) || a.id - b.id),
    );
    /** where the Tab key enters the map */
    const entry = $derived(dots.some((d) => d.id === chosen) ? chosen : dots[0]?.id);
    let drawing: SVGSVGElement | null = $state(null);

    function told(dot: Dot): string {
        return `${dot.name}, ${dot.behaviour}${dot.left_ml === null ? '' : `, ${millilitres(dot.left_ml)} left`}`;
    }

    function onkey(event: KeyboardEvent, dot: Dot) {
        if (event.key === 'Enter' || event.key === ' ') {
            event.preventDefault();
            onchoose(dot.id);
        }
        const next = neighbour(dots, dot, event.key, up);
        if (next) {
            event.preventDefault();
            onchoose(next.id);
            drawing?.querySelector<SVGElement>(`[data-id="${next.id}"]`)?.focus();
        }
    }
</script>

{#if !map.data}
    <Waiting problem={map.error} />
{:else}
    <div class="head">
        <p class="soft">
            by hue and {up === 'lightness' ? 'lightness' : 'strength'} · a full bottle is a large dot · {counted(
                map.data.gaps.length,
                'place',
            )} without a paint
        </p>
        <label
            >Up the map <select class="line-select" bind:value={up}
                ><option value="lightness">lightness</option><option value="chroma">strength of colour</option></select
            ></label
        >
    </div>
    <svg
        bind:this={drawing}
        viewBox="0 0 {WIDTH} {HEIGHT}"
        role="group"
        aria-label="Map of the shelf, arrow keys move from paint to paint"
    >
        <MapGrid {up} gaps={map.data.gaps} />
        {#each dots as dot (dot.id)}
            <circle
                data-id={dot.id}
                role="button"
                tabindex={dot.id === entry ? 0 : -1}
                aria-label={told(dot)}
                aria-pressed={dot.id === chosen}
                cx={x(dot)}
                cy={y(dot, up)}
                r={radius(dot.left_ml)}
                fill={dot.hex}
                class:away={!dot.at_hand}
                class:chosen={dot.id === chosen}
                onclick={() => onchoose(dot.id)}
                onkeydown={(e) => onkey(e, dot)}><title>{told(dot)}</title></circle
            >
        {/each}
    </svg>
    <MapNotes map={map.data} {onchoose} />
{/if}

<style>
    .head {
        display: flex;
        flex-wrap: wrap;
        gap: 6px 20px;
        align-items: center;
        justify-content: space-between;
    }
    label {
        font-size: var(--size-small);
    }
    svg {
        display: block;
        width: 100%;
        margin-top: 6px;
    }
    circle[role='button'] {
        stroke: var(--rule);
        stroke-width: 1;
        cursor: pointer;
    }
    circle.away {
        stroke: var(--ink);
        stroke-dasharray: 2 3;
    }
    circle.chosen,
    circle[role='button']:focus-visible {
        stroke: var(--ink);
        stroke-width: 3;
        outline: none;
    }
</style>
