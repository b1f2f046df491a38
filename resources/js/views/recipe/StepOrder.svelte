<script lang="ts">
    import type { Step } from '../../api/wire';
    import SmallSelect from '../../parts/SmallSelect.svelte';
    import type { RecipeState } from './recipe.svelte';

    interface Props {
        step: Step;
        page: RecipeState;
    }
    let { step, page }: Props = $props();

    const own = $derived(page.steps.filter((s) => !s.of_figure));
    const at = $derived(own.findIndex((s) => s.key === step.key));
    const next = $derived(own[at + 1]);
    let rounds = $state(3);
    let from = $state('');
    // svelte-ignore state_referenced_locally
    let looping = $state(step.loop !== null);

    $effect(() => {
        from = step.loop?.from ?? step.key;
        rounds = step.loop?.rounds ?? 3;
    });
</script>

<h3>Its place in the order</h3>
<div class="row">
    <button
        class="small-action quiet"
        disabled={at <= 0 || page.busy}
        onclick={() => page.rework({ kind: 'move', key: step.key, to: at - 1 })}>Earlier</button
    >
    <button
        class="small-action quiet"
        disabled={at >= own.length - 1 || page.busy}
        onclick={() => page.rework({ kind: 'move', key: step.key, to: at + 1 })}>Later</button
    >
    {#if next}<button
            class="small-action quiet"
            disabled={page.busy}
            onclick={() => page.rework({ kind: 'merge', key: step.key })}>Merge with the next</button
        >{/if}
    <button class="small-action quiet" disabled={page.busy} onclick={() => page.rework({ kind: 'drop', key: step.key })}
        >Drop</button
    >
</div>
<details class="small-more" bind:open={looping}>
    <summary>{step.loop ? `Loop: ${step.loop.rounds} rounds, ${step.loop.exit}` : 'Go through steps again'}</summary>
    <div class="small-grid">
        <SmallSelect
            label="from"
            name="First step of the loop"
            options={own.slice(0, at + 1).map((s) => ({ id: s.key, words: `${s.technique}: ${s.mix_words}` }))}
            value={from}
            onpick={(key) => (from = key)}
        />
        <label class="small-label"
            >rounds <input
                class="small-field"
                type="number"
                min="2"
                max="9"
                aria-label="Rounds"
                bind:value={rounds}
            /></label
        >
        <button class="small-action quiet" onclick={() => page.rework({ kind: 'loop', key: step.key, from, rounds })}
            >Loop</button
        >
        {#if step.loop}<button
                class="small-action quiet"
                onclick={() => page.rework({ kind: 'loop', key: step.key, from: step.key, rounds: 1 })}
                >End the loop</button
            >{/if}
    </div>
</details>

<style>
    h3 {
        margin: 0 0 6px;
    }
    .row {
        display: flex;
        flex-wrap: wrap;
        gap: 6px;
    }
</style>
