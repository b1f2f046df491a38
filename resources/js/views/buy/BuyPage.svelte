<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { Button, InlineNotification } from 'carbon-components-svelte';
    import { buyQuery, figuresQuery, needsQuery, pricesQuery } from '../../api/queries';
    import { useWrite } from '../../api/write.svelte';
    import { router } from 'svelte-spa-router';
    import Refused from '../../parts/Refused.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { counted } from '../../parts/words';
    import Enough from './Enough.svelte';
    import Lacks from './Lacks.svelte';
    import PriceInfo from './PriceInfo.svelte';
    import Purchase from './Purchase.svelte';

    const write = useWrite();
    const figures = createQuery(figuresQuery);
    const prices = createQuery(pricesQuery);
    /** one recipe only, from the address */
    const area = $derived(new URLSearchParams(router.querystring ?? '').get('area') ?? '');
    let company = $state('');
    let within = $state('4.5');
    let done = $state('');
    const needs = createQuery(() => needsQuery(company, area));
    const list = $derived(prices.data ? (prices.data.dated ?? 'own') : null);
    const plan = createQuery(() => ({
        ...buyQuery(company, within, list),
        placeholderData: (before, query) => (query?.queryKey[4] === list ? before : undefined),
    }));

    async function bought(singles: string[], sets: string[]) {
        done = '';
        if ((await write.send('purchase', 'POST', 'buy', { singles, sets })) === undefined) return;
        done = `${[singles.length ? counted(singles.length, 'paint') : '', sets.length ? counted(sets.length, 'set') : ''].filter(Boolean).join(' and ')} on your shelf now.`;
    }
</script>

<div class="page">
    <p><a href="#/shelf">The shelf</a></p>
    <h1>Stock check and shopping</h1>
    <div class="ask">
        <label
            >For <select class="line-select" bind:value={company}
                ><option value="">everything planned</option
                >{#each figures.data?.companies ?? [] as each (each.id)}<option value={String(each.id)}
                        >{each.name}</option
                    >{/each}</select
            ></label
        >
        <label
            >Anything within <b>{Number(within).toFixed(1)}</b> of what is missing will do (colours on a price list are
            good to ±2)
            <input type="range" min="2" max="12" step="0.5" bind:value={within} /></label
        >
    </div>
    <Refused {write} />
    {#if done}<InlineNotification lowContrast hideCloseButton kind="success" title={done} />{/if}
    <div class="columns">
        <section aria-label="What to buy">
            <PriceInfo prices={prices.data ?? null} />
            {#if plan.isError}
                <Waiting problem={plan.error} />
            {:else if plan.data}
                {#if plan.data.own_prices && plan.data.lacks.length}
                    <p class="own">
                        Prices are those written on your shelf{plan.data.unpriced.length
                            ? `. No price there for ${plan.data.unpriced.join(', ')}: counted at your average`
                            : ''}. Only paints you have or had can be proposed; a shop’s list knows more.
                    </p>
                {/if}
                <Lacks plan={plan.data} />
                {#if plan.data.lacks.length > plan.data.unmet.length}
                    {#each plan.data.purchases as purchase, i (purchase.title)}
                        <Purchase
                            {purchase}
                            currency={plan.data.currency}
                            note={i > 0
                                ? 'an alternative'
                                : plan.data.proven
                                  ? 'no purchase costs less'
                                  : `another could cost up to ${plan.data.gap.toFixed(1)} % less`}
                            onbought={() =>
                                bought(
                                    purchase.singles.map((s) => s.id),
                                    purchase.sets.map((s) => s.id),
                                )}
                        />
                    {/each}
                    <div class="do">
                        <Button
                            size="small"
                            kind="ghost"
                            href="/api/buy/list?companies={company}&within={within}"
                            download>Shopping list as text</Button
                        >
                        <Button
                            size="small"
                            kind="ghost"
                            href="/api/buy/list?as=csv&companies={company}&within={within}"
                            download>as CSV</Button
                        >
                    </div>
                {/if}
            {/if}
        </section>
        <Enough needs={needs.data ?? null} problem={needs.error} one={area !== ''} />
    </div>
</div>

<style>
    .page {
        max-width: 1240px;
        padding: 16px 28px 40px;
    }
    .ask {
        display: flex;
        flex-wrap: wrap;
        gap: 10px 32px;
        align-items: center;
        margin: 12px 0 16px;
        font-size: var(--size-plain);
    }
    input {
        width: 200px;
        vertical-align: middle;
    }
    .columns {
        display: grid;
        grid-template-columns: minmax(0, 1fr) 470px;
        gap: 28px 44px;
    }
    .own {
        margin-bottom: 14px;
        padding-left: 12px;
        border-left: 4px solid var(--warn);
    }
    .do {
        display: flex;
        flex-wrap: wrap;
        gap: 8px;
        margin-top: 10px;
    }
    @media (max-width: 1080px) {
        .page {
            padding: 16px;
        }
        .columns {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
