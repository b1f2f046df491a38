<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { RunningOrder } from '../../api/wire';
    import type { Moving } from './moving.svelte';

    interface Props {
        moving: Moving;
        order: RunningOrder;
    }
    let { moving, order }: Props = $props();

    const jobs = $derived(order.plan?.sheets.flatMap((s) => s.jobs) ?? []);
    const before = $derived(jobs.find((j) => j.id === moving.slot?.before)?.what);
    const free = $derived(moving.slots.filter((s) => s.free).length);
</script>

{#if moving.job}
    {@const job = moving.job}
    <div class="bar" role="region" aria-label="Moving {job.what}">
        <p role="status">
            <strong>{job.what}</strong>
            {#if moving.problem}{moving.problem}
            {:else if moving.slots.length === 0}: looking where it may go …
            {:else if moving.slot}
                {moving.slot.free ? `to ${moving.slot.when.replace(/^on /, '')}` : moving.slot.when}{before
                    ? `, before ${before}`
                    : ', at the end of the sitting'}{moving.slot.free ? '.' : `: not there. ${moving.slot.why}`}
            {:else}: there is no other place for it.{/if}
        </p>
        <div class="acts">
            <Button size="small" kind="tertiary" disabled={moving.at <= 0} onclick={() => moving.step(-1)}
                >Earlier</Button
            >
            <Button
                size="small"
                kind="tertiary"
                disabled={moving.at >= moving.slots.length - 1}
                onclick={() => moving.step(1)}>Later</Button
            >
            <Button size="small" disabled={!moving.slot?.free} onclick={() => moving.put()}>Put it here</Button>
            {#if job.pinned}<Button size="small" kind="ghost" onclick={() => moving.letGo(job)}>Let it go</Button>
            {:else}<Button size="small" kind="ghost" onclick={() => moving.pin(job)}>Keep it where it is</Button>{/if}
            <Button size="small" kind="ghost" onclick={() => moving.drop()}>Cancel</Button>
            {#if moving.slots.length}<span class="soft"
                    >{free} of {moving.slots.length} places are open to it · ← → Enter, Esc</span
                >{/if}
        </div>
    </div>
{/if}

<style>
    .bar {
        position: sticky;
        z-index: 5;
        bottom: -40px;
        margin: 16px -28px -40px;
        padding: 12px 28px 14px;
        border-top: 1px solid var(--ink);
        background: var(--panel);
    }
    .acts {
        display: flex;
        flex-wrap: wrap;
        gap: 8px;
        align-items: center;
        margin-top: 8px;
    }
    .soft {
        font-size: var(--size-small);
        color: var(--ink-soft);
    }
    @media (max-width: 980px) {
        .bar {
            bottom: 0;
            margin: 16px -16px 0;
            padding: 12px 16px;
        }
    }
</style>
