<script lang="ts">
    import type { Step } from '../../api/wire';
    import { capital, coats, duration } from '../../parts/words';

    interface Props {
        step: Step;
        /** whether it is done on all figures */
        done: boolean;
        chosen: boolean;
        onchoose: () => void;
    }
    let { step, done, chosen, onchoose }: Props = $props();

    function facts(step: Step): string {
        if (step.omitted) return 'left out by you';
        return [
            step.of_figure && step.amount === null
                ? step.tool
                : step.mix.length === 0
                  ? ''
                  : step.thin_open
                    ? `thinning not said; usually ${step.undiluted ? 'not thinned' : step.thin}`
                    : step.undiluted
                      ? 'undiluted'
                      : `thin ${step.thin}`,
            ...(step.film || step.of_figure ? [coats(step)] : []),
            step.dry_minutes ? `dry ${duration(step.dry_minutes)}` : '',
            ...(step.loop ? [step.loop.words] : step.rounds > 1 ? [`${step.rounds} rounds`] : []),
            ...(step.place ? [step.place] : []),
            ...(step.who_words ? [step.who_words] : []),
            ...(step.handling.words ? [step.handling.words] : []),
            ...(step.level === 'showpiece' ? ['showpiece'] : []),
            ...(step.at_hand || step.of_figure ? [] : ['not in stock']),
        ]
            .filter(Boolean)
            .join(' · ');
    }
</script>

<button class="plain-button" class:omitted={step.omitted} aria-pressed={chosen} onclick={onchoose}>
    <small
        >{capital(step.technique)}{step.whole ? ' · whole figure' : ''}{step.stage === step.technique ||
        step.technique.includes(step.stage)
            ? ''
            : ` · ${step.stage}`}{step.done_on > 0 && !done ? ` · ${step.done_on} of ${step.figures} done` : ''}</small
    >
    <b>{step.mix_words}</b>
    {#if step.marks.some((m) => !m.overruled)}<em>{step.marks.filter((m) => !m.overruled).length} against the rules</em
        >{/if}
    <span class="mono">{facts(step)}</span>
</button>

<style>
    button {
        padding: 8px 12px;
        border-top: 1px solid var(--rule);
        border-left: 4px solid transparent;
    }
    button[aria-pressed='true'] {
        background: var(--raised);
        border-left-color: var(--accent);
    }
    small {
        display: block;
        font-size: var(--size-small);
        color: var(--ink-soft);
    }
    b {
        display: block;
        font-weight: 600;
        line-height: 1.25;
    }
    .mono {
        font-size: var(--size-fine);
        color: var(--ink-soft);
    }
    em {
        font-size: var(--size-fine);
        color: var(--warn);
    }
    .omitted b {
        font-weight: 400;
        text-decoration: line-through;
    }
</style>
