<script lang="ts">
    import type { Bench } from '../../api/wire';
    import type { BenchState } from './bench.svelte';

    interface Props {
        bench: BenchState;
        stop: NonNullable<Bench['stop']>;
    }
    let { bench, stop }: Props = $props();
    let turned = $state(false);
</script>

<section class="stop" role="status">
    {#if !turned}
        <p class="look">{stop.look}</p>
        <p>
            <button onclick={() => (turned = true)}>Every area is covered</button>
            <button class="second" onclick={() => (bench.dialog = 'slip')}>I missed a spot</button>
        </p>
    {:else}
        <p class="look">{stop.words}</p>
        <p>
            <button onclick={() => bench.looked(stop.level)}>Go on painting</button>
            {#if bench.bench?.sitting}<a href="#/sitting/{bench.bench.sitting.id}/end">End the sitting</a>{/if}
        </p>
    {/if}
</section>

<style>
    .stop {
        margin: 12px 0;
        padding: 14px 18px;
        border: 2px solid var(--ink);
    }
    .look {
        margin-bottom: 10px;
        font-size: var(--size-head);
    }
    button {
        min-height: 48px;
        margin-right: 12px;
        padding: 0 20px;
        border: 0;
        background: var(--accent);
        color: #ffffff;
        font: inherit;
        font-weight: 600;
        cursor: pointer;
    }
    .second {
        border: 1px solid var(--ink-soft);
        background: none;
        color: var(--ink);
    }
    a {
        color: var(--ink);
    }
</style>
