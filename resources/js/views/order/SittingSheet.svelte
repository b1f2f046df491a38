<script lang="ts">
    import type { Figure, OrderSheet } from '../../api/wire';
    import FigureDrawing from '../../parts/FigureDrawing.svelte';
    import type { Moving } from './moving.svelte';
    import SittingLane from './SittingLane.svelte';
    import SittingList from './SittingList.svelte';

    interface Props {
        sheet: OrderSheet;
        figure: Figure;
        moving: Moving;
        /** whether every minute is shown */
        fine: boolean;
        /** whether the clock is known, and not only how long from now */
        timed: boolean;
    }
    let { sheet, figure, timed, moving, fine }: Props = $props();
    const tones = $derived(new Map(sheet.tones.map((t) => [t.area, t.tones])));
    const done = $derived(sheet.jobs.map((j) => j.what).join(', '));
</script>

<section class="sheet" id="sitting-{sheet.number}" aria-label="Sitting {sheet.number}, {sheet.day}">
    <div class="when">
        <h2>{sheet.day}</h2>
        {#if timed}<p>{sheet.from} – {sheet.to}</p>{/if}
        <p>{sheet.minutes_words}, {sheet.figures}</p>
        {#if sheet.waiting_words}<p>{sheet.waiting_words} waiting</p>{/if}
        {#each sheet.milestones as milestone (milestone)}<p class="milestone">◆ {milestone}</p>{/each}
    </div>
    <SittingLane {sheet} {moving} {fine} />
    <div class="then"><FigureDrawing {figure} {tones} label="{figure.name} after this sitting: {done}" /></div>
    <details open={sheet.number === 1}>
        <summary>What to do, step by step ({sheet.jobs.length})</summary>
        <SittingList {sheet} {moving} />
    </details>
</section>

<style>
    .sheet {
        display: grid;
        grid-template-columns: 118px minmax(0, 1fr) 104px;
        gap: 6px 18px;
        padding: 14px 0 12px;
        border-top: 1px solid var(--rule);
    }
    .sheet:first-of-type {
        margin-top: 18px;
    }
    h2 {
        font-size: var(--size-head);
    }
    .when p {
        font-size: var(--size-small);
        color: var(--ink-soft);
    }
    .when .milestone {
        margin-top: 6px;
        font-weight: 600;
        color: var(--ink);
    }
    .then {
        height: 132px;
    }
    details {
        grid-column: 2 / -1;
    }
    summary {
        cursor: pointer;
        font-size: var(--size-small);
    }
    @media (max-width: 700px) {
        .sheet {
            grid-template-columns: minmax(0, 1fr) 76px;
        }
        .sheet > :global(.lane) {
            grid-row: 2;
            grid-column: 1 / -1;
        }
        details {
            grid-column: 1 / -1;
        }
        .then {
            height: 96px;
        }
    }
</style>
