<script lang="ts">
    import BetweenTable from './BetweenTable.svelte';
    import CoatsTable from './CoatsTable.svelte';
    import GlazeTable from './GlazeTable.svelte';
    import MatchTable from './MatchTable.svelte';
    import PrimerCost from '../undercoat/PrimerCost.svelte';
    import SprayWeather from '../undercoat/SprayWeather.svelte';
    import ThinTable from './ThinTable.svelte';

    interface Props {
        params?: { table?: string } | null;
    }
    let { params = null }: Props = $props();

    const tables = [
        { id: 'thin', name: 'Mix and thin', about: 'how many drops, wet and dry', view: ThinTable },
        { id: 'match', name: 'Match a colour', about: 'which paints, how many drops', view: MatchTable },
        { id: 'coats', name: 'Coats over a ground', about: 'how many until it hides', view: CoatsTable },
        { id: 'glaze', name: 'Glaze', about: 'how thin, how many layers', view: GlazeTable },
        { id: 'between', name: 'Between two', about: 'even steps from one to another', view: BetweenTable },
        { id: 'weather', name: 'Spray weather', about: 'good to spray or not', view: SprayWeather },
        { id: 'primer-cost', name: 'Primer cost', about: 'can against airbrush', view: PrimerCost },
    ];
    const table = $derived(tables.find((t) => t.id === params?.table) ?? tables[1]);
    const View = $derived(table?.view);
</script>

<div class="duo">
    <nav class="rail" aria-label="Tables">
        {#each tables as each (each.id)}
            <a class="rail-entry" href="#/tables/{each.id}" aria-current={each === table ? 'page' : undefined}
                ><strong>{each.name}</strong><span>{each.about}</span></a
            >
        {/each}
    </nav>
    <main>
        {#if View}<View />{/if}
    </main>
</div>
