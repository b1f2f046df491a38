<script lang="ts">
    import type { BenchStep } from '../../api/wire';
    import Drops from '../../parts/Drops.svelte';
    import { batch } from '../../parts/amount';
    import { coats, counted, duration, thinning } from '../../parts/words';

    interface Props {
        step: BenchStep;
        /** figures of the company */
        figures: number;
    }
    let { step, figures }: Props = $props();

    const load = $derived(
        step.mix.length === 1 || step.meets.length
            ? step.mix_words
            : step.mix.map((p) => `${step.open.includes(p.name) ? 'some' : p.parts} ${p.name}`).join(', '),
    );
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
        <p class="big">{load}</p>
        <p class="small">
            {step.mix.length > 1 ? 'parts in drops · ' : ''}{step.of_figure && !step.amount
                ? step.tool
                : `${thinning(step)} · ${step.tool}`}
        </p>
    </div>
    <div>
        <p class="big">{coats(step)}</p>
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
    .small,
    .batch {
        font-size: var(--size-body);
        color: var(--ink-soft);
    }
    .batch {
        margin-top: 10px;
    }
</style>
