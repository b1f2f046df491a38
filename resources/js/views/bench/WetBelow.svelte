<script lang="ts">
    import type { BenchStep } from '../../api/wire';
    import { until } from '../../parts/words';
    import type { BenchState } from './bench.svelte';

    interface Props {
        bench: BenchState;
        step: BenchStep;
    }
    let { bench, step }: Props = $props();
    const below = $derived(bench.bench?.below.find((b) => b.step === step.id));
    const meanwhile = $derived(bench.bench?.meanwhile.find((m) => m.id !== step.id));
</script>

{#if below}
    <p class="below" role="status">
        Still wet below: {below.what.toLowerCase()}, until {until(below.until, bench.bench?.now ?? below.until)}.
        {#if meanwhile}Meanwhile: <button class="tool-link" onclick={() => (bench.turned = meanwhile.id)}
                >{meanwhile.words}</button
            >{/if}
    </p>
{/if}

<style>
    .below {
        margin: -2px 0 12px;
        padding-left: 12px;
        border-left: 4px solid var(--warn);
        font-size: var(--size-head);
    }
    button {
        margin-right: 10px;
    }
</style>
