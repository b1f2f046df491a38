<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { orderQueueQuery } from '../../api/queries';
    import type { RunningOrder } from '../../api/wire';
    import { sentence } from '../../api/client';

    interface Props {
        order: RunningOrder;
    }
    let { order }: Props = $props();
    let paint = $state('');
    let drops = $state('');
    const asked = createQuery(() => orderQueueQuery(order.company.id, paint, String(drops ?? ''), order.version));
    const hex = $derived(order.pots.find((p) => p.id === paint)?.hex);
</script>

<section>
    <h2>The pot that stands open</h2>
    <div class="which">
        <i style:background={hex} class:none={!hex} aria-hidden="true"></i>
        <select class="plain-field" aria-label="Paint that is open" bind:value={paint}>
            <option value="">Choose a paint</option>
            {#each order.pots as pot (pot.id)}<option value={pot.id}>{pot.name}</option>{/each}
        </select>
    </div>
    {#if paint}
        <label class="cup"
            >In the cup of the airbrush:
            <input
                class="plain-field"
                type="number"
                min="1"
                max="9999"
                aria-label="Drops in the cup"
                bind:value={drops}
            />
            drops</label
        >
        {#if asked.error}<p role="alert">{sentence(asked.error)}</p>{/if}
        {#if asked.data}
            {#if asked.data.cup}<p>{asked.data.cup}</p>{/if}
            <p>{asked.data.words}</p>
            <ol>
                {#each asked.data.next as use (use.what + use.when + use.company + use.figures)}
                    <li>
                        {use.what}<small
                            >{use.when}, {use.thin}{use.figures ? `, ${use.figures}` : ''}{use.company !==
                            order.company.name
                                ? `, ${use.company}`
                                : ''}</small
                        >
                    </li>
                {/each}
            </ol>
        {/if}
    {/if}
</section>

<style>
    .which,
    .cup {
        display: flex;
        flex-wrap: wrap;
        gap: 8px;
        align-items: center;
        font-size: var(--size-small);
    }
    .cup {
        margin-top: 8px;
    }
    .cup input {
        width: 72px;
    }
    i {
        width: 28px;
        height: 28px;
    }
    .none {
        border: 1px solid var(--rule);
    }
    select {
        flex: 1;
        min-width: 0;
    }
    p {
        margin-top: 8px;
    }
    ol {
        max-height: 320px;
        margin-top: 6px;
        padding-left: 1.6em;
        overflow-y: auto;
        font-size: var(--size-small);
        list-style: decimal;
    }
    li {
        margin-bottom: 4px;
    }
    small {
        display: block;
        color: var(--ink-soft);
    }
</style>
