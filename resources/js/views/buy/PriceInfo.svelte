<script lang="ts">
    import { Button, InlineNotification } from 'carbon-components-svelte';
    import { useWrite } from '../../api/write.svelte';
    import type { Prices } from '../../api/wire';
    import { counted } from '../../parts/words';

    interface Props {
        /** the last good list; null while it loads */
        prices: Prices | null;
    }
    let { prices }: Props = $props();

    const write = useWrite();
    let told = $state('');
    const dated = $derived(
        !prices?.dated
            ? 'No price list yet.'
            : `${prices.shop}, list of ${prices.dated}${prices.days_old ? `, ${counted(prices.days_old, 'day')} old` : ', of today'}: ${counted(prices.paints, 'paint')}, ${counted(prices.sets, 'set')}.`,
    );

    async function ask() {
        const answer = await write.send<Prices>('prices', 'POST', 'prices', {}, (prices) => ({
            key: ['prices'],
            data: prices,
        }));
        told = answer?.problem ?? '';
    }
</script>

<p>{dated}</p>
{#if told || write.problem}
    <InlineNotification lowContrast hideCloseButton kind="warning" title={told || write.problem} />
{/if}
<div class="ask">
    <Button size="small" kind="tertiary" disabled={write.pending} on:click={ask}
        >{prices?.dated ? 'Ask the shop again' : 'Ask the shop for its prices'}</Button
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
</style>
