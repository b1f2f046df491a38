<script lang="ts">
    import { useQueryClient } from '@tanstack/svelte-query';
    import { Button, InlineNotification } from 'carbon-components-svelte';
    import { put, sentence } from '../../api/client';
    import type { Prices } from '../../api/wire';
    import { counted } from '../../parts/words';

    interface Props {
        /** the last good list; null while it loads */
        prices: Prices | null;
    }
    let { prices }: Props = $props();

    const client = useQueryClient();
    let mood = $state('open');
    let problem = $state('');
    let busy = $state(false);
    const told = $derived(
        !prices?.dated
            ? 'No price list is here yet.'
            : `${prices.shop}, list of ${prices.dated}${prices.days_old ? `, ${counted(prices.days_old, 'day')} old` : ', of today'}: ${counted(prices.paints, 'paint')}, ${counted(prices.sets, 'set')}.`,
    );

    async function ask() {
        busy = true;
        try {
            const answer = await put<Prices>('POST', 'prices', { mood });
            problem = answer.problem ?? '';
            client.setQueryData(['prices'], answer);
            await client.invalidateQueries({ queryKey: ['shelf'] });
        } catch (thrown) {
            problem = sentence(thrown);
        }
        busy = false;
    }
</script>

<p>{told}</p>
{#if problem}<InlineNotification lowContrast hideCloseButton kind="warning" title={problem} />{/if}
<div class="ask">
    <Button size="small" kind="tertiary" disabled={busy} on:click={ask}
        >{prices?.dated ? 'Ask the shop again' : 'Ask the shop for its prices'}</Button
    >
    <label class="soft"
        >the stand-in shop is <select class="line-select" bind:value={mood}
            >{#each prices?.moods ?? ['open'] as each (each)}<option>{each}</option>{/each}</select
        ></label
    >
</div>

<style>
    .ask {
        display: flex;
        flex-wrap: wrap;
        gap: 8px 18px;
        align-items: center;
        margin: 8px 0 14px;
    }
    label {
        font-size: var(--size-small);
    }
</style>
