<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { RunningOrder } from '../../api/wire';
    import { capital } from '../../parts/words';
    import type { OrderState } from './order.svelte';

    interface Props {
        plan: OrderState;
        order: RunningOrder;
    }
    let { plan, order }: Props = $props();
    const now = $derived(order.ways.find((w) => w.way === order.way)?.words ?? order.way);

    function use(way: string) {
        void plan.save({ companies: [{ id: order.company.id, way }] });
    }
</script>

<section>
    <h2>Ways of working</h2>
    <p>Now: {now}.</p>
    {#if plan.ways.length === 0}
        <Button size="small" kind="tertiary" disabled={plan.working !== ''} onclick={() => plan.compare()}
            >Compare {order.ways.length} ways</Button
        >
    {:else}
        <table>
            <thead>
                <tr><th>way</th><th>work</th><th>waits</th><th>washes</th></tr>
            </thead>
            <tbody>
                {#each plan.ways as way (way.way)}
                    <tr class:now={way.way === order.way}>
                        <td>
                            {#if way.way === order.way}<strong>{way.words}</strong>
                            {:else}<button onclick={() => use(way.way)} title="Use this way">{way.words}</button>{/if}
                            <small
                                >done {way.end_words}{way.fieldable_words
                                    ? `, all fieldable ${way.fieldable_words}`
                                    : ''}{way.first_fieldable_words !== way.fieldable_words
                                    ? `, the first ${way.first_fieldable_words}`
                                    : ''}{way.sittings ? `; sittings: ${way.sittings}` : ''}</small
                            >
                        </td>
                        <td>{way.hands_on_words}</td>
                        <td>{way.waiting_words}</td>
                        <td>{way.brush_washes}</td>
                    </tr>
                {/each}
            </tbody>
        </table>
        {#if plan.advice}
            <p class="advice">{plan.advice.words}</p>
            {#if plan.advice.way !== order.way}
                <Button size="small" kind="tertiary" onclick={() => use(plan.advice?.way ?? order.way)}
                    >Use {order.ways.find((w) => w.way === plan.advice?.way)?.words}</Button
                >
            {/if}
        {/if}
    {/if}
    {#if order.company.count > 1}
        <label
            ><input
                type="checkbox"
                checked={order.fieldable_first}
                onchange={(e) => plan.fieldableFirst(e.currentTarget.checked)}
            />
            {capital('all fieldable before any is finished')}</label
        >
    {/if}
</section>

<style>
    p,
    label,
    table {
        font-size: var(--size-small);
    }
    label {
        display: block;
        margin-top: 10px;
    }
    p {
        margin-bottom: 6px;
    }
    table {
        width: 100%;
        margin-bottom: 8px;
    }
    th {
        font-size: var(--size-fine);
        font-weight: 400;
        color: var(--ink-soft);
    }
    td,
    th {
        padding: 4px 6px 4px 0;
        border-bottom: 1px solid var(--rule);
        text-align: left;
        vertical-align: top;
    }
    td:not(:first-child) {
        white-space: nowrap;
    }
    td button {
        padding: 0;
        border: 0;
        background: none;
        color: var(--accent-text);
        text-align: left;
        cursor: pointer;
    }
    small {
        display: block;
        font-size: var(--size-fine);
        color: var(--ink-soft);
    }
</style>
