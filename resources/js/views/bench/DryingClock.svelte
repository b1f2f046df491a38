<script lang="ts">
    import type { Drying } from '../../api/wire';
    import { linear } from '../../parts/scale';
    import { clock, ranges, until } from '../../parts/words';
    import { Ticking } from './ticking.svelte';

    interface Props {
        drying: Drying;
        /** the server's clock when it answered */
        now: string;
        /** whether the company is named, default false */
        named?: boolean;
        /** called when the painter finds it dry, of itself or by a hairdryer; default it cannot be said here */
        ondry?: ((hairdryer: boolean) => void) | null;
    }
    let { drying, now, named = false, ondry = null }: Props = $props();

    const HOURS = 3 * 3600;
    const ticking = new Ticking(() => now);
    $effect(() => ticking.run());
    const left = $derived((Date.parse(drying.until) - ticking.now) / 1000);
    const along = $derived(linear(ticking.now, [Date.parse(drying.since), Date.parse(drying.until)], [0, 100]));
    const said = $derived(drying.all || drying.figures.length === 0 ? '' : `, ${ranges(drying.figures)}`);
</script>

<div class="drying">
    <p>
        <span>
            {#if named}<b>{drying.company}</b>{said} · {drying.what}{:else}{drying.what}{said}{/if}
        </span>
        <strong>{left <= 0 ? 'dry' : left < HOURS ? clock(left) : ''}</strong>
    </p>
    <div class="bar"><i style:width="{along}%" style:background={drying.hex ?? undefined}></i></div>
    <p class="then">
        {left > 0
            ? `${drying.first ? `first dry ${until(drying.first, now)}, all ` : ''}until ${until(drying.until, now)}`
            : 'dry'}{drying.after ? `; then ${drying.after}` : ''}
    </p>
    {#if drying.latest}<p class="then" class:urgent={drying.urgent}>
            {drying.then}: begin by {until(drying.latest, now)}
        </p>{/if}
    {#if left > 0 && ondry}
        <p class="acts">
            <button class="tool-link" aria-label="{drying.what}: it is dry" onclick={() => ondry(false)}
                >It is dry</button
            >
            {#if drying.blown}<button
                    class="tool-link"
                    aria-label="{drying.what}: hairdryer used"
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
        margin-top: 3px;
        font-size: var(--size-plain);
        color: var(--ink-soft);
    }
    .urgent {
        font-weight: 600;
        color: var(--ink);
    }
    .bar {
        height: 8px;
        margin-top: 6px;
        background: var(--surround-deep);
    }
    i {
        display: block;
        height: 100%;
        background: var(--ink-soft);
    }
</style>
