<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { vocabularyQuery } from '../../api/queries';
    import Stepper from '../../parts/Stepper.svelte';
    import type { Step } from '../../api/wire';
    import type { StepChange } from './recipe.svelte';

    interface Props {
        step: Step;
        busy: boolean;
        onchange: (change: StepChange) => void;
    }
    let { step, busy, onchange }: Props = $props();

    const words = createQuery(vocabularyQuery);
</script>

<div class="controls" aria-busy={busy}>
    {#if step.mix.length || step.of_figure}
        <div>
            <span class="label">{step.passes ? 'Passes' : 'Coats'}</span>
            <Stepper
                value={step.coats}
                least={1}
                most={20}
                fewer="One fewer"
                more="One more"
                onchange={(coats) => onchange({ coats })}
            />
            {#if step.coats_own}<button class="link-button" onclick={() => onchange({ coats: 0 })}
                    >as computed{step.coats_computed ? `, ${step.coats_computed}` : ''}</button
                >{/if}
        </div>
    {/if}
    {#if step.amount || step.omitted}
        <label>
            <span class="label">Paint to thinner</span>
            <input
                class="small-field"
                list="ratios"
                aria-label="Paint to thinner"
                value={step.thin_open ? '?' : step.undiluted ? 'undiluted' : step.thin}
                onchange={(e) => onchange({ thin: e.currentTarget.value })}
            />
            <datalist id="ratios"
                >{#each words.data?.thinnings.said ?? [] as ratio (ratio)}<option value={ratio}
                    ></option>{/each}</datalist
            >
        </label>
    {/if}
    {#if !step.of_figure || step.whole}
        <label class="omit">
            <input
                type="checkbox"
                checked={step.omitted}
                onchange={(e) => onchange({ omitted: e.currentTarget.checked })}
            />
            leave this step out
        </label>
    {/if}
</div>

<style>
    .controls {
        display: grid;
        grid-template-columns: 1fr 1fr;
        gap: 10px 16px;
        margin-top: 14px;
        padding: 12px 0;
        border-top: 1px solid var(--rule);
        border-bottom: 1px solid var(--rule);
    }
    .label {
        display: block;
        margin-bottom: 4px;
        font-size: var(--size-small);
        color: var(--ink-soft);
    }
    .omit {
        grid-column: 1 / -1;
        font-size: var(--size-plain);
    }
</style>
