<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { ledgerQuery } from '../../api/queries';
    import type { Entry } from '../../api/wire';
    import Waiting from '../../parts/Waiting.svelte';
    import { counted } from '../../parts/words';
    import LedgerEntry from './LedgerEntry.svelte';

    let company: number | null = $state(null);
    const ledger = createQuery(() => ledgerQuery(company));
    const companies = $derived(ledger.data?.companies ?? []);
    const whole = $derived(companies.reduce((sum, c) => sum + c.entries, 0));
    const changed = $derived(ledger.data?.entries.filter((e) => e.differences.length || !e.in_plan).length ?? 0);
    const days = $derived(byDay(ledger.data?.entries ?? []));
    const day = new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' });

    function byDay(entries: Entry[]): { name: string; entries: Entry[] }[] {
        const found: { name: string; entries: Entry[] }[] = [];
        for (const entry of entries) {
            const name = day.format(new Date(entry.done_at));
            const last = found[found.length - 1];
            if (last?.name === name) last.entries.push(entry);
            else found.push({ name, entries: [entry] });
        }
        return found;
    }
</script>

{#if !ledger.isSuccess}
    <Waiting problem={ledger.error} />
{:else}
    <div class="duo">
        <nav class="rail" aria-label="Whose ledger">
            <button class="plain-button rail-entry" aria-pressed={company === null} onclick={() => (company = null)}>
                <strong>Everything</strong><span>{counted(whole, 'entry', 'entries')}</span>
            </button>
            {#each companies as each (each.id)}
                <button
                    class="plain-button rail-entry"
                    aria-pressed={company === each.id}
                    onclick={() => (company = each.id)}
                >
                    <strong>{each.name}</strong><span>{counted(each.entries, 'entry', 'entries')}</span>
                </button>
            {/each}
        </nav>
        <main>
            <h1>Painting log</h1>
            <p class="soft">
                {counted(ledger.data.total, 'entry', 'entries')}{ledger.data.entries.length < ledger.data.total
                    ? `, the latest ${ledger.data.entries.length} shown`
                    : ''}
                · {changed ? `${changed} ${changed === 1 ? 'differs' : 'differ'} from the plan` : 'all as planned'}
            </p>
            {#each days as each (each.name)}
                <section>
                    <h2>{each.name}</h2>
                    {#each each.entries as entry (entry.id)}
                        <LedgerEntry {entry} />
                    {/each}
                </section>
            {:else}
                <p class="none">
                    Nothing is recorded yet. At the <a href="#/bench">Bench</a>, “Done” adds a step here, with what was
                    planned beside it.
                </p>
            {/each}
        </main>
    </div>
{/if}

<style>
    section {
        margin-top: 24px;
    }
    h2 {
        padding-bottom: 6px;
        border-bottom: 1px solid var(--ink);
    }
    .none {
        padding: 32px 0;
    }
</style>
