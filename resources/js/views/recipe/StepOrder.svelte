<script lang="ts">
    import type { Step } from '../../api/wire';
    import SmallSelect from '../../parts/SmallSelect.svelte';
    import type { RecipeState } from './recipe.svelte';
    import StepTurn from './StepTurn.svelte';

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
    let exit = $state('');
    let smaller = $state(false);
    // svelte-ignore state_referenced_locally
    let looping = $state(step.loop !== null);

    $effect(() => {
        from = step.loop?.from ?? step.key;
        rounds = step.loop?.rounds ?? 3;
        exit = step.loop?.exit ?? step.exit;
        smaller = step.loop ? step.loop.percents.at(-1) !== step.loop.percents[0] : false;
    });
    const loop = (percents?: number[]) =>
        page.rework({ kind: 'loop', key: step.key, from, rounds, exit, ...(percents ? { percents } : { smaller }) });
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
<StepTurn {step} {page} />
<details class="small-more" bind:open={looping}>
    <summary>{step.loop ? `Loop: ${step.loop.words}` : 'Go through steps again'}</summary>
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
        <label class="small-label wide"
            >enough when <input
                class="small-field"
                type="text"
                maxlength="120"
                aria-label="Enough when"
                placeholder="bright enough"
                bind:value={exit}
            /></label
        >
        <label class="small-label tick"
            ><input type="checkbox" bind:checked={smaller} /> a smaller patch every round</label
        >
        <button class="small-action quiet" onclick={() => loop()}>{step.loop ? 'Change the loop' : 'Loop'}</button>
        {#if step.loop}<button
                class="small-action quiet"
                onclick={() => page.rework({ kind: 'loop', key: step.key, from: step.key, rounds: 1 })}
                >End the loop</button
            >{/if}
    </div>
    {#if step.loop && smaller}
        <div class="small-grid rounds">
            {#each step.loop.percents as percent, i (i)}
                <label class="small-label"
                    >round {i + 1}, %
                    <input
                        class="small-field"
                        type="number"
                        min="1"
                        max="100"
                        value={percent}
                        aria-label="Share of round {i + 1} in percent"
                        onchange={(e) =>
                            loop(step.loop!.percents.map((p, n) => (n === i ? Number(e.currentTarget.value) : p)))}
                    /></label
                >
            {/each}
        </div>
    {/if}
</details>

<style>
    h3 {
        margin: 0 0 6px;
    }
    .wide {
        grid-column: 1 / -1;
    }
    .tick {
        display: flex;
        gap: 6px;
        align-items: center;
        grid-column: 1 / -1;
    }
    .row {
        display: flex;
        flex-wrap: wrap;
        gap: 6px;
    }
</style>
