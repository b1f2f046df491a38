<script lang="ts">
    import { Button } from 'carbon-components-svelte';

    interface Props {
        /** names of the areas whose colours are kept */
        kept: string[];
        from: 'kept' | 'colour' | 'surprise';
        /** `#rrggbb`, where it starts from one colour */
        colour: string;
        /** number of the surprise */
        surprise: number;
        harmony: string;
    }
    let {
        kept,
        from = $bindable(),
        colour = $bindable(),
        surprise = $bindable(),
        harmony = $bindable(),
    }: Props = $props();
</script>

<div class="ask">
    <label
        >Start from <select class="line-select" bind:value={from}>
            {#if kept.length}<option value="kept">the colours you kept</option>{/if}
            <option value="colour">one colour</option>
            <option value="surprise">surprise me within my shelf</option>
        </select></label
    >
    {#if from === 'colour'}
        <label class="colour">Colour <input type="color" bind:value={colour} /><span class="mono">{colour}</span></label
        >
    {:else if from === 'surprise'}
        <Button size="small" kind="tertiary" onclick={() => (surprise += 1)}>Surprise me again</Button>
    {/if}
    <label class:away={from === 'surprise'}
        >Harmony <select class="line-select" aria-label="Harmony" bind:value={harmony}>
            <option value="">the best of each</option>
            <option value="complement">opposite hues</option>
            <option value="near-complement">beside the opposite hue</option>
            <option value="triad">three hues, evenly apart</option>
            <option value="analogous">neighbouring hues</option>
            <option value="warm-cold">one warm against one cold</option>
            <option value="spot">muted, with one spot of colour</option>
        </select></label
    >
    {#if from === 'kept'}<span class="soft">kept: {kept.join(', ')}</span>{/if}
</div>

<style>
    .ask {
        display: flex;
        flex-wrap: wrap;
        gap: 6px 18px;
        align-items: baseline;
        margin-bottom: 12px;
    }
    .away {
        display: none;
    }
    .colour {
        display: inline-flex;
        gap: 8px;
        align-items: center;
    }
    .colour input {
        width: 64px;
        height: 32px;
        padding: 0;
        border: 0;
    }
    .soft {
        font-size: var(--size-small);
    }
</style>
