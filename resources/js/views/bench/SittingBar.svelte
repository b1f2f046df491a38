<script lang="ts">
    import type { SittingNow } from '../../api/wire';
    import { counted } from '../../parts/words';
    import type { BenchState } from './bench.svelte';

    interface Props {
        bench: BenchState;
        sitting: SittingNow;
    }
    let { bench, sitting }: Props = $props();

    const done = $derived(sitting.steps.filter((s) => s.left.length === 0).length);
    const elsewhere = $derived(sitting.next && sitting.next.company_id !== bench.company ? sitting.next : null);
</script>

<div class="bar">
    <p>
        <strong>{sitting.words}</strong> · {done} of {counted(sitting.steps.length, 'step')} done{sitting.next
            ? `, about ${sitting.left_words} of work left`
            : ': that is all of this sitting'}
    </p>
    <a href="#/sitting/{sitting.id}">What to fetch</a>
    <a class:due={!sitting.next} href="#/sitting/{sitting.id}/end">End the sitting</a>
</div>
{#if elsewhere}
    <p class="word">
        Next in this sitting: <a href="#/bench/{elsewhere.company_id}">{elsewhere.words}</a>
    </p>
{/if}

<style>
    .bar {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 22px;
        align-items: baseline;
        padding-bottom: 10px;
        border-bottom: 1px solid var(--rule);
        font-size: var(--size-body);
        color: var(--ink-soft);
    }
    .bar p {
        flex: 1;
        min-width: 220px;
    }
    .bar strong {
        color: var(--ink);
    }
    a {
        color: var(--ink);
    }
    .due {
        padding: 8px 18px;
        background: var(--accent);
        color: #ffffff;
        text-decoration: none;
    }
    .word {
        margin-top: 10px;
        font-size: var(--size-head);
    }
    @media (max-width: 720px) {
        .bar p {
            flex-basis: 100%;
        }
    }
</style>
