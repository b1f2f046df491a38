<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { RunningOrder } from '../../api/wire';
    import { duration } from '../../parts/words';
    import type { OrderState } from './order.svelte';

    interface Props {
        plan: OrderState;
        left: NonNullable<NonNullable<RunningOrder['plan']>['left']>;
        /** whether any hour is free at all */
        timed: boolean;
        onhours: () => void;
    }
    let { plan, left, timed, onhours }: Props = $props();

    /** Tasks that are named before the rest is folded away. */
    const NAMED = 4;
    const first = $derived(left.tasks.slice(0, NAMED));
    const rest = $derived(left.tasks.slice(NAMED));
</script>

{#snippet task(each: { task: string; minutes: number; why: string })}
    <li><strong>{each.task}</strong>, {duration(each.minutes)}. <span>{each.why}</span></li>
{/snippet}

<section class="left" aria-label="Left over">
    <h2>{left.words}</h2>
    <ul>
        {#each first as each, i (i)}{@render task(each)}{/each}
    </ul>
    {#if rest.length}
        <details>
            <summary>and {rest.length} more</summary>
            <ul>
                {#each rest as each, i (i)}{@render task(each)}{/each}
            </ul>
        </details>
    {/if}
    {#if !timed}
        <Button size="small" onclick={onhours}>Say when you are free</Button>
    {:else if plan.out === null}
        <Button size="small" kind="tertiary" disabled={plan.working !== ''} onclick={() => plan.findOut()}
            >What would make it fit?</Button
        >
        {#if plan.working}<span class="soft" role="status">{plan.working}</span>{/if}
    {:else if plan.out.ways.length === 0}
        <p role="status">
            Nothing small does: <button class="link-button" onclick={onhours}>free more hours</button>, or paint fewer
            figures at once.
        </p>
    {:else}
        <ul class="ways">
            {#each plan.out.ways as way (way.id)}
                <li>
                    <span>{way.words}</span>
                    <Button
                        size="small"
                        kind="tertiary"
                        disabled={plan.write.pending}
                        onclick={() => plan.takeOut(way.id)}
                        >Do this<span class="visually-hidden">: {way.words}</span></Button
                    >
                </li>
            {/each}
        </ul>
    {/if}
</section>

<style>
    .left {
        max-width: 82ch;
        margin-top: 14px;
        padding: 10px 14px 14px;
        border-left: 3px solid var(--accent);
        background: var(--panel);
    }
    h2 {
        font-family: var(--text);
        font-size: var(--size-body);
        font-weight: 600;
    }
    ul {
        margin: 6px 0 10px;
        padding: 0;
        list-style: none;
    }
    li {
        padding: 3px 0;
    }
    li span {
        color: var(--ink-soft);
    }
    summary {
        margin-bottom: 8px;
        cursor: pointer;
    }
    .ways li {
        display: flex;
        flex-wrap: wrap;
        gap: 8px 14px;
        justify-content: space-between;
        align-items: center;
        padding: 6px 0;
        border-top: 1px solid var(--rule);
    }
    .ways li span {
        flex: 1 1 30ch;
        color: var(--ink);
    }
</style>
