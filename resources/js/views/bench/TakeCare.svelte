<script lang="ts">
    import type { Bench } from '../../api/wire';
    import type { BenchState } from './bench.svelte';
    import { Ticking } from './ticking.svelte';

    interface Props {
        bench: BenchState;
        view: Bench;
    }
    let { bench, view }: Props = $props();

    const ticking = new Ticking(() => view.now);
    $effect(() => ticking.run());
    const care = $derived(view.care);
    /** Due as the page was answered, or since then; where it was told already neither is. */
    const rests = $derived(care.rest_due || ((care.rest_at ?? '') > view.now && ticking.isPast(care.rest_at, true)));
    const cleans = $derived(ticking.isPast(care.clean_at, true));
</script>

{#if cleans}
    <p role="status">
        Clean the airbrush: it has sprayed for a quarter of an hour.
        <button class="tool-link" disabled={bench.busy} onclick={() => bench.care('cleaned')}>Cleaned</button>
    </p>
{/if}
{#if rests}
    <p class="quiet" role="status">
        Fifty minutes without a pause. Look at something far away, and stand up once.
        <button class="tool-link" disabled={bench.busy} onclick={() => bench.care('rested')}>All right</button>
    </p>
{/if}

<style>
    p {
        margin-top: 10px;
        font-size: var(--size-head);
    }
    .quiet {
        font-size: var(--size-body);
        color: var(--ink-soft);
    }
</style>
