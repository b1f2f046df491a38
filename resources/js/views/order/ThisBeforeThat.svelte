<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { RunningOrder } from '../../api/wire';
    import type { OrderState } from './order.svelte';

    interface Props {
        plan: OrderState;
        order: RunningOrder;
    }
    let { plan, order }: Props = $props();
    let first = $state('');
    let then = $state('');
    const words = $derived(new Map(order.steps.map((s) => [s.id, s.words])));
    const wishes = $derived(order.before.map((b): [string, string] => [b.first, b.then]));
    const shown = $derived(wishes.filter(([one, other]) => words.has(one) && words.has(other)));

    async function add() {
        if (await plan.save({ wishes: { before: [...wishes, [first, then]] } })) first = then = '';
    }

    function remove(wish: [string, string]) {
        void plan.save({ wishes: { before: wishes.filter((w) => w !== wish) } });
    }
</script>

{#snippet pick(label: string, value: string, set: (id: string) => void)}
    <select class="plain-field" aria-label={label} {value} onchange={(e) => set(e.currentTarget.value)}>
        <option value="">choose a step</option>
        {#each order.steps as step (step.id)}<option value={step.id}>{step.words}</option>{/each}
    </select>
{/snippet}

<section>
    <h2>This before that</h2>
    {#each shown as wish (wish.join(' '))}
        <p>
            {words.get(wish[0])} before {words.get(wish[1])?.toLowerCase()}
            <button onclick={() => remove(wish)}>Remove</button>
        </p>
    {/each}
    <details>
        <summary>Add a wish</summary>
        {@render pick('What you want first', first, (id) => (first = id))}
        <p>before</p>
        {@render pick('What you want after it', then, (id) => (then = id))}
        <Button size="small" kind="tertiary" disabled={!first || !then || plan.write.pending} onclick={add}
            >Add this wish</Button
        >
    </details>
</section>

<style>
    select {
        width: 100%;
    }
    summary {
        margin-bottom: 6px;
        font-size: var(--size-small);
        cursor: pointer;
    }
    section :global(.bx--btn) {
        margin-top: 8px;
    }
    button {
        border: 0;
        background: none;
        color: var(--accent-text);
        cursor: pointer;
    }
</style>
