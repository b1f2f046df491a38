<script lang="ts">
    import type { Tonight } from '../../api/wire';
    import type { Write } from '../../api/write.svelte';
    import DryingClock from '../bench/DryingClock.svelte';
    import Slips from '../bench/Slips.svelte';

    interface Props {
        view: Tonight;
        write: Write;
    }
    let { view, write }: Props = $props();

    function dry(wait: { ids: number[]; pass: boolean }, hairdryer: boolean) {
        for (const id of wait.ids)
            void write.send('record', 'POST', `${wait.pass ? 'passes' : 'records'}/${id}/dry`, { hairdryer });
    }
</script>

<aside aria-label="What dries, what is not mended yet">
    <h2>Drying</h2>
    {#each view.drying as each (`${each.pass}${each.ids[0]}`)}
        <DryingClock drying={each} now={view.now} named ondry={(hairdryer) => dry(each, hairdryer)} />
    {:else}
        <p class="soft">Nothing is drying.</p>
    {/each}
    <Slips
        slips={view.slips}
        named
        busy={write.pending}
        onmended={(id) => void write.send('record', 'POST', `records/${id}/mended`)}
    />
    {#if view.worth.length}
        <h2>Worth knowing</h2>
        {#each view.worth as each (each)}<p class="worth">{each}</p>{/each}
    {/if}
</aside>

<style>
    aside :global(h3) {
        margin: 22px 0 8px;
        font-family: var(--display);
        font-size: var(--size-head);
        font-weight: 600;
    }
    .worth {
        margin-bottom: 6px;
        font-size: var(--size-plain);
    }
</style>
