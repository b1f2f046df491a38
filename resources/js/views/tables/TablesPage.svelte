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

<div class="tables">
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

<style>
    .tables {
        display: grid;
        grid-template-columns: 232px minmax(0, 1fr);
        min-height: calc(100vh - 52px);
    }
    .rail {
        padding: 18px 0;
        background: var(--rail);
    }
    main {
        padding: 20px 28px 40px;
    }
    @media (max-width: 720px) {
        .tables {
            display: block;
        }
        .rail {
            display: flex;
            padding: 4px 0;
        }
        main {
            padding: 18px 16px;
        }
    }
</style>
