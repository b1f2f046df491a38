<script lang="ts">
    import type { Drying } from '../../api/wire';
    import { linear } from '../../parts/scale';
    import { clock } from '../../parts/words';

    interface Props {
        drying: Drying;
        /** the server's clock when it answered */
        now: string;
    }
    let { drying, now }: Props = $props();

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
