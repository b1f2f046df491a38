<script lang="ts">
    import { createQuery, useQueryClient } from '@tanstack/svelte-query';
    import { Button, InlineNotification } from 'carbon-components-svelte';
    import { put, sentence } from '../../api/client';
    import { figuresQuery } from '../../api/queries';
    import FigureDrawing from '../../parts/FigureDrawing.svelte';
    import { tonesOf } from '../../parts/drawing';
    import Waiting from '../../parts/Waiting.svelte';
    import { capital, counted } from '../../parts/words';
    import AreaTable from './AreaTable.svelte';
    import CompanyForm from './CompanyForm.svelte';
    import NextStep from './NextStep.svelte';
    import PlateTools from './PlateTools.svelte';
    import Questions from './Questions.svelte';
    import Remarks from './Remarks.svelte';
    import Survey from './Survey.svelte';

    interface Props {
        params?: { company?: string } | null;
    }
    let { params = null }: Props = $props();

    const client = useQueryClient();
    const figures = createQuery(figuresQuery);
    let editing: 'none' | 'new' | 'this' | 'plate' = $state('none');
    let problem = $state('');
    const companies = $derived(figures.data?.companies ?? []);
    const company = $derived(companies.find((c) => String(c.id) === params?.company) ?? companies[0] ?? null);
    const kind = $derived(figures.data?.vocabulary.kinds.find((k) => k.id === company?.kind)?.words ?? '');

    async function remove() {
        if (!company || !confirm(`Delete ${company.name} with its areas, colours and recipes?`)) return;
        try {
            await put('DELETE', `companies/${company.id}`);
            location.hash = '#/figures';
            await client.invalidateQueries();
        } catch (thrown) {
            problem = sentence(thrown);
        }
    }
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
                    onclick={() => ((editing = 'none'), (problem = ''))}
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
                        {companies}
                        vocabulary={figures.data.vocabulary}
                        onclose={() => (editing = 'none')}
                        onsaved={(id) => {
                            editing = 'none';
                            location.hash = `#/figures/${id}`;
                        }}
                    />
                {/key}
            {:else if editing === 'plate' && company}
                <PlateTools figure={company} onclose={() => (editing = 'none')} />
            {:else if company}
                <h1>{company.name}</h1>
                <p class="soft">
                    {capital(kind)}{company.count > 1
                        ? `, ${company.count} figures${company.leaders ? `, ${counted(company.leaders, 'leader')} among them` : ''}`
                        : ''}, {company.height_mm} mm high,
                    {company.surface_cm2} cm² of surface{company.count > 1 ? ' each' : ''}
                    {#if company.uncovered > 0.05}· {company.uncovered} % of it belongs to no area{/if}
                    {#if company.begun}· {company.begun} begun{/if}
                </p>
                {#if company.notes}<p class="soft">{company.notes}</p>{/if}
                {#if problem}<InlineNotification lowContrast hideCloseButton kind="error" title={problem} />{/if}
                <p class="acts">
                    <button class="link-button" onclick={() => (editing = 'this')}>Change areas</button>
                    <button class="link-button" onclick={() => (editing = 'plate')}
                        >{company.plate ? 'Change the drawing' : 'Bring a drawing or a photograph'}</button
                    >
                    <button class="link-button" onclick={remove}>Delete</button>
                </p>
                <div class="look">
                    <div class="drawing">
                        <FigureDrawing
                            figure={company}
                            tones={tonesOf(company.areas)}
                            named
                            label="{company.name}: {company.plate
                                ? 'drawing'
                                : 'areas as touching fields sized by their share of the surface'}, in predicted colours"
                        />
                    </div>
                    <Survey figure={company} />
                </div>
                <Remarks figure={company} />
                <AreaTable areas={company.areas} vocabulary={figures.data.vocabulary} />
            {:else}
                <h1>No figure yet</h1>
                <p class="start">
                    Describe one: what sort it is and how high. A template gives you plausible areas to begin with, and
                    questions help to find what is easily overlooked.
                </p>
                <Button onclick={() => (editing = 'new')}>Add a figure</Button>
            {/if}
        </main>
        {#if editing === 'none'}
            <aside class="panel" aria-label="How you paint, and what is next">
                {#if company}<NextStep figure={company} />{/if}
                <Questions ways={figures.data.vocabulary.ways} schools={figures.data.vocabulary.schools} />
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
    .acts {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 22px;
        margin: 8px 0 4px;
    }
    .start {
        max-width: 480px;
        margin: 12px 0 20px;
    }
    .look {
        display: grid;
        grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr);
        gap: 28px;
        margin: 12px 0;
    }
    .drawing {
        max-height: 430px;
    }
    .drawing :global(svg) {
        height: auto;
        max-height: 430px;
    }
    @media (max-width: 720px) {
        .look {
            grid-template-columns: 1fr;
        }
        .drawing,
        .drawing :global(svg) {
            max-height: 320px;
        }
    }
</style>
