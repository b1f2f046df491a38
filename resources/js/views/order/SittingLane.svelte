<script lang="ts">
    import type { OrderSheet } from '../../api/wire';
    import LaneBlocks from './LaneBlocks.svelte';
    import LaneDrying from './LaneDrying.svelte';
    import type { Moving } from './moving.svelte';

    interface Props {
        sheet: OrderSheet;
        moving: Moving;
        /** whether every minute is shown, with what dries area by area */
        fine?: boolean;
    }
    let { sheet, moving, fine = false }: Props = $props();

    /** Room that a number and a letter of a name need, percent of the lane. */
    const NUMBERED = 3.2;
    const LETTER = 1.3;
    const FINE_LETTER = 0.4;
    const MINUTE_PX = 9;
    const SHORTEST = 20;

    const letter = $derived(fine ? FINE_LETTER : LETTER);
    const numbered = $derived(fine ? 0 : NUMBERED);
</script>

<div class="lane" class:fine>
    <div style:width={fine ? `${Math.max(sheet.minutes, SHORTEST) * MINUTE_PX}px` : undefined}>
        <div class="names" aria-hidden="true">
            {#each sheet.jobs as job (job.id)}
                {#if job.wide >= job.short.length * letter}<span style:left="{job.left}%" style:max-width="{job.wide}%"
                        >{job.short}</span
                    >{/if}
            {/each}
        </div>
        <LaneBlocks {sheet} {moving} />
        <div class="numbers" aria-hidden="true">
            {#each sheet.jobs as job (job.id)}
                {#if job.wide >= numbered}<span style:left="{job.left}%">{job.number}</span>{/if}
            {/each}
        </div>
        <LaneDrying {sheet} {fine} />
        {#if fine}<div class="ticks" aria-hidden="true">
                {#each sheet.ticks as tick (tick.left)}<span style:left="{tick.left}%">{tick.words}</span>{/each}
            </div>{/if}
    </div>
</div>

<style>
    .lane {
        position: relative;
        min-width: 0;
        padding-top: 6px;
        overflow: hidden;
    }
    .fine {
        overflow-x: auto;
    }
    .names,
    .numbers,
    .ticks {
        position: relative;
        height: 18px;
        font-size: var(--size-fine);
    }
    span {
        position: absolute;
        overflow: hidden;
        text-overflow: ellipsis;
        white-space: nowrap;
    }
    .numbers,
    .ticks {
        color: var(--ink-soft);
    }
</style>
