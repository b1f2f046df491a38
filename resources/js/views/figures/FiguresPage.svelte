<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { Button } from 'carbon-components-svelte';
    import { figuresQuery } from '../../api/queries';
    import FigureDrawing from '../../parts/FigureDrawing.svelte';
    import { tonesOf } from '../../parts/drawing';
    import { chosen } from '../../parts/chosen';
    import NoSuch from '../../parts/NoSuch.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import AreaTable from './AreaTable.svelte';
    import CompanyForm from './CompanyForm.svelte';
    import FigureHead from './FigureHead.svelte';
    import FigureRail from './FigureRail.svelte';
    import NextStep from './NextStep.svelte';
    import PlateTools from './PlateTools.svelte';
    import Questions from '../own/Questions.svelte';
    import Remarks from './Remarks.svelte';
    import Survey from './Survey.svelte';

    interface Props {
        params?: { company?: string } | null;
    }
    let { params = null }: Props = $props();

    const figures = createQuery(figuresQuery);
    let editing: 'none' | 'new' | 'this' | 'plate' = $state('none');
    const companies = $derived(figures.data?.companies ?? []);
    const company = $derived(chosen(companies, params?.company));
    const kind = $derived(figures.data?.vocabulary.kinds.find((k) => k.id === company?.kind)?.words ?? '');
</script>

{#if figures.isSuccess && params?.company && company === null}
    <NoSuch what="figure" />
{:else if !figures.isSuccess}
    <Waiting problem={figures.error} />
{:else}
    <div class="trio" class:editing={editing !== 'none'}>
        <FigureRail
            {companies}
            current={editing === 'new' ? undefined : company?.id}
            onopen={() => (editing = 'none')}
            onadd={() => (editing = 'new')}
        />
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
                {#key company.id}<FigureHead {company} {kind} onedit={(what) => (editing = what)} />{/key}
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
