<script lang="ts">
    import type { Step } from '../../api/wire';
    import type { StepChange } from './recipe.svelte';

    interface Props {
        step: Step;
        busy: boolean;
        onchange: (change: StepChange) => void;
    }
    let { step, busy, onchange }: Props = $props();

    /** ways to say it; any other is read as well */
    const usual = [
        'undiluted',
        '4:1',
        '2:1',
        '1:1',
        '1:2',
        '1:4',
        '1:8',
        '1:12',
        'thin as milk',
        '60 % water',
        '2 parts water to 1 part paint',
    ];
</script>

<div class="controls" aria-busy={busy}>
    <div>
        <span class="label">{step.passes ? 'Passes' : 'Coats'}</span>
        <div class="stepper">
            <button
                aria-label="One fewer"
                disabled={step.coats <= 1}
                onclick={() => onchange({ coats: step.coats - 1 })}>−</button
            >
            <output>{step.coats}</output>
            <button
                aria-label="One more"
                disabled={step.coats >= 20}
                onclick={() => onchange({ coats: step.coats + 1 })}>+</button
            >
        </div>
        {#if step.coats_own}<button class="link-button" onclick={() => onchange({ coats: 0 })}
                >as computed{step.coats_computed ? `, ${step.coats_computed}` : ''}</button
            >{/if}
    </div>
    {#if step.amount || step.omitted}
        <label>
            <span class="label">Paint to thinner</span>
            <input
                class="small-field"
                list="ratios"
                aria-label="Paint to thinner"
                value={step.undiluted ? 'undiluted' : step.thin}
                onchange={(e) => onchange({ thin: e.currentTarget.value })}
            />
            <datalist id="ratios"
                >{#each usual as ratio (ratio)}<option value={ratio}></option>{/each}</datalist
            >
        </label>
    {/if}
    {#if step.stage !== 'undercoat'}
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
        font-size: 13px;
        color: var(--ink-soft);
    }
    .stepper {
        display: grid;
        grid-template-columns: 36px 1fr 36px;
        max-width: 134px;
        background: var(--rail);
    }
    .stepper button {
        height: 36px;
        border: 0;
        background: var(--surround);
        color: var(--ink);
        font-size: 18px;
        cursor: pointer;
    }
    .stepper button:disabled {
        opacity: 0.4;
        cursor: default;
    }
    output {
        align-self: center;
        text-align: center;
        font-weight: 600;
    }
    .omit {
        grid-column: 1 / -1;
        font-size: 14px;
    }
</style>
