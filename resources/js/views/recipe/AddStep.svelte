<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { sentence } from '../../api/client';
    import { vocabularyQuery } from '../../api/queries';
    import { capital } from '../../parts/words';
    import HeardLine from './HeardLine.svelte';
    import type { RecipeState } from './recipe.svelte';
    import { Told } from './told.svelte';

    interface Props {
        page: RecipeState;
    }
    let { page }: Props = $props();

    const vocabulary = createQuery(vocabularyQuery);
    let technique = $state('');
    let where = $state('');
    const spoken = new Told(() => page.area);
    let colour = $state('#f2f1ed');
    const stages = $derived([...new Set(vocabulary.data?.techniques.map((t) => t.stage) ?? [])]);
    const told = $derived(vocabulary.data?.techniques.find((t) => t.id === technique)?.where ?? '');

    function say(event: Event) {
        event.preventDefault();
        page.bring('told', { text: spoken.text, add: true });
        spoken.text = '';
    }

    function add() {
        const own = technique === 'freehand' ? { colour } : {};
        page.rework({ kind: 'add', technique, after: where === '' ? null : where, ...own });
        technique = '';
    }
</script>

<div class="add">
    <label>
        <span>Add a step</span>
        <select class="small-field" aria-label="Kind of step to add" bind:value={technique}>
            <option value="">choose …</option>
            {#each stages as stage (stage)}
                <optgroup label={capital(stage)}>
                    {#each vocabulary.data?.techniques.filter((t) => t.stage === stage) ?? [] as each (each.id)}
                        <option value={each.id}>{each.words}</option>
                    {/each}
                </optgroup>
            {/each}
        </select>
    </label>
    {#if technique}
        <label>
            <span>where</span>
            <select class="small-field" aria-label="Where to add it" bind:value={where}>
                <option value="">where it belongs</option>
                {#each page.steps.filter((s) => !s.of_figure) as step (step.key)}
                    <option value={step.key}>after {step.technique}: {step.mix_words}</option>
                {/each}
            </select>
        </label>
        {#if technique === 'freehand'}
            <label>
                <span>in its own colour</span>
                <input type="color" aria-label="Colour of the freehand" bind:value={colour} />
            </label>
        {/if}
        <button class="small-action" disabled={page.busy} onclick={add}>Add it</button>
        <p class="soft">{told}</p>
    {/if}
</div>
{#if !technique}
    <form class="add" onsubmit={say}>
        <label class="wide">
            <span>or say it</span>
            <input
                class="small-field"
                aria-label="A step as it was told"
                placeholder="layer: pale straw #e2cf98, thin 1:1"
                bind:value={spoken.text}
            />
        </label>
        {#if spoken.text.trim()}
            <button class="small-action" type="submit" disabled={page.busy || !spoken.settled}>Write it down</button>
        {/if}
        {#if spoken.problem}<p role="alert">{sentence(spoken.problem)}</p>{/if}
        {#if spoken.write.problem}<p role="alert">{spoken.write.problem}</p>{/if}
    </form>
    {#if spoken.heard}
        <ol aria-label="As it is read">
            {#each spoken.heard.lines as line (line.line)}<HeardLine {line} told={spoken} />{/each}
        </ol>
    {/if}
{/if}

<style>
    .add {
        display: flex;
        flex-wrap: wrap;
        gap: 8px 16px;
        align-items: center;
        margin-top: 12px;
        font-size: var(--size-plain);
    }
    label {
        display: flex;
        gap: 8px;
        align-items: center;
    }
    span {
        white-space: nowrap;
    }
    .wide {
        flex: 1 1 320px;
        max-width: 460px;
    }
    select {
        max-width: 260px;
    }
    p {
        flex-basis: 100%;
    }
    ol {
        max-width: 720px;
        margin: 8px 0 0;
        padding: 0;
        list-style: none;
    }
</style>
