<script lang="ts">
    import type { OrderSheet } from '../../api/wire';

    interface Props {
        sheet: OrderSheet;
        /** whether each area has a row of its own, with its times */
        fine: boolean;
    }
    let { sheet, fine }: Props = $props();

    const ROWS = 3;
    const ROW_PX = 20;
    const areas = $derived([...new Set(sheet.jobs.filter((j) => j.dry_wide > 0).map((j) => j.short))]);
</script>

<div class="drying" style:height={fine ? `${areas.length * ROW_PX + 4}px` : undefined} aria-hidden="true">
    {#each sheet.jobs as job, i (job.id)}
        {#if job.dry_wide > 0}
            <i
                class="row{i % ROWS}"
                style:left="{job.left + job.wide}%"
                style:width="{job.dry_wide}%"
                style:top={fine ? `${areas.indexOf(job.short) * ROW_PX + 2}px` : undefined}
                style:background={job.hex ?? 'currentColor'}
            ></i>
            {#if fine}<span style:left="{job.left + job.wide}%" style:top="{areas.indexOf(job.short) * ROW_PX + 6}px"
                    >{job.short} dry {job.dry_at}{job.latest_at ? `, go on by ${job.latest_at}` : ''}</span
                >{/if}
        {/if}
    {/each}
</div>

<style>
    .drying {
        position: relative;
        height: 26px;
        font-size: var(--size-fine);
    }
    i,
    span {
        position: absolute;
    }
    i {
        height: 5px;
    }
    span {
        color: var(--ink-soft);
        white-space: nowrap;
    }
    .row0 {
        top: 2px;
    }
    .row1 {
        top: 10px;
    }
    .row2 {
        top: 18px;
    }
</style>
