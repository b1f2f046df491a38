<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { Button } from 'carbon-components-svelte';
    import { figuresQuery } from '../../api/queries';

    interface Props {
        /** what is taken: "this ladder" */
        what: string;
        busy?: boolean;
        ontake: (area: number) => void;
    }
    let { what, busy = false, ontake }: Props = $props();

    const figures = createQuery(figuresQuery);
    const areas = $derived(
        (figures.data?.companies ?? []).flatMap((c) =>
            c.areas.map((a) => ({ id: a.id, words: `${a.name} of ${c.name}` })),
        ),
    );
    let area = $state('');
</script>

{#if areas.length}
    <p class="use">
        <label
            >Paint with {what}
            <select class="small-field" aria-label="Area to paint with {what}" bind:value={area}>
                <option value="">choose an area</option>
                {#each areas as each (each.id)}<option value={String(each.id)}>{each.words}</option>{/each}
            </select></label
        >
        <Button size="small" kind="tertiary" disabled={area === '' || busy} onclick={() => ontake(Number(area))}
            >Use {what} here</Button
        >
    </p>
{/if}

<style>
    .use {
        display: flex;
        flex-wrap: wrap;
        gap: 8px 16px;
        align-items: end;
        margin: 14px 0;
    }
    label {
        display: grid;
        gap: 6px;
        font-size: var(--size-small);
        color: var(--ink-soft);
    }
    select {
        min-width: 230px;
    }
</style>
