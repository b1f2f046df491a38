<script lang="ts">
    import type { Area, Vocabulary } from '../../api/wire';
    import MiniStrata from '../../parts/MiniStrata.svelte';

    interface Props {
        areas: Area[];
        vocabulary: Vocabulary;
    }
    let { areas, vocabulary }: Props = $props();
    const relief = (id: string) => vocabulary.reliefs.find((r) => r.id === id)?.words ?? id;
    const depth = (n: number) => (n <= 2 ? 'innermost' : n >= 7 ? 'outermost' : `layer ${n}`);
</script>

<div class="wide">
    <table>
        <thead>
            <tr
                ><th>Look</th><th>Area</th><th>Material</th><th>Relief</th><th class="number">Share</th><th
                    class="number">Surface</th
                ><th>Lies</th><th>Weight</th><th>Recipe</th></tr
            >
        </thead>
        <tbody>
            {#each areas as area (area.id)}
                <tr>
                    <td class="look"
                        ><MiniStrata
                            strip={area.strip.length ? area.strip : area.colour ? [area.colour] : []}
                            size={36}
                        /></td
                    >
                    <td><a href="#/recipe/{area.id}">{area.name}</a></td>
                    <td>{area.material}</td>
                    <td>{relief(area.relief)}</td>
                    <td class="number">{area.share} %</td>
                    <td class="number">{area.surface_cm2} cm²</td>
                    <td>{depth(area.depth)}</td>
                    <td>{area.weight}</td>
                    <td>{area.planned ? 'drafted' : area.colour ? 'colour chosen' : 'undecided'}</td>
                </tr>
            {/each}
        </tbody>
    </table>
</div>

<style>
    .wide {
        overflow-x: auto;
    }
    table {
        width: 100%;
        border-collapse: collapse;
        font-size: 14px;
    }
    th {
        padding: 6px 12px 6px 0;
        font-size: 13px;
        font-weight: 600;
        text-align: left;
        border-bottom: 1px solid var(--ink);
    }
    td {
        padding: 3px 12px 3px 0;
        border-bottom: 1px solid var(--rule);
        white-space: nowrap;
    }
    a {
        color: inherit;
    }
    .number {
        text-align: right;
    }
    .look {
        width: 48px;
    }
</style>
