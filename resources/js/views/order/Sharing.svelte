<script lang="ts">
    import type { RunningOrder } from '../../api/wire';
    import type { OrderState } from './order.svelte';

    interface Props {
        plan: OrderState;
        order: RunningOrder;
    }
    let { plan, order }: Props = $props();
    const PLACES = ['no share', 'first', 'second', 'third', 'fourth', 'fifth'];
</script>

{#if order.companies.length > 1}
    <section>
        <h2>Who shares the evenings</h2>
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
    </section>
{/if}

<style>
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
