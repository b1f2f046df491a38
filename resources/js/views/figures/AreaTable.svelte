<script lang="ts">
    import type { Area, Vocabulary } from '../../api/wire';
    import MiniStrata from '../../parts/MiniStrata.svelte';

    interface Props {
        areas: Area[];
        vocabulary: Vocabulary;
    }
    let { areas, vocabulary }: Props = $props();
    const relief = (id: string) => vocabulary.reliefs.find((r) => r.id === id)?.words ?? id;
</script>

<div class="wide">
    <table>
        <thead>
            <tr>
                <th><span class="visually-hidden">Look</span></th>
                <th>Area</th>
                <th>Material</th>
                <th>Relief</th>
                <th class="number">Share and surface</th>
                <th class="number" title="1 is innermost">Depth</th>
                <th>Weight</th>
            </tr>
        </thead>
        <tbody>
            {#each areas as area (area.id)}
                <tr>
                    <td class="look"
                        ><MiniStrata
                            strip={area.strip.length ? area.strip : area.colour ? [area.colour] : []}
                            size={30}
                        /></td
                    >
                    <td
                        ><a href="#/recipe/{area.id}">{area.name}</a>
                        {#if !area.planned}<small>{area.colour ? 'no recipe yet' : 'undecided'}</small>{/if}</td
                    >
                    <td>{area.material}</td>
                    <td>{relief(area.relief)}</td>
                    <td class="number">{area.share} % · {area.surface_cm2} cm²</td>
                    <td class="number">{area.depth}</td>
                    <td>{area.weight}</td>
                </tr>
            {/each}
        </tbody>
    </table>
</div>

<style>
    .wide {
        position: relative;
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
        padding: 2px 10px 2px 0;
        border-bottom: 1px solid var(--rule);
        white-space: nowrap;
    }
    a {
        color: inherit;
    }
    small {
        margin-left: 8px;
        color: var(--ink-soft);
    }
    .number {
        text-align: right;
    }
    .look {
        width: 48px;
    }
</style>
