<script lang="ts">
    import Explained from '../../parts/Explained.svelte';
    import type { BenchStep, StepFact } from '../../api/wire';
    import CameOut from '../../parts/CameOut.svelte';
    import StepFacts from '../../parts/StepFacts.svelte';
    import { capital, coats, counted, duration } from '../../parts/words';
    import type { BenchState } from './bench.svelte';
    import BenchActions from './BenchActions.svelte';
    import BenchLoad from './BenchLoad.svelte';
    import BenchLooks from './BenchLooks.svelte';
    import LikeThis from './LikeThis.svelte';
    import PotLine from './PotLine.svelte';
    import RowTicks from './RowTicks.svelte';
    import WetBelow from './WetBelow.svelte';

    interface Props {
        bench: BenchState;
        step: BenchStep;
    }
    let { bench, step }: Props = $props();

    const WHERE: StepFact['key'][] = ['place', 'who', 'how', 'hand'];
    const DRAWN: StepFact['key'][] = ['load', 'thin', 'tool', 'caution', 'why'];
    const total = $derived(bench.bench?.steps.length ?? 0);
    const where = $derived(step.facts.filter((f) => WHERE.includes(f.key)));
    const rest = $derived(
        step.facts.filter(
            (f) => ![...WHERE, ...DRAWN].includes(f.key) && !(f.key === 'coats' && f.text === coats(step)),
        ),
    );
    const title = $derived(
        step.of_figure && !step.whole
            ? `Undercoat, ${step.spray || 'all over'}`
            : `${capital(step.technique)}, ${step.area.toLowerCase()}`,
    );
    const whether = $derived(
        step.done
            ? bench.figure === null
                ? ' · done on all figures'
                : ' · done on this figure'
            : step.painted_as
              ? ` · painted as ${step.painted_as}, planned differently now`
              : '',
    );
</script>

{#each step.cautions as caution (caution)}<p class="caution">{caution}</p>{/each}
<p class="where-am-i">
    {step.area} · step {bench.position} of {total} · {step.stage}{bench.figure === null
        ? ''
        : ` · figure ${bench.figure}`}{whether}{step.left.figures.length > 1
        ? ` · ${counted(step.left.figures.length, 'figure')} to go, about ${duration(step.left.minutes)}`
        : ''}
</p>
<h1><Explained text={title} /></h1>
<WetBelow {bench} {step} />
<BenchLoad {step} figures={bench.bench?.company.count ?? 1} />
<PotLine {bench} {step} />
<StepFacts facts={where} large />
<BenchLooks {bench} {step} />
<StepFacts facts={rest} large />
<details class="reasons">
    <summary>Why</summary>
    <StepFacts facts={step.facts.filter((f) => f.key === 'why')} large />
</details>
{#key step.id}<CameOut mix={step.mix} predicted={step.colour} place={title} />{/key}
<LikeThis {bench} />
<div class="foot">
    <RowTicks {bench} {step} />
    <BenchActions {bench} {step} />
</div>

<style>
    .caution {
        margin-top: 8px;
        padding-left: 14px;
        border-left: 4px solid var(--warn);
        font-size: var(--size-body);
    }
    .where-am-i {
        margin-top: 10px;
        font-size: var(--size-head);
        color: var(--ink-soft);
    }
    h1 {
        margin: 2px 0 12px;
        font-size: var(--size-across-a-table);
    }
    .reasons {
        margin-bottom: 14px;
        color: var(--ink-soft);
    }
    summary {
        cursor: pointer;
    }
    .foot {
        position: sticky;
        z-index: 2;
        bottom: 0;
        margin-top: auto;
        padding: 10px 0 12px;
        background: var(--surround);
    }
</style>
