<script lang="ts">
    import type { Sitting, SittingEnd } from '../../api/wire';
    import { createQuery } from '@tanstack/svelte-query';
    import { figuresQuery, tonightQuery } from '../../api/queries';
    import CompanyRow from '../tonight/CompanyRow.svelte';
    import DryingClock from '../bench/DryingClock.svelte';

    interface Props {
        view: Sitting;
        end: SittingEnd;
    }
    let { view, end }: Props = $props();
    const now = new Date().toISOString();
    const tonight = createQuery(tonightQuery);
    const figures = createQuery(figuresQuery);
    const painted = $derived(
        tonight.data?.companies.filter((c) => end.done.some((entry) => entry.company === c.name)) ?? [],
    );
</script>

<div class="evening">
    <main>
        <h1>{end.done.length ? `Done: ${view.words}` : 'Nothing was painted in this sitting'}</h1>
        <p class="soft">
            {end.minutes_words} at the table, {end.figures_words}.{end.next ? ` Next time: ${end.next}.` : ''}
        </p>
        <section>
            {#each end.done as entry (entry.id)}
                <p class="entry">
                    <i style:background={entry.hex ?? 'transparent'} aria-hidden="true"></i>
                    <span>{entry.what}</span><span class="soft">{entry.company}, {entry.figures_words}</span>
                </p>
            {/each}
        </section>
        {#if painted.length}
            <h2>How they look now</h2>
            {#each painted as company (company.id)}
                <CompanyRow {company} figure={figures.data?.companies.find((c) => c.id === company.id) ?? null} />
            {/each}
        {/if}
        <p class="acts">
            <a class="go" href="#/tonight">Back to Tonight</a> <a href="#/ledger">See the painting log</a>
        </p>
    </main>
    <aside aria-label="Before you get up">
        <h2>Wash and put away</h2>
        {#each end.washing as line (line)}<p>{line}</p>{:else}<p class="soft">Nothing to wash.</p>{/each}
        <h2>Still drying</h2>
        {#each end.drying as each (`${each.pass}${each.ids[0]}`)}
            <DryingClock drying={each} {now} named />
        {:else}
            <p class="soft">Everything is dry.</p>
        {/each}
    </aside>
</div>

<style>
    section {
        margin: 18px 0 26px;
    }
    .entry {
        display: grid;
        grid-template-columns: 46px minmax(0, 1fr) auto;
        gap: 14px;
        align-items: center;
        padding: 5px 0;
        border-bottom: 1px solid var(--surround-deep);
    }
    i {
        height: 30px;
    }
    main h2 {
        margin-bottom: 8px;
        font-size: var(--size-head);
    }
    .acts {
        display: flex;
        margin-top: 26px;
        gap: 22px;
        align-items: center;
    }
    .go {
        padding: 14px 28px;
        background: var(--accent);
        color: #ffffff;
        font-weight: 600;
        text-decoration: none;
    }
</style>
