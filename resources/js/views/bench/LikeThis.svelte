<script lang="ts">
    import { ranges } from '../../parts/words';
    import type { BenchState } from './bench.svelte';

    interface Props {
        bench: BenchState;
    }
    let { bench }: Props = $props();
    const last = $derived(bench.bench?.last);
    let kept: number | null = $state(null);
</script>

{#if last?.different && kept !== last.id && (bench.bench?.company.count ?? 1) > last.figures.length}
    <p role="status">
        {last.what}: done differently on {last.figures.length > 1 ? 'figures' : 'figure'}
        {ranges(last.figures)}.
        <button
            class="tool-link"
            disabled={bench.busy}
            onclick={() => {
                kept = last.id;
                bench.likewise(last.id);
            }}>The others like this</button
        >
        <button class="tool-link" onclick={() => (kept = last.id)}>Only there</button>
    </p>
{/if}

<style>
    p {
        margin-bottom: 10px;
        font-size: var(--size-body);
    }
    button {
        margin-left: 10px;
    }
</style>
