<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { OrderRule, RunningOrder } from '../../api/wire';
    import type { OrderState } from './order.svelte';

    interface Props {
        plan: OrderState;
        order: RunningOrder;
    }
    let { plan, order }: Props = $props();
    const bound = $derived(order.rules.filter((r) => !r.hard && (r.binds > 0 || r.kept !== 'kept' || r.contradicted)));
    const free = $derived(order.rules.filter((r) => !r.hard && !bound.includes(r)));
    const HOW = { kept: 'keep', relaxed: 'keep where it costs nothing', overruled: 'leave aside' };
</script>

{#snippet row(rule: OrderRule)}
    <li>
        <p>{rule.words} <span>{rule.why}</span></p>
        {#if plan.prices[rule.code]}<p><strong>{plan.prices[rule.code]}</strong></p>{/if}
        {#if rule.contradicted}<p><span>Not everywhere: in places a rule above it says the opposite.</span></p>{/if}
        <select
            class="plain-field"
            aria-label={rule.words}
            value={rule.kept}
            onchange={(e) => plan.keep(rule.code, e.currentTarget.value)}
        >
            {#each Object.entries(HOW) as [kept, words] (kept)}<option value={kept}>{words}</option>{/each}
        </select>
    </li>
{/snippet}

<section>
    <h2>Rules of this order</h2>
    {#if bound.length}
        <ul>
            {#each bound as rule (rule.code)}{@render row(rule)}{/each}
        </ul>
        <Button size="small" kind="tertiary" disabled={plan.working !== ''} onclick={() => plan.price()}
            >What do they cost?</Button
        >
    {/if}
    {#if free.length}
        <details>
            <summary>{free.length} more that nothing here is bound by</summary>
            <ul>
                {#each free as rule (rule.code)}{@render row(rule)}{/each}
            </ul>
        </details>
    {/if}
</section>

<style>
    ul {
        padding: 0;
        list-style: none;
    }
    li {
        margin-bottom: 14px;
    }
    li p {
        font-size: var(--size-small);
    }
    li span {
        color: var(--ink-soft);
    }
    select {
        margin-top: 3px;
    }
    details {
        margin-top: 14px;
    }
    summary {
        margin-bottom: 8px;
        cursor: pointer;
        font-size: var(--size-small);
    }
</style>
