<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { RunningOrder } from '../../api/wire';
    import LeftOver from './LeftOver.svelte';
    import type { OrderState } from './order.svelte';

    interface Props {
        plan: OrderState;
        order: RunningOrder;
        onhours: () => void;
    }
    let { plan, order, onhours }: Props = $props();
</script>

{#if order.plan}
    <h1>{order.plan.headline}</h1>
    <p class="summary">{order.plan.summary}</p>
    {#if order.plan.first_try}<p class="summary" role="status">First try: a better order is looked for …</p>{/if}
    {#if order.plan.change}<p class="change">{order.plan.change}</p>{/if}
    {#if order.plan.let_go}<p class="change" role="alert">{order.plan.let_go}</p>{/if}
    {#each order.plan.late as said (said)}<p class="change">{said}</p>{/each}
    {#each order.plan.not_kept as said (said)}<p class="change">{said}</p>{/each}
    {#if order.plan.left}
        <LeftOver {plan} left={order.plan.left} timed={order.plan.sheets.length > 0} {onhours} />
    {/if}
{:else}
    <h1>These wishes cannot all be kept</h1>
    <p class="summary" role="alert">{order.problem}</p>
{/if}
{#if order.undrafted}<p class="hint">
        <span>{order.undrafted} <a href="#/recipe">Draft recipes</a></span>
    </p>{/if}
{#if order.free === null}
    <p class="hint">
        Planned as if you were always free.
        <Button size="small" kind="tertiary" onclick={onhours}>Say when you are free</Button>
    </p>
{/if}

<style>
    h1 {
        margin-bottom: 4px;
    }
    .summary {
        max-width: 82ch;
        color: var(--ink-soft);
    }
    .change {
        max-width: 82ch;
        margin-top: 8px;
        padding-left: 10px;
        border-left: 3px solid var(--accent);
    }
    .hint {
        display: flex;
        flex-wrap: wrap;
        gap: 8px 14px;
        align-items: center;
        margin-top: 12px;
    }
</style>
