<script lang="ts">
    import CoatsTable from './CoatsTable.svelte';
    import MatchTable from './MatchTable.svelte';

    interface Props {
        params?: { table?: string } | null;
    }
    let { params = null }: Props = $props();

    const tables = [
        { id: 'match', name: 'Match a colour', about: 'which paints, how many drops' },
        { id: 'coats', name: 'Coats over a ground', about: 'how many until it hides' },
    ];
    const table = $derived(tables.find((t) => t.id === params?.table)?.id ?? 'match');
</script>

<div class="duo">
    <nav class="rail" aria-label="Tables">
        {#each tables as each (each.id)}
            <a class="rail-entry" href="#/tables/{each.id}" aria-current={each.id === table ? 'page' : undefined}
                ><strong>{each.name}</strong><span>{each.about}</span></a
            >
        {/each}
    </nav>
    <main>
        {#if table === 'coats'}<CoatsTable />{:else}<MatchTable />{/if}
    </main>
</div>
