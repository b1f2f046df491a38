<script lang="ts">
    import type { BenchStep } from '../../api/wire';
    import Drops from '../../parts/Drops.svelte';
    import Faces from '../../parts/Faces.svelte';
    import { capital, coats, counted, duration, thinning } from '../../parts/words';
    import type { BenchState } from './bench.svelte';

    interface Props {
        bench: BenchState;
        step: BenchStep;
    }
    let { bench, step }: Props = $props();

    const figure = $derived(bench.bench?.figure ?? 1);
    const total = $derived(bench.bench?.steps.length ?? 0);
    const isOpen = $derived(bench.open.includes(figure));
    const title = $derived(
        step.stage === 'undercoat' ? 'Undercoat the figure' : `${capital(step.technique)}, ${step.area.toLowerCase()}`,
    );
    const load = $derived(
        step.mix.length === 1 ? step.mix_words : step.mix.map((p) => `${p.parts} ${p.name}`).join(', '),
    );
    const batch = $derived(
        step.amount
            ? `${step.amount.drops.map((d) => (step.mix.length > 1 ? `${d.drops} ${d.paint}` : counted(d.drops, 'drop'))).join(', ')}${step.amount.thinner_drops ? ` and ${step.amount.thinner_drops} of ${step.thinned_with}` : ''}: enough for ${served(step.amount.figures)}`
            : '',
    );

    function served(figures: number): string {
        const count = bench.bench?.company.count ?? 1;
        return figures >= count && count > 1 ? `all ${count} figures` : counted(figures, 'figure');
    }
</script>

{#each step.cautions as caution (caution)}<p class="caution">{caution}</p>{/each}
<p class="where-am-i">
    {step.area} · step {bench.position} of {total} · {step.stage}{step.done ? ' · done on this figure' : ''}
</p>
<h1>{title}</h1>
<div class="load">
    <Drops mix={step.mix} size={46} />
    <div class="paint">
        <p class="big">{load}</p>
        <p class="small">
            {step.mix.length > 1 ? 'parts in drops · ' : ''}{step.stage === 'undercoat' && !step.amount
                ? step.tool
                : `${thinning(step)} · ${step.tool}`}
        </p>
    </div>
    <div>
        <p class="big">{coats(step)}</p>
        <p class="small">
            {duration(step.dry_minutes)}
            {step.coats > 1 && step.stage !== 'undercoat' ? 'between' : 'to dry'}
        </p>
    </div>
</div>
{#if batch}<p class="batch">{batch}</p>{/if}
<div class="looks">
    {#if step.stage !== 'undercoat'}
        <div>
            <Faces faces={step.before} label="Now" height="112px" />
            <p class="legend"><span>now</span><span>recess · plane · ridge</span></p>
        </div>
    {/if}
    {#if step.stage !== 'undercoat'}
        <div class="wet">
            <i style:background={step.wet} role="img" aria-label="The mix wet on the palette {step.wet}"></i>
            <p class="legend"><span>wet, on the palette</span></p>
        </div>
    {/if}
    <div>
        <Faces faces={step.after} label="After, when dry" height="112px" />
        <p class="legend"><span>after, when dry</span><span>predicted to ±{step.certainty.toFixed(0)}</span></p>
    </div>
</div>
<p class="hand">{step.where}</p>
<p class="why">
    {step.reasons[0]}
    {step.reasons[step.reasons.length - 1] === step.reasons[0] ? '' : step.reasons[step.reasons.length - 1]}
</p>
<div class="actions">
    <button class="first" disabled={!isOpen || bench.busy} onclick={() => bench.done([figure])}
        >{isOpen ? `Done on figure ${figure}` : `Figure ${figure} is done`}</button
    >
    {#if bench.open.length > 1}
        <button disabled={bench.busy} onclick={() => bench.done(bench.open)}>Done on all {bench.open.length}</button>
    {/if}
    <button onclick={() => (bench.dialog = 'different')}>Different</button>
    <p class="keys">
        <span>Enter done · A all · D different</span>
        <span>U not in the plan · ← → other steps</span>
    </p>
</div>

<style>
    .caution {
        margin-bottom: 10px;
        padding-left: 14px;
        border-left: 4px solid var(--warn);
        font-size: var(--size-body);
    }
    .where-am-i {
        margin-top: 8px;
        font-size: var(--size-head);
        color: var(--ink-soft);
    }
    h1 {
        margin: 4px 0 16px;
        font-size: var(--size-across-a-table);
    }
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
    .looks {
        display: grid;
        grid-template-columns: repeat(auto-fit, minmax(190px, 1fr));
        gap: 26px;
        margin: 18px 0;
    }
    .wet i {
        display: block;
        height: 112px;
    }
    .legend {
        display: flex;
        justify-content: space-between;
        margin-top: 4px;
        font-size: var(--size-plain);
        color: var(--ink-soft);
    }
    .hand {
        max-width: 760px;
        font-size: var(--size-head);
        line-height: 1.4;
    }
    .why {
        max-width: 760px;
        margin: 10px 0 22px;
        font-size: var(--size-body);
        color: var(--ink-soft);
    }
    .actions {
        display: flex;
        flex-wrap: wrap;
        gap: 14px;
        align-items: center;
        margin-top: auto;
    }
    .actions button {
        min-height: 68px;
        padding: 0 26px;
        border: 1px solid var(--ink-soft);
        background: none;
        color: var(--ink);
        font: inherit;
        font-size: var(--size-head);
        cursor: pointer;
    }
    .actions .first {
        min-height: 76px;
        padding: 0 44px;
        border: 0;
        background: var(--accent);
        color: #ffffff;
        font-size: var(--size-title);
        font-weight: 600;
    }
    .actions button:disabled {
        opacity: 0.5;
        cursor: default;
    }
    .keys {
        margin-left: auto;
        font-size: var(--size-plain);
        text-align: right;
        color: var(--ink-soft);
    }
    .keys span {
        display: block;
    }
    @media (max-width: 980px) {
        .keys {
            display: none;
        }
        .actions button {
            width: 100%;
        }
    }
</style>
