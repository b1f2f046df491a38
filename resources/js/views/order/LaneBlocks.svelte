<script lang="ts">
    import type { OrderSheet, OrderSlot } from '../../api/wire';
    import { Dragging, moved } from './dragging';
    import type { Moving } from './moving.svelte';

    interface Props {
        sheet: OrderSheet;
        moving: Moving;
    }
    let { sheet, moving }: Props = $props();

    const dragging = $derived(new Dragging(moving));

    /** Places that belong into this sitting, with where they are drawn. */
    const places = $derived.by(() => {
        const found: { slot: OrderSlot; left: number }[] = [];
        for (const slot of moving.slots) {
            const before = sheet.jobs.find((j) => j.id === slot.before);
            if (before) found.push({ slot, left: before.left });
            else if (sheet.jobs.some((j) => j.id === slot.after)) found.push({ slot, left: 100 });
        }
        return found;
    });
</script>

<div class="blocks">
    {#each sheet.gaps as gap (gap.left)}<i
            class="gap"
            style:left="{gap.left}%"
            style:width="{gap.wide}%"
            title="{gap.words} to wait"
        ></i>{/each}
    {#each sheet.jobs as job (job.id)}
        <button
            class="block"
            class:bare={job.hex === null}
            class:pinned={job.pinned}
            class:lifted={moving.job?.id === job.id}
            style:left="{job.left}%"
            style:width="{job.wide}%"
            style:background={job.hex}
            title="{job.number}: {job.what}, {job.minutes} min{job.pinned ? ', stays here' : ''}"
            aria-label="Move {job.what}, {job.at}, {job.minutes} min{job.pinned ? ', stays here' : ''}"
            aria-pressed={moving.job?.id === job.id}
            onpointerdown={(e) => dragging.down(e)}
            onpointermove={(e) => dragging.move(e, job)}
            onpointerup={() => dragging.up()}
            onclick={() => (moving.job ? undefined : void moving.lift(job))}
            onkeydown={(e) => moved(e, job, moving) && e.preventDefault()}
        ></button>
    {/each}
    {#each places as { slot, left } (`${slot.at} ${slot.before}`)}
        <button
            class="slot"
            class:free={slot.free}
            class:chosen={moving.slot === slot}
            style:left="{left}%"
            data-slot={moving.slots.indexOf(slot)}
            tabindex="-1"
            title={slot.free ? `Put it here, ${slot.when}` : slot.why}
            aria-label={slot.free ? `Put it here, ${slot.when}` : `Not here: ${slot.why}`}
            onclick={() => void moving.put(slot)}
        ></button>
    {/each}
    {#if sheet.now !== null}<i class="now" style:left="{sheet.now}%" title="now"></i>{/if}
</div>

<style>
    .blocks {
        position: relative;
        height: 46px;
    }
    .block,
    .slot,
    i {
        position: absolute;
        top: 0;
        bottom: 0;
        padding: 0;
        border: 0;
    }
    .block {
        min-width: 2px;
        border-right: 1px solid var(--surround);
        cursor: grab;
        touch-action: none;
    }
    .block.bare,
    .gap {
        border: 1px solid var(--ink-soft);
        background: none;
    }
    .gap {
        border-style: dashed;
    }
    .block:focus-visible {
        z-index: 3;
        outline: 2px solid var(--ink);
        outline-offset: 2px;
    }
    .pinned {
        box-shadow: inset 0 -4px 0 var(--ink);
    }
    .lifted {
        z-index: 2;
        outline: 2px solid var(--ink);
        opacity: 0.6;
    }
    .slot {
        z-index: 2;
        top: -4px;
        bottom: -4px;
        width: 14px;
        margin-left: -7px;
        background: linear-gradient(var(--ink-soft), var(--ink-soft)) center / 1px 100% no-repeat;
        cursor: not-allowed;
    }
    .slot.free {
        background: linear-gradient(var(--accent), var(--accent)) center / 4px 100% no-repeat;
        cursor: pointer;
    }
    .slot.chosen {
        outline: 2px solid var(--ink);
        background-size: 8px 100%;
    }
    .now {
        z-index: 1;
        top: -6px;
        bottom: -6px;
        width: 2px;
        background: var(--ink);
    }
</style>
