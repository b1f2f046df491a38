<script lang="ts">
    import type { OrderSheet } from '../../api/wire';

    interface Props {
        sheet: OrderSheet;
    }
    let { sheet }: Props = $props();

    /** Room that a number and a letter of a name need, percent of the lane. */
    const NUMBERED = 3.2;
    const LETTER = 1.3;
    const ROWS = 3;
</script>

<!-- The list below says the same in words. -->
<div class="lane" aria-hidden="true">
    <div class="names">
        {#each sheet.jobs as job (job.id)}
            {#if job.wide >= job.short.length * LETTER}<span style:left="{job.left}%" style:max-width="{job.wide}%"
                    >{job.short}</span
                >{/if}
        {/each}
    </div>
    <div class="blocks">
        {#each sheet.gaps as gap (gap.left)}<i
                class="gap"
                style:left="{gap.left}%"
                style:width="{gap.wide}%"
                title="{gap.words} to wait"
            ></i>{/each}
        {#each sheet.jobs as job (job.id)}
            <i
                class:bare={job.hex === null}
                style:left="{job.left}%"
                style:width="{job.wide}%"
                style:background={job.hex}
                title="{job.number}: {job.what}, {job.minutes} min"
            ></i>
        {/each}
    </div>
    <div class="numbers">
        {#each sheet.jobs as job (job.id)}
            {#if job.wide >= NUMBERED}<span style:left="{job.left}%">{job.number}</span>{/if}
        {/each}
    </div>
    <div class="drying">
        {#each sheet.jobs as job, i (job.id)}
            {#if job.dry_wide > 0}
                <i
                    class="row{i % ROWS}"
                    style:left="{job.left + job.wide}%"
                    style:width="{job.dry_wide}%"
                    style:background={job.hex ?? 'currentColor'}
                ></i>
            {/if}
        {/each}
    </div>
</div>

<style>
    .lane {
        position: relative;
        min-width: 0;
        overflow: hidden;
    }
    .names,
    .blocks,
    .numbers,
    .drying {
        position: relative;
        height: 18px;
        font-size: var(--size-fine);
    }
    .names span,
    .numbers span,
    i {
        position: absolute;
        display: block;
    }
    .names span {
        overflow: hidden;
        text-overflow: ellipsis;
        white-space: nowrap;
    }
    .blocks {
        height: 46px;
    }
    .blocks i {
        top: 0;
        bottom: 0;
        min-width: 2px;
        border-right: 1px solid var(--surround);
    }
    .blocks .bare {
        border: 1px solid var(--ink-soft);
    }
    .blocks .gap {
        border: 1px dashed var(--ink-soft);
    }
    .numbers {
        color: var(--ink-soft);
    }
    .drying {
        height: 26px;
    }
    .drying i {
        height: 5px;
        opacity: 1;
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
