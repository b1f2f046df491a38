<script lang="ts">
    import type { BenchStep } from '../../api/wire';
    import { counted, until } from '../../parts/words';
    import type { BenchState } from './bench.svelte';

    interface Props {
        bench: BenchState;
        step: BenchStep;
    }
    let { bench, step }: Props = $props();
    const pot = $derived(step.pot);
    const where = { 'wet-palette': 'on the wet palette', palette: 'on the palette', jar: 'in the jar', '': '' };
    const acts: [string, string][] = [
        ['wetter', 'Wetter'],
        ['thicker', 'Thicker'],
        ['again', 'Mix the same again'],
        ['jar', 'Into a jar'],
        ['gone', 'Thrown away'],
    ];
</script>

{#if pot}
    <p class="pot">
        {#if pot.id === null}
            Not mixed yet. <button class="tool-link" disabled={bench.busy} onclick={() => bench.mix(step)}>Mixed</button
            >
        {:else}
            {@const id = pot.id}
            In the pot: about {counted(pot.drops, 'drop')}, {pot.enough_for
                ? `enough for ${counted(pot.enough_for, 'figure')}`
                : 'not enough for another figure'}, thin {pot.thin}, good {where[pot.vessel]} until {until(
                pot.until,
                bench.bench?.now ?? pot.until,
            )}.
            {#if pot.drying}<strong>It dries soon.</strong>{/if}
            {#each acts.filter(([what]) => what !== 'jar' || pot.vessel !== 'jar') as [what, words] (what)}
                <button class="tool-link" disabled={bench.busy} onclick={() => bench.pot(id, what)}>{words}</button>
            {/each}
        {/if}
    </p>
{/if}

<style>
    .pot {
        margin-top: 8px;
        font-size: var(--size-body);
        color: var(--ink-soft);
    }
    button {
        margin-right: 8px;
    }
</style>
