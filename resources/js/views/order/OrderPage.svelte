<script lang="ts">
    import { tick } from 'svelte';
    import { InlineNotification } from 'carbon-components-svelte';
    import FigureSelect from '../../parts/FigureSelect.svelte';
    import NoSuch from '../../parts/NoSuch.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import DoneSoFar from './DoneSoFar.svelte';
    import HoursForm from './HoursForm.svelte';
    import MoveBar from './MoveBar.svelte';
    import { Moving } from './moving.svelte';
    import OrderHead from './OrderHead.svelte';
    import OrderTools from './OrderTools.svelte';
    import TodaySoFar from './TodaySoFar.svelte';
    import WeeksView from './WeeksView.svelte';
    import OrderSide from './OrderSide.svelte';
    import SittingSheet from './SittingSheet.svelte';
    import { OrderState } from './order.svelte';

    interface Props {
        params?: { company?: string } | null;
    }
    let { params = null }: Props = $props();

    const plan = new OrderState(() => (params?.company ? Number(params.company) : null));
    const companies = $derived(plan.figures.data?.companies ?? []);
    const moving = new Moving(plan);
    let hours = $state(false);
    let zoom = $state('sittings');

    async function opened(number: number) {
        zoom = 'sittings';
        await tick();
        document.getElementById(`sitting-${number}`)?.scrollIntoView({ block: 'start' });
    }

    /** On paper there is nothing to open. */
    function unfold() {
        for (const each of document.querySelectorAll<HTMLDetailsElement>('.order details')) each.open = true;
    }
</script>

<svelte:window onbeforeprint={unfold} />

{#if plan.figures.isSuccess && params?.company && plan.figure === null}
    <NoSuch what="figure" />
{:else if plan.figures.isSuccess && plan.company === null}
    <main class="none">
        <h1>Nothing to plan yet</h1>
        <p><a href="#/figures">Describe a figure</a>, then draft recipes: their steps are put in order here.</p>
    </main>
{:else if !plan.order || !plan.figure}
    <Waiting problem={plan.query.error ?? plan.figures.error} />
{:else}
    {@const order = plan.order}
    <div class="order">
        <main>
            <div class="which"><FigureSelect {companies} figure={plan.figure} page="order" /></div>
            {#if plan.write.problem}<InlineNotification lowContrast kind="error" title={plan.write.problem} />{/if}
            <OrderHead {plan} {order} onhours={() => (hours = true)} />
            {#if order.plan?.sheets.length}
                <OrderTools {moving} {order} bind:zoom />
            {/if}
            {#if order.today}<TodaySoFar today={order.today} />{/if}
            {#if zoom === 'weeks' && order.free !== null && order.plan?.sheets.length}
                <WeeksView sheets={order.plan.sheets} onopen={opened} />
            {:else}
                {#each order.plan?.sheets ?? [] as sheet (sheet.number)}
                    <SittingSheet
                        {sheet}
                        figure={plan.figure}
                        {moving}
                        fine={zoom === 'minutes'}
                        timed={order.free !== null}
                    />
                {/each}
                {#if order.plan?.sheets.length}
                    <p class="key">
                        colour of a block: the paint on the brush · line below: drying · dashed: you wait · figure: how
                        it looks by the end · drag a block, or choose it and use ← →
                    </p>
                {/if}
            {/if}
            <DoneSoFar done={order.done} />
            <MoveBar {moving} {order} />
        </main>
        <OrderSide {plan} {order} onhours={() => (hours = true)} />
    </div>
    {#if hours}<HoursForm {plan} {order} onclose={() => (hours = false)} />{/if}
{/if}

<style>
    .none {
        padding: 40px 28px;
    }
    .order {
        display: grid;
        grid-template-columns: minmax(0, 1fr) 348px;
        height: calc(100vh - var(--head));
    }
    main {
        position: relative;
        overflow-y: auto;
        padding: 24px 28px 40px;
    }
    .which {
        max-width: 320px;
        margin: 0 0 6px -18px;
    }
    .key {
        margin-top: 14px;
        font-size: var(--size-fine);
        color: var(--ink-soft);
    }
    @media print {
        :global(header),
        .order > :global(aside),
        .which,
        .key,
        .order :global(.tools),
        .order :global(.acts) {
            display: none;
        }
        .order {
            display: block;
            height: auto;
        }
        main {
            padding: 0;
            overflow: visible;
        }
        .order :global(.sheet) {
            break-inside: avoid-page;
        }
    }
    @media (max-width: 980px) {
        .order {
            display: block;
            height: auto;
        }
        main {
            padding: 16px;
            overflow: visible;
        }
    }
</style>
