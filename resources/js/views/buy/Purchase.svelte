<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { Purchase } from '../../api/wire';
    import { counted, money } from '../../parts/words';

    interface Props {
        purchase: Purchase;
        currency: string;
        /** what is known of its price */
        note: string;
        onbought: () => void;
    }
    let { purchase, currency, note, onbought }: Props = $props();
</script>

<section>
    <h2>{purchase.title}: {money(purchase.price, currency)}</h2>
    <p class="soft">
        {note}{purchase.doubles
            ? ` · brings ${counted(purchase.doubles, 'paint')} you have already`
            : ' · brings nothing twice'}
    </p>
    {#each purchase.sets as set (set.id)}
        <div class="row">
            <div class="chips">
                {#each set.paints as paint, i (i)}<i style:background={paint.hex} title={paint.name}></i>{/each}
            </div>
            <p>
                <strong>{set.name}</strong>, set of {set.paints.length}<br /><span class="soft"
                    >for {set.meets.join(', ')}{set.doubles ? ` · ${set.doubles} twice` : ''}</span
                >
            </p>
            <b>{money(set.price, currency)}</b>
        </div>
    {/each}
    {#each purchase.singles as single (single.id)}
        <div class="row">
            <i class="one" style:background={single.hex}></i>
            <p>
                <strong>{single.name}</strong>, {single.line}<br /><span class="soft"
                    >for {single.meets.join(', ')}{single.double ? ' · another bottle of what you have' : ''}</span
                >
            </p>
            <b>{money(single.price, currency)}</b>
        </div>
    {/each}
    <Button size="small" kind="tertiary" on:click={onbought}>Bought: add to my shelf</Button>
</section>

<style>
    section {
        margin-top: 20px;
    }
    h2 {
        font-size: var(--size-head);
    }
    .row {
        display: grid;
        grid-template-columns: 110px minmax(0, 1fr) auto;
        gap: 14px;
        align-items: center;
        padding: 6px 0;
        border-bottom: 1px solid var(--rule);
        line-height: 1.3;
    }
    .one {
        height: 40px;
    }
    .chips {
        display: grid;
        grid-template-columns: repeat(4, 1fr);
    }
    .chips i {
        height: 20px;
    }
    section > :global(.bx--btn) {
        margin-top: 10px;
    }
</style>
