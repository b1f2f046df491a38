<script lang="ts">
    import type { BenchStep, StepFact } from '../../api/wire';
    import Drops from '../../parts/Drops.svelte';
    import { batch } from '../../parts/amount';
    import { coats, counted, duration } from '../../parts/words';

    interface Props {
        step: BenchStep;
        /** figures of the company */
        figures: number;
    }
    let { step, figures }: Props = $props();

    const said = (key: StepFact['key']) => step.facts.find((f) => f.key === key)?.text ?? '';
    const thinned = $derived(step.of_figure && !step.amount ? '' : said('thin'));
    const enough = $derived(
        step.amount ? `${batch(step.amount, step.thinner)}: enough for ${served(step.amount.figures)}` : '',
    );

    function served(count: number): string {
        return count >= figures && figures > 1 ? `all ${figures} figures` : counted(count, 'figure');
    }
</script>

<div class="load">
    <Drops mix={step.mix} open={step.open} size={46} />
    {#if step.meets.length}<Drops mix={step.meets} size={46} />{/if}
    <div class="paint">
        <p class="big">{said('load') || step.technique}</p>
        <p class="small">{[thinned, said('tool')].filter(Boolean).join(' · ')}</p>
    </div>
    <div>
        <p class="big">{said('coats') ? coats(step) : ''}</p>
        <p class="small">
            {duration(step.dry_minutes)}
            {step.coats > 1 && (!step.of_figure || step.whole) ? 'between' : 'to dry'}
        </p>
    </div>
</div>
{#if enough}<p class="batch">{enough}</p>{/if}

<style>
    .load {
        display: flex;
        flex-wrap: wrap;
        gap: 16px 40px;
        align-items: center;
    }
    .paint {
        flex: 1;
        min-width: 240px;
    }
    .big {
        font-family: var(--display);
        font-size: var(--size-across-a-desk);
        line-height: 1.15;
    }
    .small {
        font-size: var(--size-head);
    }
    .small,
    .batch {
        color: var(--ink-soft);
    }
    .batch {
        margin-top: 10px;
    }
</style>
