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

<div class="table-frame">
    <table class="rows">
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
    .colour {
        width: 84px;
    }
    .swatch {
        display: block;
        width: 72px;
        height: 34px;
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
