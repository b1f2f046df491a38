<script lang="ts">
    import type { Paint } from '../../api/wire';
    import { millilitres } from '../../parts/words';

    interface Props {
        paints: Paint[];
        chosen: number | null;
        onchoose: (id: number) => void;
    }
    let { paints, chosen, onchoose }: Props = $props();
</script>

<div class="wide">
    <table>
        <thead>
            <tr
                ><th class="colour">Colour</th><th>Name</th><th>Range</th><th>Behaviour</th><th class="number">Left</th
                ><th>Set</th><th>Place</th></tr
            >
        </thead>
        <tbody>
            {#each paints as paint (paint.id)}
                <tr class:chosen={paint.id === chosen}>
                    <td class="colour"><span class="swatch" style:background={paint.colour ?? 'none'}></span></td>
                    <td
                        ><button
                            class="plain-button"
                            aria-pressed={paint.id === chosen}
                            onclick={() => onchoose(paint.id)}>{paint.name}</button
                        ></td
                    >
                    <td>{paint.line}</td>
                    <td>{paint.behaviour}</td>
                    <td class="number"
                        >{paint.owned
                            ? paint.left_ml === null
                                ? 'unknown'
                                : millilitres(paint.left_ml)
                            : 'not owned'}</td
                    >
                    <td>{paint.set}</td>
                    <td>{paint.place}</td>
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
        padding: 6px 10px 6px 0;
        font-weight: 600;
        font-size: 13px;
        text-align: left;
        border-bottom: 1px solid var(--ink);
    }
    td {
        padding: 0 10px 0 0;
        border-bottom: 1px solid var(--rule);
        white-space: nowrap;
    }
    .colour {
        width: 84px;
    }
    .swatch {
        display: block;
        width: 72px;
        height: 34px;
    }
    .number {
        text-align: right;
    }
    button {
        padding: 7px 0;
        text-decoration: underline;
        text-underline-offset: 3px;
        text-decoration-color: var(--rule);
    }
    .chosen button {
        font-weight: 600;
    }
</style>
