<script lang="ts">
    interface Props {
        /** figures of the company */
        count: number;
        chosen: number[];
    }
    let { count, chosen = $bindable() }: Props = $props();
    const all = $derived(Array.from({ length: count }, (_, i) => i + 1));
</script>

<fieldset>
    <legend>On which figures</legend>
    {#each all as number (number)}
        <label class:on={chosen.includes(number)}
            ><input type="checkbox" value={number} bind:group={chosen} />{number}</label
        >
    {/each}
    <button type="button" class="link-button" onclick={() => (chosen = chosen.length === count ? [] : [...all])}
        >{chosen.length === count ? 'none' : 'all'}</button
    >
</fieldset>

<style>
    fieldset {
        display: flex;
        flex-wrap: wrap;
        gap: 6px;
        margin: 0;
        padding: 0;
        border: 0;
    }
    legend {
        margin-bottom: 6px;
        font-size: var(--size-fine);
        color: var(--ink-soft);
    }
    label {
        display: flex;
        gap: 6px;
        align-items: center;
        min-width: 54px;
        padding: 8px 10px;
        border: 1px solid var(--rule);
        cursor: pointer;
    }
    .on {
        border-color: var(--ink);
        font-weight: 600;
    }
</style>
