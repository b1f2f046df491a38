<script lang="ts">
    import Explained from '../../parts/Explained.svelte';
    import type { BenchStep } from '../../api/wire';
    import CameOut from '../../parts/CameOut.svelte';
    import Faces from '../../parts/Faces.svelte';
    import StepFacts from '../../parts/StepFacts.svelte';
    import { capital } from '../../parts/words';
    import type { BenchState } from './bench.svelte';
    import BenchActions from './BenchActions.svelte';
    import BenchLoad from './BenchLoad.svelte';

    interface Props {
        bench: BenchState;
        step: BenchStep;
    }
    let { bench, step }: Props = $props();

    const total = $derived(bench.bench?.steps.length ?? 0);
    const below = $derived(bench.bench?.below.find((b) => b.step === step.id));
    const title = $derived(
        step.of_figure && !step.whole
            ? `Undercoat, ${step.spray || 'all over'}`
            : `${capital(step.technique)}, ${step.area.toLowerCase()}`,
    );
</script>

{#each step.cautions as caution (caution)}<p class="caution">{caution}</p>{/each}
<p class="where-am-i">
    {step.area} · step {bench.position} of {total} · {step.stage}{step.done
        ? ' · done on this figure'
        : step.painted_as
          ? ` · painted as ${step.painted_as}, planned differently now`
          : ''}
</p>
<h1><Explained text={title} /></h1>
{#if below}
    <p class="below" role="status">
        Still wet below: {below.what}, until {new Date(below.until).toLocaleString('en-GB', {
            weekday: 'short',
            hour: '2-digit',
            minute: '2-digit',
        })}.
        {#if below.meanwhile}Meanwhile: <button
                class="tool-link"
                onclick={() => (bench.turned = below.meanwhile?.id ?? null)}>{below.meanwhile.words}</button
            >{/if}
    </p>
{/if}
<BenchLoad {step} figures={bench.bench?.company.count ?? 1} />
<div class="looks">
    {#if !step.of_figure || step.whole}
        <div>
            <Faces faces={step.before} label="Now" height="112px" />
            <p class="legend"><span>now</span><span><Explained text="recess · plane · ridge" /></span></p>
        </div>
    {/if}
    {#if !step.of_figure || step.whole}
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
<StepFacts facts={step.facts} without={['load', 'thin', 'tool', 'caution', 'why']} large />
<details class="reasons">
    <summary>Why</summary>
    <StepFacts facts={step.facts.filter((f) => f.key === 'why')} large />
</details>
{#key step.id}<CameOut mix={step.mix} predicted={step.colour} place={title} />{/key}
<BenchActions {bench} />

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
    .below {
        margin: -4px 0 14px;
        padding-left: 12px;
        border-left: 4px solid var(--warn);
        font-size: var(--size-head);
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
    .reasons {
        margin-bottom: 22px;
        color: var(--ink-soft);
    }
    summary {
        cursor: pointer;
    }
</style>
