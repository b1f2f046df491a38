<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { doubtsQuery } from '../../api/queries';
    import { counted } from '../../parts/words';

    interface Props {
        onchoose: (id: number) => void;
        /** shows only what is guessed */
        onguesses: () => void;
    }
    let { onchoose, onguesses }: Props = $props();

    const doubts = createQuery(doubtsQuery);
    const known = $derived(doubts.data?.known ?? []);
    const guesses = $derived(known.filter((k) => k.guess).reduce((sum, k) => sum + k.paints, 0));
    const worth = $derived(doubts.data?.worth ?? []);
</script>

{#if known.length}
    <details>
        <summary>
            {#if guesses}<strong>{counted(guesses, 'colour')} guessed</strong>{/if}
            {(guesses && known.some((k) => !k.guess) ? '· ' : '') +
                known
                    .filter((k) => !k.guess)
                    .map((k) => `${k.paints} ${k.words} (±${k.certainty})`)
                    .join(' · ')}
            {#if worth.length}· <strong>worth measuring first: {worth[0]?.name}</strong>{/if}
        </summary>
        {#if worth.length}
            <p class="soft">
                Measuring these {worth.length === 1 ? 'one' : worth.length} settles most: their doubt changes your recipes
                most. Open a paint to measure it.
            </p>
            <ol>
                {#each worth as paint (paint.id)}
                    <li>
                        <i style:background={paint.hex ?? undefined}></i>
                        <span
                            ><button class="link-button" onclick={() => onchoose(paint.id)}>{paint.name}</button>
                            known to ±{paint.doubt}: {counted(paint.areas, 'area')}, {paint.where} by up to {paint.most.toFixed(
                                1,
                            )}</span
                        >
                    </li>
                {/each}
            </ol>
        {:else}
            <p class="soft">Once there are recipes, this says which paints are worth measuring first.</p>
        {/if}
        {#if guesses}<button class="link-button" onclick={onguesses}>Show the guessed colours</button>{/if}
    </details>
{/if}

<style>
    details {
        margin: 10px 0 2px;
        font-size: var(--size-plain);
    }
    summary {
        cursor: pointer;
    }
    ol {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(320px, 1fr));
        gap: 6px 24px;
        margin: 8px 0;
        padding: 0;
        list-style: none;
    }
    li {
        display: grid;
        grid-template-columns: 56px 1fr;
        gap: 12px;
        align-items: center;
    }
    li i {
        height: 34px;
    }
    .link-button {
        padding-left: 0;
    }
</style>
