<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { Button, Select, SelectItem } from 'carbon-components-svelte';
    import { figuresQuery, setFitsQuery, setsQuery } from '../../api/queries';
    import { useWrite } from '../../api/write.svelte';
    import Refused from '../../parts/Refused.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import SetFitsList from './SetFitsList.svelte';
    import { counted, money } from '../../parts/words';

    interface Props {
        onchoose: (id: number) => void;
    }
    let { onchoose }: Props = $props();

    const write = useWrite();
    const sets = createQuery(setsQuery);
    const figures = createQuery(figuresQuery);
    let company = $state('');
    const fits = createQuery(() => setFitsQuery(company === '' ? null : Number(company)));
    const onSale = $derived(
        [...(sets.data?.on_sale ?? [])].sort(
            (a, b) => b.paints.filter((p) => !p.owned).length - a.paints.filter((p) => !p.owned).length,
        ),
    );

    const own = (id: string) => write.send('purchase', 'POST', 'buy', { singles: [], sets: [id] });
</script>

{#if !sets.data}
    <Waiting problem={sets.error} />
{:else}
    <div class="pick">
        <Select labelText="Paint which company from one set only?" bind:selected={company}>
            <SelectItem value="" text="choose a company" />
            {#each figures.data?.companies ?? [] as each (each.id)}<SelectItem
                    value={String(each.id)}
                    text={each.name}
                />{/each}
        </Select>
    </div>
    <Refused {write} />
    {#if company !== '' && fits.data}
        <SetFitsList fits={fits.data} />
    {/if}
    <h2>On the shelf</h2>
    {#each sets.data.owned as set (set.name)}
        <section>
            <p><strong>{set.name}</strong> · {counted(set.paints.length, 'paint')}</p>
            <div class="chips">
                {#each set.paints as paint (paint.id)}
                    <button
                        class="plain-button"
                        onclick={() => onchoose(paint.id)}
                        title={paint.name}
                        aria-label={paint.name}
                        ><i style:background={paint.hex ?? 'none'} class:away={!paint.at_hand}></i></button
                    >
                {/each}
            </div>
        </section>
    {:else}
        <p class="soft">No paint here names a set.</p>
    {/each}
    <h2>On sale</h2>
    {#each onSale as set (set.id)}
        <section>
            <p>
                <strong>{set.name}</strong> · {money(set.price, sets.data.currency)} · {set.paints.filter(
                    (p) => !p.owned,
                ).length} new,
                {set.paints.filter((p) => p.owned).length} you have
            </p>
            <div class="chips">
                {#each set.paints as paint, i (i)}<i style:background={paint.hex} title={paint.name}></i>{/each}
                <Button size="small" kind="ghost" on:click={() => own(set.id)}>I have it: add to my shelf</Button>
            </div>
        </section>
    {:else}
        <p class="soft">There is no price list yet. <a href="#/buy">Ask the shop</a> first.</p>
    {/each}
{/if}

<style>
    .pick {
        max-width: 340px;
    }
    h2 {
        margin: 20px 0 6px;
        font-size: var(--size-head);
    }
    section {
        padding: 8px 0;
        border-top: 1px solid var(--rule);
    }
    .chips {
        display: flex;
        flex-wrap: wrap;
        gap: 4px;
        align-items: center;
        margin-top: 5px;
    }
    .chips i {
        display: block;
        width: 44px;
        height: 34px;
    }
    .away {
        outline: 1px dashed var(--ink);
        outline-offset: -3px;
    }
</style>
