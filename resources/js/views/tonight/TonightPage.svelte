<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { figuresQuery, tonightQuery } from '../../api/queries';
    import { useWrite } from '../../api/write.svelte';
    import Refused from '../../parts/Refused.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import CompanyRow from './CompanyRow.svelte';
    import NextSitting from './NextSitting.svelte';
    import TonightSide from './TonightSide.svelte';

    const tonight = createQuery(tonightQuery);
    const figures = createQuery(figuresQuery);
    const write = useWrite();
    const view = $derived(tonight.data);
    const sitting = $derived(view?.sitting ?? null);
</script>

{#if !view}
    <Waiting problem={tonight.error} />
{:else}
    <div class="evening">
        <main>
            <Refused {write} />
            {#if sitting}
                <h1>
                    {sitting.next ? `Go on: ${sitting.next.words.toLowerCase()}` : `All done: ${sitting.words}`}
                </h1>
                <p class="soft">
                    {sitting.started ? 'You are in the middle of a sitting' : 'A sitting is laid out'}: {sitting.words},
                    {sitting.steps.filter((s) => !s.left.length).length} of {sitting.steps.length} steps done{sitting.next
                        ? `, about ${sitting.left_words} of work left`
                        : ''}.
                </p>
                <p class="acts">
                    <a
                        class="go"
                        href={sitting.started && sitting.next
                            ? `#/bench/${sitting.next.company_id}`
                            : `#/sitting/${sitting.id}${sitting.next ? '' : '/end'}`}
                        >{sitting.next ? (sitting.started ? 'Go on' : 'Fetch and start') : 'End the sitting'}</a
                    >
                    {#if sitting.started && sitting.next}<a class="also" href="#/sitting/{sitting.id}/end"
                            >End it here</a
                        >{/if}
                </p>
            {/if}
            {#if view.sheet}
                <NextSitting sheet={view.sheet} {sitting} />
            {:else if !sitting}
                <h1>{view.begun ? 'Nothing is waiting to be painted' : 'Nothing begun yet'}</h1>
                <p class="soft">
                    {view.begun
                        ? 'Everything that is planned is done, or dries.'
                        : 'Here you will see your next sitting, what dries, and how far every company is.'}
                    <a href="#/start">{view.begun ? 'Plan another figure' : 'Take the first steps'}</a>
                </p>
            {/if}
            <section class="companies" aria-label="Companies">
                {#each view.companies as company (company.id)}
                    <CompanyRow {company} figure={figures.data?.companies.find((c) => c.id === company.id) ?? null} />
                {/each}
            </section>
        </main>
        <TonightSide {view} {write} />
    </div>
{/if}

<style>
    .acts {
        display: flex;
        flex-wrap: wrap;
        gap: 14px;
        align-items: center;
        margin: 14px 0 26px;
    }
    .go {
        padding: 15px 32px;
        background: var(--accent);
        color: #ffffff;
        font-size: var(--size-head);
        font-weight: 600;
        text-decoration: none;
    }
    .also {
        padding: 12px 18px;
        border: 1px solid var(--accent-text);
        color: var(--accent-text);
        text-decoration: none;
    }
    .companies {
        margin-top: 26px;
    }
</style>
