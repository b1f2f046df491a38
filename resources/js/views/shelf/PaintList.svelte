<script lang="ts">
    import type { Paint } from '../../api/wire';
    import { millilitres } from '../../parts/words';

    interface Props {
        paints: Paint[];
        chosen: number | null;
        onchoose: (id: number) => void;
        /** ids chosen to be changed together */
        picked: number[];
        onpick: (ids: number[]) => void;
    }
    let { paints, chosen, onchoose, picked, onpick }: Props = $props();

    /** rows shown before the painter asks for the rest */
    const MOST = 200;
    let whole = $state(false);
    const shown = $derived(whole ? paints : paints.slice(0, MOST));
    const all = $derived(paints.length > 0 && paints.every((p) => picked.includes(p.id)));

    function toggle(id: number, taken: boolean) {
        onpick(taken ? [...picked, id] : picked.filter((other) => other !== id));
    }
</script>

<div class="table-frame">
    <table class="rows">
        <thead>
            <tr
                ><th class="pick"
                    ><input
                        type="checkbox"
                        aria-label="Choose all shown"
                        checked={all}
                        onchange={() => onpick(all ? [] : paints.map((p) => p.id))}
                    /></th
                ><th class="colour">Colour</th><th>Name</th><th>Range</th><th>Behaviour</th><th class="number"
                    >Certain to</th
                ><th class="number">Left</th><th>Set</th><th>Place</th></tr
            >
        </thead>
        <tbody>
            {#each shown as paint (paint.id)}
                <tr class:chosen={paint.id === chosen}>
                    <td class="pick"
                        ><input
                            type="checkbox"
                            aria-label="Choose {paint.name}"
                            checked={picked.includes(paint.id)}
                            onchange={(e) => toggle(paint.id, e.currentTarget.checked)}
                        /></td
                    >
                    <td class="colour"><span class="swatch" style:background={paint.look ?? 'none'}></span></td>
                    <td
                        ><button
                            class="plain-button"
                            aria-pressed={paint.id === chosen}
                            onclick={() => onchoose(paint.id)}>{paint.name}</button
                        ></td
                    >
                    <td>{paint.line}</td>
                    <td>{paint.behaviour}{paint.form === 'bottle' ? '' : `, ${paint.form}`}</td>
                    <td class="number">{paint.certainty === null ? '' : `±${paint.certainty}`}</td>
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
{#if paints.length > shown.length}
    <p>
        <button class="link-button" onclick={() => (whole = true)}>Show the other {paints.length - shown.length}</button
        >
    </p>
{/if}

<style>
    .pick {
        width: 34px;
    }
    .pick input {
        width: 18px;
        height: 18px;
    }
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
