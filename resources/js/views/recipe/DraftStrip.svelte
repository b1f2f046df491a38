<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { sentence } from '../../api/client';
    import { draftQuery } from '../../api/queries';
    import { counted, duration } from '../../parts/words';

    interface Props {
        area: number;
        /** what the draft would be asked for */
        question: Record<string, string>;
    }
    let { area, question }: Props = $props();

    let chosen = $state('');
    const draft = createQuery(() => ({ ...draftQuery(area, question), placeholderData: (before) => before }));
    const steps = $derived(draft.data?.steps ?? []);
    const told = $derived(steps.find((s) => s.key === chosen) ?? steps[0]);
</script>

{#if draft.isError}
    <p role="alert">{sentence(draft.error)}</p>
{:else if draft.data && told}
    <div class="draft" role="group" aria-label="The draft, step by step" class:waiting={draft.isFetching}>
        {#each steps as step (step.key)}
            <button
                type="button"
                aria-pressed={step.key === told.key}
                aria-label="{step.technique}{step.mix_words ? ` with ${step.mix_words}` : ''}"
                onclick={() => (chosen = step.key)}
            >
                <i style:background={step.wanted ?? 'transparent'}></i>
                <i style:background={step.hex ?? 'transparent'}></i>
                <span>{step.technique}</span>
                <small
                    >{step.apart === null ? step.level : `${step.apart.toFixed(1)} off`}, {counted(
                        step.coats,
                        'coat',
                    )}</small
                >
            </button>
        {/each}
    </div>
    <p class="soft">
        Above as it is wanted, below as your shelf would paint it: {told.mix_words ?? told.technique}{told.place
            ? `, ${told.place}`
            : ''}. {told.reasons.join(' ')}
    </p>
    <p>
        <strong>{counted(steps.length, 'step')}, {duration(draft.data.minutes)}</strong> a figure{draft.data.off ===
        null
            ? ''
            : `; the planes end ${draft.data.off.toFixed(1)} off the colour you want`}.
    </p>
{/if}

<style>
    .draft {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(96px, 1fr));
        gap: 12px 0;
        align-items: start;
        margin-top: 16px;
    }
    .waiting {
        opacity: 0.6;
    }
    button {
        padding: 0;
        border: 0;
        background: none;
        color: var(--ink);
        font: inherit;
        font-size: var(--size-small);
        text-align: left;
        cursor: pointer;
    }
    button[aria-pressed='true'] span {
        font-weight: 600;
        text-decoration: underline;
        text-underline-offset: 3px;
    }
    i {
        display: block;
        height: 40px;
    }
    span {
        display: block;
        margin-top: 4px;
        padding-right: 8px;
        line-height: 1.15;
    }
    small {
        font-size: var(--size-fine);
        color: var(--ink-soft);
    }
    p {
        margin: 8px 0;
    }
</style>
