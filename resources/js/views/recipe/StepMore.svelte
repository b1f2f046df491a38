<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { vocabularyQuery } from '../../api/queries';
    import type { Step } from '../../api/wire';
    import SmallSelect from '../../parts/SmallSelect.svelte';
    import type { RecipeState } from './recipe.svelte';
    import StepElsewhere from './StepElsewhere.svelte';
    import StepHandling from './StepHandling.svelte';
    import StepJoin from './StepJoin.svelte';
    import StepOrder from './StepOrder.svelte';
    import StepPlace from './StepPlace.svelte';
    import StepWho from './StepWho.svelte';

    interface Props {
        step: Step;
        page: RecipeState;
    }
    let { step, page }: Props = $props();

    const vocabulary = createQuery(vocabularyQuery);
</script>

{#if !step.of_figure}<StepOrder {step} {page} />{/if}
<StepPlace {step} {page} />
<StepHandling {step} {page} />
{#if !step.of_figure}<StepElsewhere {step} {page} />{/if}
{#if !step.of_figure && !step.whole && step.mix.length}<StepJoin {step} {page} />{/if}
{#if step.mix.length}
    <div class="small-grid">
        <SmallSelect
            label="tool"
            name="Tool"
            options={vocabulary.data?.tools ?? []}
            value={step.tool_id}
            onpick={(tool) => page.edit(step, { tool })}
        />
        <SmallSelect
            label="thinned with"
            name="Thinned with"
            options={vocabulary.data?.thinners ?? []}
            value={step.thinned_with}
            onpick={(thinner) => page.edit(step, { with: thinner })}
        />
    </div>
{/if}
<div class="small-grid">
    <StepWho {step} {page} />
    <SmallSelect
        label="Level"
        name="Level"
        options={vocabulary.data?.levels.map((l) => ({ id: l.id, words: l.words.split(':')[0] ?? l.id })) ?? []}
        value={step.level}
        onpick={(level) => page.edit(step, { level })}
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
        onchange={(e) => page.edit(step, { note: e.currentTarget.value })}
    /></label
>

<style>
    .note {
        margin-top: 8px;
    }
</style>
