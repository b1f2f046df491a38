<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { vocabularyQuery } from '../../api/queries';
    import type { Step } from '../../api/wire';
    import SmallSelect from '../../parts/SmallSelect.svelte';
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
    $effect(() => {
        ({ face, part, light, share } = step.place_set);
    });

    const place = () => page.edit(step.key, { place: { face: face || null, part, light, percent: share } });
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
<details bind:open={placing}>
    <summary>Where: {step.place || 'its usual place'}</summary>
    <div class="grid">
        <SmallSelect
            label="face"
            name="Face"
            none="as usual"
            options={vocabulary.data?.faces ?? []}
            value={face}
            onpick={(chosen) => (face = chosen)}
        />
        <SmallSelect
            label="part"
            name="Part of the area"
            none="all of it"
            options={vocabulary.data?.parts ?? []}
            value={part}
            onpick={(chosen) => (part = chosen)}
        />
        <SmallSelect
            label="light"
            name="Direction of light"
            none="any"
            options={vocabulary.data?.lights ?? []}
            value={light}
            onpick={(chosen) => (light = chosen)}
        />
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
        <SmallSelect
            label="tool"
            name="Tool"
            options={vocabulary.data?.tools ?? []}
            value={step.tool_id}
            onpick={(tool) => page.edit(step.key, { tool })}
        />
        <SmallSelect
            label="thinned with"
            name="Thinned with"
            options={vocabulary.data?.thinners ?? []}
            value={step.thinned_with}
            onpick={(thinner) => page.edit(step.key, { with: thinner })}
        />
    </div>
{/if}
<div class="grid two">
    <SmallSelect
        label="for"
        name="For whom"
        options={vocabulary.data?.who ?? []}
        value={step.who}
        onpick={(who) => page.edit(step.key, { who })}
    />
    <SmallSelect
        label="up to"
        name="Level"
        options={vocabulary.data?.levels.map((l) => ({ id: l.id, words: l.words.split(':')[0] ?? l.id })) ?? []}
        value={step.level}
        onpick={(level) => page.edit(step.key, { level })}
    />
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
        font-size: var(--size-plain);
    }
    summary {
        padding: 4px 0;
        cursor: pointer;
    }
    .note {
        margin-top: 8px;
    }
</style>
