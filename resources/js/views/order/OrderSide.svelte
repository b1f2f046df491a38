<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { RunningOrder } from '../../api/wire';
    import LayOut from '../../parts/LayOut.svelte';
    import AirOfRoom from './AirOfRoom.svelte';
    import HaveNow from './HaveNow.svelte';
    import OpenPot from './OpenPot.svelte';
    import OutAndIn from './OutAndIn.svelte';
    import RulesKept from './RulesKept.svelte';
    import Sharing from './Sharing.svelte';
    import ThisBeforeThat from './ThisBeforeThat.svelte';
    import WaysCompared from './WaysCompared.svelte';
    import type { OrderState } from './order.svelte';

    interface Props {
        plan: OrderState;
        order: RunningOrder;
        onhours: () => void;
    }
    let { plan, order, onhours }: Props = $props();
    const next = $derived(order.plan?.sheets[0]);
    let day = $state('');
</script>

<aside aria-label="Next sitting, ways and rules">
    {#if next}
        <section>
            <h2>Next: {next.day}{order.free ? `, ${next.from}` : ''}</h2>
            <p>
                {next.minutes_words}, {next.figures}. Fetch {next.pots.length === 1
                    ? 'one pot'
                    : `${next.pots.length} pots`}
                and {next.tools.join(', ')}.
            </p>
            <ul class="pots">
                {#each next.pots as pot (pot.name)}<li>
                        <i style:background={pot.hex} aria-hidden="true"></i>{pot.name}
                    </li>{/each}
            </ul>
            <p class="start">
                <LayOut company={order.company.id} origin="order" words="Start at the Bench" size="small" />
            </p>
            <HaveNow {plan} />
        </section>
    {/if}
    <OpenPot {order} />
    <WaysCompared {plan} {order} />
    <section>
        <h2>On the table by a day</h2>
        {#if order.free}
            <form
                onsubmit={(e) => {
                    e.preventDefault();
                    void plan.by(day);
                }}
            >
                <input class="plain-field" type="date" aria-label="Day" bind:value={day} />
                <Button size="small" kind="tertiary" type="submit" disabled={!day || plan.working !== ''}
                    >Work it out</Button
                >
            </form>
            {#if plan.table}
                <p>{plan.table.words}</p>
                {#if plan.table.leaving}<p>{plan.table.leaving}</p>{/if}
            {/if}
        {:else}
            <p class="soft">Say when you are free first: then a day can be told what it holds.</p>
        {/if}
        <Button size="small" kind="ghost" onclick={onhours}
            >{order.free ? 'Change your free hours' : 'Say when you are free'}</Button
        >
    </section>
    <OutAndIn {plan} {order} />
    <Sharing {plan} {order} />
    <AirOfRoom {plan} {order} />
    <RulesKept {plan} {order} />
    <ThisBeforeThat {plan} {order} />
    {#if plan.working}<p class="working" role="status">{plan.working}</p>{/if}
    {#if plan.problem}<p role="alert">{plan.problem}</p>{/if}
</aside>

<style>
    aside {
        position: relative;
        overflow-y: auto;
        padding: 24px 22px 60px;
        background: var(--panel);
    }
    aside :global(section) {
        margin-bottom: 26px;
    }
    aside :global(h2) {
        margin-bottom: 6px;
        font-size: var(--size-head);
    }
    aside :global(p) {
        font-size: var(--size-small);
    }
    .pots {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 12px;
        margin: 8px 0 12px;
        padding: 0;
        font-size: var(--size-small);
        list-style: none;
    }
    .pots li {
        display: flex;
        gap: 6px;
        align-items: center;
    }
    .pots i {
        width: 18px;
        height: 18px;
    }
    form {
        display: flex;
        gap: 8px;
        margin-bottom: 8px;
    }
    .soft {
        color: var(--ink-soft);
    }
    .working {
        position: sticky;
        bottom: 0;
        padding: 8px 0;
        background: var(--panel);
    }
</style>
