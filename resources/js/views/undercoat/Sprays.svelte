<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { Figure, Undercoats } from '../../api/wire';
    import UndoRedo from '../../parts/UndoRedo.svelte';
    import SprayRow from './SprayRow.svelte';
    import { fromHeight, wanted, type Wanted } from './sprays';

    interface Props {
        figure: Figure;
        data: Undercoats;
        busy: boolean;
        onput: (sprays: Wanted[]) => void;
        onstep: (where: 'undo' | 'redo') => void;
    }
    let { figure, data, busy, onput, onstep }: Props = $props();

    const now = $derived(wanted(data.sprays));
    const primer = $derived(data.sprayed.filter((p) => p.primer));
    const put = (at: number, spray: Wanted) => onput(now.map((s, i) => (i === at ? spray : s)));
    const drop = (at: number) => onput(now.filter((_, i) => i !== at));

    function up(at: number) {
        const order = [...now];
        [order[at - 1], order[at]] = [order[at]!, order[at - 1]!];
        onput(order);
    }

    function add() {
        const last = primer.filter((p) => p.id !== now[0]?.paint_id).at(-1) ?? data.sprayed[0];
        const height = data.heights.find((h) => h.degrees !== null && h.degrees > 0 && h.degrees < 90);
        const spraying = data.kinds.find((k) => k.allowed && k.id !== 'brush')?.id;
        if (last && height && spraying)
            onput([
                ...now,
                fromHeight(
                    {
                        key: null,
                        paint_id: last.id,
                        kind: spraying,
                        from: null,
                        areas: [],
                        coats: null,
                    },
                    height,
                ),
            ]);
    }
</script>

<h1>The undercoat, spray by spray</h1>
<p class="soft">
    The first goes over the whole figure. Each later spray lands where it comes from: from above, from below, from one
    side, or on a few areas only. The bars show what faces up, sideways and down after each.
</p>
<p><UndoRedo undo={data.undo} redo={data.redo} {onstep} /></p>
<ol>
    {#each data.sprays as spray, i (spray.key)}
        <SprayRow
            {figure}
            {data}
            {spray}
            first={i === 0}
            number={i + 1}
            {busy}
            onput={(wish) => put(i, wish)}
            onup={i > 1 ? () => up(i) : null}
            ondrop={i > 0 ? () => drop(i) : null}
        />
    {/each}
</ol>
{#if data.kinds.some((k) => k.allowed && k.id !== 'brush')}
    <Button size="small" kind="tertiary" disabled={busy} onclick={add}>Add a spray</Button>
{:else}
    <p class="soft">More sprays need an airbrush or spray cans: say so under <a href="#/own">What you own</a>.</p>
{/if}

<style>
    ol {
        max-width: 980px;
        margin: 12px 0 18px;
        padding: 0;
        list-style: none;
    }
</style>
