<script lang="ts">
    import Explained from '../../parts/Explained.svelte';
    import type { Compared } from '../../api/wire';
    import Faces from '../../parts/Faces.svelte';
    import OffMeans from '../../parts/OffMeans.svelte';

    interface Props {
        data: Compared;
    }
    let { data }: Props = $props();
    const names = ['first', 'second', 'third', 'fourth'];
    const first = $derived(data.sides[0]);
    const others = $derived(data.sides.slice(1));
</script>

<div class="table-frame">
    <table class="rows">
        <thead>
            <tr>
                <th>area</th>
                {#each data.sides as side, i (i)}<th title={side.words}
                        >{names[i]}{#if !i}: <Explained text="recess, plane, ridge" />{/if}</th
                    >{/each}
                {#each others as side, i (i)}<th title={side.words}
                        >Difference on the plane{others.length > 1 ? `, ${names[i + 1]}` : ''}</th
                    >{/each}
            </tr>
        </thead>
        <tbody>
            {#each first?.areas ?? [] as area, n (area.id)}
                <tr>
                    <td><a href="#/recipe/{area.id}">{area.name}</a></td>
                    {#each data.sides as each, i (i)}
                        {@const side = each.areas[n]}
                        <td class="faces">
                            {#if side?.refused}<span class="soft">{side.refused}</span>
                            {:else if side}<Faces faces={side.end} label={area.name} height="30px" />
                                {#if side.off !== null}<small>ends {side.off.toFixed(1)} off</small>{/if}{/if}
                        </td>
                    {/each}
                    {#each others as side, i (i)}
                        {@const apart = side.apart[n]}
                        <td
                            >{apart?.difference
                                ? `${apart.difference.plane.toFixed(1)} off the first, `
                                : ''}{apart?.words ?? ''}</td
                        >
                    {/each}
                </tr>
            {/each}
        </tbody>
    </table>
</div>
<OffMeans />

<style>
    .table-frame {
        margin-bottom: 16px;
    }
    small {
        font-size: var(--size-fine);
        color: var(--ink-soft);
    }
    .faces {
        width: 190px;
        min-width: 110px;
        padding: 3px 14px 3px 0;
    }
</style>
