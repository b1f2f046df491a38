<script lang="ts">
    import type { Step } from '../../api/wire';
    import Faces from '../../parts/Faces.svelte';
    import { capital, coats, duration } from '../../parts/words';

    interface Props {
        /** from the undercoat up */
        steps: Step[];
        chosen: string;
        onchoose: (key: string) => void;
    }
    let { steps, chosen, onchoose }: Props = $props();

    const rows = $derived(steps.map((step, i) => ({ step, number: i + 1 })).reverse());
    const done = (step: Step) => step.figures > 0 && step.done_on >= step.figures;

    function facts(step: Step): string {
        if (step.omitted) return 'left out by you';
        return [
            step.stage === 'undercoat' && step.amount === null
                ? step.tool
                : step.mix.length === 0
                  ? ''
                  : step.undiluted
                    ? 'undiluted'
                    : `thin ${step.thin}`,
            ...(step.film || step.stage === 'undercoat' ? [coats(step)] : []),
            `dry ${duration(step.dry_minutes)}`,
            ...(step.rounds > 1 ? [`${step.rounds} rounds`] : []),
            ...(step.place ? [step.place] : []),
            ...(step.who === 'leaders' ? ['leaders only'] : []),
            ...(step.level === 'showpiece' ? ['showpiece'] : []),
            ...(step.at_hand || step.stage === 'undercoat' ? [] : ['not at hand']),
        ]
            .filter(Boolean)
            .join(' · ');
    }
</script>

<div class="strata">
    <div class="faces" aria-hidden="true"><span>recess</span><span>plane</span><span>ridge</span></div>
    <ol reversed>
        {#each rows as { step, number } (step.key)}
            <li class:done={done(step)} class:omitted={step.omitted}>
                <div class="section">
                    {#if step.omitted}<span class="gap"></span>{:else}<Faces
                            faces={step.after}
                            label="After {step.technique}"
                            height="100%"
                        />{/if}
                </div>
                <span class="number" aria-hidden="true">{done(step) ? '✓' : number}</span>
                <button class="plain-button" aria-pressed={step.key === chosen} onclick={() => onchoose(step.key)}>
                    <small
                        >{capital(step.technique)}{step.stage === step.technique || step.technique.includes(step.stage)
                            ? ''
                            : ` · ${step.stage}`}{step.done_on > 0 && !done(step)
                            ? ` · ${step.done_on} of ${step.figures} done`
                            : ''}</small
                    >
                    <b>{step.mix_words}</b>
                    {#if step.marks.some((m) => !m.overruled)}<em
                            >{step.marks.filter((m) => !m.overruled).length} against the rules</em
                        >{/if}
                    <span class="mono">{facts(step)}</span>
                </button>
            </li>
        {/each}
    </ol>
</div>

<style>
    .faces {
        display: grid;
        grid-template-columns: repeat(3, 92px);
        margin-bottom: 6px;
        font-size: var(--size-small);
        text-align: center;
        color: var(--ink-soft);
    }
    ol {
        margin: 0;
        padding: 0;
        list-style: none;
        border-bottom: 2px solid var(--ink);
    }
    li {
        display: grid;
        grid-template-columns: 276px 44px minmax(0, 1fr);
        min-height: 78px;
    }
    .section {
        padding: 5px 0 5px 14px;
        background: var(--surround-deep);
    }
    .done .section {
        padding: 0;
    }
    .omitted {
        min-height: 44px;
    }
    .gap {
        display: block;
        height: 100%;
        border: 1px dashed var(--ink-soft);
    }
    .number {
        align-self: center;
        font-family: var(--display);
        font-size: var(--size-head);
        text-align: center;
        color: var(--ink-soft);
    }
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
    @media (max-width: 720px) {
        .faces {
            grid-template-columns: repeat(3, 38px);
            font-size: var(--size-fine);
        }
        li {
            grid-template-columns: 114px 30px minmax(0, 1fr);
        }
        .section {
            padding-left: 6px;
        }
    }
</style>
