<script lang="ts">
    import type { Compared } from '../../api/wire';
    import Faces from '../../parts/Faces.svelte';

    interface Props {
        data: Compared;
    }
    let { data }: Props = $props();
    const rows = $derived(data.apart.map((row, i) => ({ ...row, a: data.a.areas[i], b: data.b.areas[i] })));
</script>

<div class="table-frame">
    <table class="rows">
        <thead>
            <tr>
                <th>area</th><th>first: recess, plane, ridge</th><th>second</th>
                <th class="number">plane apart</th><th>the second is, on its plane</th>
            </tr>
        </thead>
        <tbody>
            {#each rows as row (row.area)}
                <tr>
                    <td><a href="#/recipe/{row.area}">{row.name}</a></td>
                    {#each [row.a, row.b] as side, i (i)}
                        <td class="faces">
                            {#if side?.refused}<span class="soft">{side.refused}</span>
                            {:else if side}<Faces faces={side.end} label={row.name} height="30px" />
                                {#if side.off !== null}<small>ends {side.off.toFixed(1)} off</small>{/if}{/if}
                        </td>
                    {/each}
                    <td class="number">{row.difference.plane.toFixed(1)}</td>
                    <td>{row.words}</td>
                </tr>
            {/each}
        </tbody>
    </table>
</div>

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
