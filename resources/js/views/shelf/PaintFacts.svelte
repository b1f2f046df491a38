<script lang="ts">
    import type { PaintLook } from '../../api/wire';
    import { counted, millilitres } from '../../parts/words';

    interface Props {
        look: PaintLook;
    }
    let { look }: Props = $props();

    const paint = $derived(look.paint);
</script>

<dl>
    <dt>left</dt>
    <dd>
        {#if !paint.owned}not owned{:else if paint.left_ml === null}unknown{:else}<strong
                >{millilitres(paint.left_ml)}</strong
            >{/if}
        {paint.bottle_ml
            ? `of ${paint.bottles && paint.bottles > 1 ? `${paint.bottles} × ` : ''}${millilitres(paint.bottle_ml)}`
            : ''}
    </dd>
    {#if paint.look}<dt>colour</dt>
        <dd>{look.source}, ±{look.certainty.toFixed(1)}</dd>{/if}
    <dt>used in</dt>
    <dd>{paint.used_in ? counted(paint.used_in, 'recipe') : 'no recipe'}</dd>
    {#if paint.set}<dt>set</dt>
        <dd>{paint.set}</dd>{/if}
    {#if paint.place}<dt>place</dt>
        <dd>{paint.place}</dd>{/if}
    {#if paint.state}<dt>state</dt>
        <dd>{paint.state}</dd>{/if}
    {#if paint.opened}<dt>opened</dt>
        <dd>{paint.opened}</dd>{/if}
    {#if paint.price}<dt>price</dt>
        <dd>{paint.price} {paint.currency ?? ''}</dd>{/if}
    {#if paint.notes}<dt>notes</dt>
        <dd>{paint.notes}</dd>{/if}
</dl>

<style>
    dl {
        display: grid;
        grid-template-columns: 92px 1fr;
        gap: 3px 12px;
        margin: 10px 0 16px;
        font-size: var(--size-plain);
    }
    dt {
        color: var(--ink-soft);
    }
    dd {
        margin: 0;
    }
</style>
