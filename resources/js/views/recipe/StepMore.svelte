<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { vocabularyQuery } from '../../api/queries';
    import type { Step } from '../../api/wire';
    import type { RecipeState } from './recipe.svelte';

    interface Props {
        step: Step;
        page: RecipeState;
    }
    let { step, page }: Props = $props();

    const vocabulary = createQuery(vocabularyQuery);
    const own = $derived(page.steps.filter((s) => s.key !== 'undercoat'));
    const at = $derived(own.findIndex((s) => s.key === step.key));
    const next = $derived(own[at + 1]);
    let face = $state('');
    let part = $state('');
    let light = $state('');
    let share = $state(100);
    let rounds = $state(3);
    let from = $state('');
    // svelte-ignore state_referenced_locally
    let looping = $state(step.loop !== null);
    // svelte-ignore state_referenced_locally
    let placing = $state(step.place !== '');

    $effect(() => {
        from = step.loop?.from ?? step.key;
        rounds = step.loop?.rounds ?? 3;
    });

    const place = () =>
        page.edit(step.key, { place: { face: face || null, part, light, share: Math.min(100, share) / 100 } });
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
<details bind:open={looping}>
    <summary>{step.loop ? `Loop: ${step.loop.rounds} rounds, ${step.loop.exit}` : 'Go through steps again'}</summary>
    <div class="grid">
        <label class="small-label"
            >from
            <select class="small-field" aria-label="First step of the loop" bind:value={from}>
                {#each own.slice(0, at + 1) as each (each.key)}<option value={each.key}
                        >{each.technique}: {each.mix_words}</option
                    >{/each}
            </select></label
        >
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
<details bind:open={placing}>
    <summary>Where: {step.place || 'its usual place'}</summary>
    <div class="grid">
        <label class="small-label"
            >face
            <select class="small-field" aria-label="Face" bind:value={face}>
                <option value="">as usual</option>
                {#each vocabulary.data?.faces ?? [] as each (each)}<option>{each}</option>{/each}
            </select></label
        >
        <label class="small-label"
            >part
            <select class="small-field" aria-label="Part of the area" bind:value={part}>
                <option value="">all of it</option>
                {#each vocabulary.data?.parts ?? [] as each (each)}<option>{each}</option>{/each}
            </select></label
        >
        <label class="small-label"
            >light
            <select class="small-field" aria-label="Direction of light" bind:value={light}>
                <option value="">any</option>
                {#each vocabulary.data?.lights ?? [] as each (each)}<option>{each}</option>{/each}
            </select></label
        >
        <label class="small-label"
            >share, % <input
                class="small-field"
                type="number"
                min="1"
                max="100"
                aria-label="Share in percent"
                bind:value={share}
            /></label
        >
        <button class="small-action quiet" onclick={place}>Set</button>
    </div>
</details>
{#if step.mix.length}
    <div class="grid two">
        <label class="small-label"
            >tool
            <select
                class="small-field"
                aria-label="Tool"
                value={step.tool_id}
                onchange={(e) => page.edit(step.key, { tool: e.currentTarget.value })}
            >
                {#each vocabulary.data?.tools ?? [] as each (each.id)}<option value={each.id}>{each.words}</option
                    >{/each}
            </select></label
        >
        <label class="small-label"
            >thinned with
            <select
                class="small-field"
                aria-label="Thinned with"
                value={step.thinned_with}
                onchange={(e) => page.edit(step.key, { with: e.currentTarget.value })}
            >
                {#each vocabulary.data?.thinners ?? [] as each (each)}<option>{each}</option>{/each}
            </select></label
        >
    </div>
{/if}
<div class="grid two">
    <label class="small-label"
        >for
        <select
            class="small-field"
            aria-label="For whom"
            value={step.who}
            onchange={(e) => page.edit(step.key, { who: e.currentTarget.value })}
        >
            {#each vocabulary.data?.who ?? [] as each (each.id)}<option value={each.id}>{each.words}</option>{/each}
        </select></label
    >
    <label class="small-label"
        >up to
        <select
            class="small-field"
            aria-label="Level"
            value={step.level}
            onchange={(e) => page.edit(step.key, { level: e.currentTarget.value })}
        >
            {#each vocabulary.data?.levels ?? [] as each (each.id)}<option value={each.id}
                    >{each.words.split(':')[0]}</option
                >{/each}
        </select></label
    >
</div>
<label class="small-label note"
    >your note
    <input
        class="small-field"
        type="text"
        maxlength="400"
        value={step.note}
        aria-label="Your note"
        onchange={(e) => page.edit(step.key, { note: e.currentTarget.value })}
    /></label
>

<style>
    h3 {
        margin: 0 0 6px;
    }
    .row,
    .grid {
        display: flex;
        flex-wrap: wrap;
        gap: 6px;
    }
    .grid {
        display: grid;
        grid-template-columns: 1fr 1fr;
        gap: 8px 10px;
        align-items: end;
        margin: 8px 0;
    }
    details {
        margin-top: 8px;
        font-size: 14px;
    }
    summary {
        padding: 4px 0;
        cursor: pointer;
    }
    .note {
        margin-top: 8px;
    }
</style>
