<script lang="ts">
    import type { RunningOrder } from '../../api/wire';
    import type { OrderState } from './order.svelte';

    interface Props {
        plan: OrderState;
        order: RunningOrder;
    }
    let { plan, order }: Props = $props();
    const sharing = $derived(
        [...order.companies.filter((c) => c.priority > 0)].sort((a, b) => a.priority - b.priority),
    );
    const PLACES = ['no share', 'first', 'second', 'third', 'fourth', 'fifth'];
</script>

{#if order.companies.length > 1}
    <section>
        <h2>Who shares the evenings</h2>
        <p>
            {sharing.length
                ? `${sharing.map((c) => c.name).join(', then ')}.`
                : `Nobody: ${order.company.name} is planned alone.`}
        </p>
        <details>
            <summary>Change</summary>
            <p>The first has them as if it were alone; the others get what it leaves, also while its paint dries.</p>
            {#each order.companies as company (company.id)}
                <label
                    >{company.name}
                    <select
                        class="plain-field"
                        value={String(company.priority)}
                        onchange={(e) =>
                            plan.save({ companies: [{ id: company.id, priority: Number(e.currentTarget.value) }] })}
                    >
                        {#each PLACES as place, i (place)}<option value={String(i)}>{place}</option>{/each}
                    </select></label
                >
            {/each}
        </details>
    </section>
{/if}

<style>
    summary {
        margin-bottom: 6px;
        font-size: var(--size-small);
        cursor: pointer;
    }
    p,
    label {
        margin-bottom: 6px;
        font-size: var(--size-small);
    }
    label {
        display: flex;
        gap: 10px;
        align-items: center;
        justify-content: space-between;
    }
</style>
