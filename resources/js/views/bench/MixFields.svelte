<script lang="ts">
    import { Button, TextInput } from 'carbon-components-svelte';

    interface Props {
        /** paints with their drops as typed; an empty number is unknown */
        mix: { name: string; parts: string }[];
        /** names on the shelf, to choose from; others may be typed */
        paints: string[];
    }
    let { mix = $bindable(), paints }: Props = $props();
</script>

<datalist id="paints-at-hand">
    {#each paints as paint (paint)}<option value={paint}></option>{/each}
</datalist>
{#each mix as part, i (i)}
    <div class="part">
        <TextInput labelText={i === 0 ? 'Paint used' : 'and'} list="paints-at-hand" bind:value={part.name} />
        <TextInput labelText="Drops" placeholder="open" bind:value={part.parts} />
    </div>
{/each}
{#if mix.length < 4}
    <Button size="small" kind="ghost" onclick={() => (mix = [...mix, { name: '', parts: '' }])}
        >Another paint in the mix</Button
    >
{/if}

<style>
    .part {
        display: grid;
        grid-template-columns: 1fr 90px;
        gap: 12px;
        margin-bottom: 8px;
    }
</style>
