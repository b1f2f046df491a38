<script lang="ts">
    import type { Drying } from '../../api/wire';
    import { linear } from '../../parts/scale';
    import { clock } from '../../parts/words';

    interface Props {
        drying: Drying;
        /** the server's clock when it answered */
        now: string;
        /** called when the painter finds it dry, of itself or by a hairdryer */
        ondry: (hairdryer: boolean) => void;
    }
    let { drying, now, ondry }: Props = $props();

    // svelte-ignore state_referenced_locally
    const offset = Date.parse(now) - Date.now();
    let at = $state(Date.now());
    $effect(() => {
        const timer = setInterval(() => (at = Date.now()), 1000);
        return () => clearInterval(timer);
    });
    const left = $derived((Date.parse(drying.until) - at - offset) / 1000);
    const along = $derived(linear(at + offset, [Date.parse(drying.since), Date.parse(drying.until)], [0, 100]));
</script>

<div class="drying">
    <p><span>{drying.area}, {drying.stage}</span><strong>{left > 0 ? clock(left) : 'dry'}</strong></p>
    <div class="bar"><i style:width="{along}%"></i></div>
    {#if drying.latest}<p class="then" class:urgent={drying.urgent}>
            {drying.then}: begin by {new Date(drying.latest).toLocaleTimeString('en-GB', {
                hour: '2-digit',
                minute: '2-digit',
            })}
        </p>{/if}
    {#if left > 0}
        <p class="acts">
            <button class="tool-link" aria-label="{drying.area}, {drying.stage}: it is dry" onclick={() => ondry(false)}
                >It is dry</button
            >
            {#if drying.blown}<button
                    class="tool-link"
                    aria-label="{drying.area}, {drying.stage}: hairdryer used"
                    onclick={() => ondry(true)}>Hairdryer used</button
                >{/if}
        </p>
    {/if}
</div>

<style>
    .drying {
        margin-bottom: 14px;
    }
    p {
        display: flex;
        align-items: end;
        justify-content: space-between;
        gap: 12px;
    }
    strong {
        font-family: var(--display);
        font-weight: 500;
        font-size: var(--size-title);
        line-height: 1;
        font-variant-numeric: tabular-nums;
    }
    .acts {
        justify-content: start;
        margin-top: 4px;
    }
    .then {
        font-size: var(--size-plain);
    }
    .urgent {
        font-weight: 600;
    }
    .bar {
        height: 5px;
        margin-top: 6px;
        background: var(--surround-deep);
    }
    i {
        display: block;
        height: 100%;
        background: var(--ink-soft);
    }
</style>
