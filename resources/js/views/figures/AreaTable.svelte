<script lang="ts">
    import Explained from '../../parts/Explained.svelte';
    import { material as materialWords } from '../../parts/words';
    import type { Area, Vocabulary } from '../../api/wire';
    import MiniStrata from '../../parts/MiniStrata.svelte';

    interface Props {
        areas: Area[];
        vocabulary: Vocabulary;
    }
    let { areas, vocabulary }: Props = $props();
    const beside = (area: Area) =>
        area.touches.flatMap((id) => areas.find((a) => a.id === id)?.name.toLowerCase() ?? []).join(', ');
    const relief = (id: string) => vocabulary.reliefs.find((r) => r.id === id)?.words ?? id;
</script>

<div class="table-frame">
    <table class="rows">
        <thead>
            <tr>
                <th>Recipe</th>
                <th>Area</th>
                <th>Material</th>
                <th><Explained text="Relief" /></th>
                <th class="number">Share</th>
                <th class="number"><Explained text="Depth" /></th>
                <th>Weight</th>
                <th>Beside</th>
                <th>Colour</th>
            </tr>
        </thead>
        <tbody>
            {#each areas as area (area.id)}
                <tr>
                    <td class="look"><MiniStrata strip={area.strip} size={30} /></td>
                    <td class="name">
                        <a href="#/recipe/{area.id}">{area.name}</a>
                        {#if !area.planned}<small>{area.colour ? 'no recipe yet' : 'undecided'}</small>{/if}
                        {#if area.off !== null}<small class="far">ends {area.off.toFixed(1)} off</small>{/if}
                    </td>
                    <td>{materialWords(area.material)}</td>
                    <td class="relief">{relief(area.relief)}</td>
                    <td class="number" title="{area.surface_cm2} cm²">{area.share} %</td>
                    <td class="number">{area.depth}</td>
                    <td>{area.weight}</td>
                    <td class="beside"
                        >{beside(area)}{#if area.notes}<small>{area.notes}</small>{/if}{#if area.part}<small
                                >part: {area.part}</small
                            >{/if}</td
                    >
                    <td>
                        {#if area.colour}<span
                                class="swatch"
                                role="img"
                                aria-label={area.colour}
                                title={area.colour}
                                style:background={area.colour}
                            ></span>
                        {:else}<small>open</small>{/if}
                    </td>
                </tr>
            {/each}
        </tbody>
    </table>
</div>

<style>
    a {
        color: inherit;
    }
    small {
        display: block;
        white-space: nowrap;
        color: var(--ink-soft);
    }
    .far {
        color: var(--warn);
    }
    .name,
    .relief {
        min-width: 90px;
        white-space: normal;
    }
    .look {
        width: 56px;
    }
    .beside {
        min-width: 120px;
        white-space: normal;
    }
    .swatch {
        display: block;
        width: 52px;
        height: 30px;
    }
</style>
