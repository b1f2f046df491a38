<script lang="ts">
    import type { Bench } from '../../api/wire';
    import { until } from '../../parts/words';
    import type { BenchState } from './bench.svelte';
    import { Ticking } from './ticking.svelte';

    interface Props {
        bench: BenchState;
        view: Bench;
    }
    let { bench, view }: Props = $props();
    const ticking = new Ticking(() => view.now);
    $effect(() => ticking.run());
    const due = $derived(view.drying.filter((d) => d.latest && (d.urgent || ticking.isPast(d.soon, true))));

    /** The step that has to follow in time. */
    const follower = (then: string) => view.steps.find((s) => !s.done && s.technique === then) ?? null;
</script>

{#each due as wait (`${wait.pass}${wait.ids[0]}`)}
    {@const step = follower(wait.then)}
    <p role="alert">
        {wait.what}: {ticking.isPast(wait.latest, true)
            ? `it is late for ${wait.then}, try it now.`
            : `${wait.then} has to begin by ${until(wait.latest ?? '', view.now)}, before it is too dry.`}
        {#if step && step.id !== bench.step?.id}<button class="tool-link" onclick={() => (bench.turned = step.id)}
                >Go to it</button
            >{/if}
    </p>
{/each}

<style>
    p {
        margin-top: 10px;
        padding: 8px 14px;
        border: 2px solid var(--warn);
        font-size: var(--size-head);
    }
</style>
