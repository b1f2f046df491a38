<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { Button } from 'carbon-components-svelte';
    import { figuresQuery } from '../../api/queries';
    import Waiting from '../../parts/Waiting.svelte';
    import { counted } from '../../parts/words';
    import AreaTable from './AreaTable.svelte';
    import CompanyForm from './CompanyForm.svelte';
    import Patchwork from './Patchwork.svelte';
    import Questions from './Questions.svelte';

    interface Props {
        params?: { company?: string } | null;
    }
    let { params = null }: Props = $props();

    const figures = createQuery(figuresQuery);
    let editing: 'none' | 'new' | 'this' = $state('none');
    const companies = $derived(figures.data?.companies ?? []);
    const company = $derived(companies.find((c) => String(c.id) === params?.company) ?? companies[0] ?? null);
    const open = $derived(company?.areas.filter((a) => !a.planned) ?? []);
</script>

{#if !figures.isSuccess}
    <Waiting problem={figures.error} />
{:else}
    <div class="trio" class:editing={editing !== 'none'}>
        <nav class="rail" aria-label="Figures and companies">
            {#each companies as each (each.id)}
                <a
                    class="rail-entry"
                    href="#/figures/{each.id}"
                    aria-current={each.id === company?.id && editing !== 'new' ? 'page' : undefined}
                    onclick={() => (editing = 'none')}
                >
                    <strong>{each.name}</strong>
                    <span>{counted(each.count, 'figure')} · {counted(each.areas.length, 'area')}</span>
                </a>
            {/each}
            <div class="add">
                <Button size="small" kind="tertiary" onclick={() => (editing = 'new')}>Add a figure</Button>
            </div>
        </nav>
        <main>
            {#if editing === 'new' || (editing === 'this' && company)}
                {#key editing}
                    <CompanyForm
                        company={editing === 'this' ? company : null}
                        vocabulary={figures.data.vocabulary}
                        onclose={() => (editing = 'none')}
                        onsaved={(id) => {
                            editing = 'none';
                            location.hash = `#/figures/${id}`;
                        }}
                    />
                {/key}
            {:else if company}
                <div class="top">
                    <div>
                        <h1>{company.name}</h1>
                        <p class="soft">
                            {counted(company.count, 'figure')}, {company.height_mm} mm high, {company.surface_cm2} cm² of
                            surface each
                            {#if company.uncovered > 0.05}· {company.uncovered} % of it belongs to no area{/if}
                            {#if company.begun}· {company.begun} begun{/if}
                        </p>
                        {#if company.notes}<p class="soft">{company.notes}</p>{/if}
                    </div>
                    <Button size="small" kind="tertiary" onclick={() => (editing = 'this')}>Change areas</Button>
                </div>
                <Patchwork areas={company.areas} />
                <AreaTable areas={company.areas} vocabulary={figures.data.vocabulary} />
            {:else}
                <h1>No figure yet</h1>
                <p class="start">
                    Describe one: its height, and the areas it has, each with a material, the way it is shaped and its
                    share of the surface.
                </p>
                <Button onclick={() => (editing = 'new')}>Add a figure</Button>
            {/if}
        </main>
        {#if editing === 'none'}
            <aside class="panel" aria-label="How you paint, and what is next">
                <Questions ways={figures.data.vocabulary.ways} />
                {#if company}
                    <div class="next">
                        <h3>Next</h3>
                        {#if open.length === 0}
                            <p>Every area has its recipe.</p>
                            <Button href="#/bench/{company.id}/1">Paint at the Bench</Button>
                        {:else}
                            <p>
                                {open.length === company.areas.length
                                    ? 'No area has a recipe yet.'
                                    : `${counted(open.length, 'area')} without a recipe.`}
                            </p>
                            <Button href="#/recipe/{open[0]?.id}">Recipe for {open[0]?.name.toLowerCase()}</Button>
                        {/if}
                    </div>
                {/if}
            </aside>
        {/if}
    </div>
{/if}

<style>
    .editing {
        grid-template-columns: 232px minmax(0, 1fr);
    }
    .add {
        padding: 14px 18px;
    }
    .top {
        display: flex;
        flex-wrap: wrap;
        gap: 24px;
        align-items: start;
        justify-content: space-between;
    }
    .start {
        max-width: 480px;
        margin: 12px 0 20px;
    }
    .next {
        margin-top: 28px;
    }
    .next p {
        margin: 6px 0 12px;
    }
</style>
