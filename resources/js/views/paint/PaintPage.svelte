<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { Button } from 'carbon-components-svelte';
    import { paintQuery, shelfQuery } from '../../api/queries';
    import { useWrite } from '../../api/write.svelte';
    import Refused from '../../parts/Refused.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { capital, millilitres } from '../../parts/words';
    import PaintForm from '../shelf/PaintForm.svelte';
    import Lessons from './Lessons.svelte';
    import PaintCoats from './PaintCoats.svelte';
    import PaintLooks from './PaintLooks.svelte';
    import Relatives from './Relatives.svelte';
    import StockPanel from './StockPanel.svelte';
    import TestSwatch from './TestSwatch.svelte';

    interface Props {
        params?: { paint?: string } | null;
    }
    let { params = null }: Props = $props();

    const id = $derived(Number(params?.paint));
    let thin = $state('1:0');
    let editing = $state(false);
    const write = useWrite();

    /** It can be put back on the page this leads to. */
    async function remove() {
        const gone = await write.send('paint', 'DELETE', 'paints', { ids: [id] });
        if (gone !== undefined) window.location.hash = `/shelf?removed=${id}`;
    }
    const shelf = createQuery(shelfQuery);
    const answer = createQuery(() => ({ ...paintQuery(id, thin), placeholderData: (before) => before }));
    const look = $derived(answer.data);
    const paint = $derived(look?.paint);
    const told = $derived(
        paint &&
            [
                paint.line,
                paint.behaviour,
                paint.sheen,
                !paint.owned ? 'not owned' : paint.left_ml === null ? '' : `${millilitres(paint.left_ml)} left`,
                paint.place,
            ]
                .filter(Boolean)
                .join(' · '),
    );
</script>

{#if !look || !paint}
    <Waiting problem={answer.error} />
{:else}
    <div class="page">
        <p><a href="#/shelf">The shelf</a></p>
        <div class="top">
            <div>
                <h1>{paint.name}</h1>
                <p class="soft">{told}</p>
            </div>
            <div>
                <Button size="small" kind="tertiary" on:click={() => (editing = true)}>Change this paint</Button>
                <Button size="small" kind="ghost" on:click={remove}>Take it off the shelf</Button>
            </div>
        </div>
        <Refused {write} />
        {#if look.looks}
            <div class="columns">
                <div>
                    <PaintLooks
                        looks={look.looks}
                        words={capital(paint.words)}
                        hex={paint.look ?? ''}
                        overWhite={shelf.data?.behaviours.find((b) => b.id === paint.behaviour)?.over_white ?? false}
                        certainty={look.certainty}
                        source={look.source}
                    />
                    {#if look.staircases.length}
                        <PaintCoats staircases={look.staircases} {thin} onthin={(ratio) => (thin = ratio)} />
                    {/if}
                </div>
                <aside>
                    <TestSwatch {look} />
                    <Lessons {id} />
                    <StockPanel {id} />
                    {#if look.relatives.length}<Relatives {id} relatives={look.relatives} />{/if}
                </aside>
            </div>
        {:else}
            <p>It brings no colour of its own, so there is nothing to predict.</p>
        {/if}
    </div>
    {#if editing && shelf.data}
        <PaintForm
            {paint}
            behaviours={shelf.data.behaviours}
            forms={shelf.data.forms}
            purposes={shelf.data.purposes}
            onclose={() => (editing = false)}
            onsaved={() => (editing = false)}
        />
    {/if}
{/if}

<style>
    .page {
        max-width: 1240px;
        padding: 16px 28px 40px;
    }
    .top {
        display: flex;
        flex-wrap: wrap;
        gap: 12px 24px;
        align-items: start;
        justify-content: space-between;
        margin: 6px 0 14px;
    }
    .columns {
        display: grid;
        grid-template-columns: minmax(0, 1fr) 400px;
        gap: 24px 40px;
    }
    @media (max-width: 980px) {
        .page {
            padding: 16px 16px 32px;
        }
        .columns {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
