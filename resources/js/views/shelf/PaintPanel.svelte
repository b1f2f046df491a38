<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { Button } from 'carbon-components-svelte';
    import { paintQuery } from '../../api/queries';
    import type { Paint, Staircase } from '../../api/wire';
    import Waiting from '../../parts/Waiting.svelte';
    import { capital, counted, millilitres } from '../../parts/words';

    interface Props {
        id: number | null;
        onedit: (paint: Paint) => void;
        onchoose: (id: number) => void;
    }
    let { id, onedit, onchoose }: Props = $props();

    const look = createQuery(() => paintQuery(id));
    const paint = $derived(look.data?.paint);

    function hides(all: Staircase[]): string {
        const hidden = all.filter((s) => s.coats !== null);
        if (hidden.length === 0) return 'It tints what lies below and never hides it.';
        const told = hidden.map((s) => `${counted(s.coats ?? 0, 'coat')} over ${s.ground.split(',')[0]}`).join(', ');
        const never = all.filter((s) => s.coats === null).map((s) => s.ground);
        return `Undiluted it hides after ${told}${never.length ? `; over ${never.join(' and ')} not within 12` : ''}.`;
    }
</script>

{#if id === null}
    <p class="soft">Choose a paint to see how it covers.</p>
{:else if !look.data || !paint}
    <Waiting problem={look.error} />
{:else}
    <p class="soft">{[paint.line, paint.behaviour].filter(Boolean).join(' · ')}</p>
    <h2>{paint.name}</h2>
    {#if paint.look}
        <div class="big" style:background={paint.look}></div>
        <p class="soft under">
            {capital(paint.words)} · <span class="mono">{paint.look}</span> · {look.data.staircases.some(
                (s) => s.coats !== null,
            )
                ? 'dry, at full hide'
                : 'one coat over white'}
        </p>
    {/if}
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
            <dd>{look.data.source}, ±{look.data.certainty.toFixed(1)}</dd>{/if}
        <dt>used in</dt>
        <dd>{paint.used_in ? counted(paint.used_in, 'recipe') : 'no recipe'}</dd>
        {#if paint.set}<dt>set</dt>
            <dd>{paint.set}</dd>{/if}
        {#if paint.place}<dt>stands</dt>
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
    {#if look.data.staircases.length}
        <h3>Coats it takes</h3>
        <div class="stairs">
            {#each look.data.staircases as stair (stair.ground)}
                <span>{stair.ground.split(',')[0]}</span>
                <div role="img" aria-label="Over {stair.ground}: {stair.after.join(', ')}">
                    <i style:background={stair.hex}></i>{#each stair.after as hex, n (n)}<i style:background={hex}
                        ></i>{/each}
                </div>
            {/each}
            <span></span>
            <div class="count" aria-hidden="true">
                <b>bare</b>{#each [1, 2, 3, 4, 5, 6] as n (n)}<b>{n}</b>{/each}
            </div>
        </div>
        <p class="soft">{hides(look.data.staircases)}</p>
    {/if}
    {#if look.data.relatives.length}
        <h3>Nearest relatives</h3>
        {#each look.data.relatives.slice(0, 3) as relative (relative.id)}
            <button class="plain-button relative" onclick={() => onchoose(relative.id)}>
                <i style:background={relative.hex}></i><span
                    >{relative.name} · {relative.difference.toFixed(1)} apart</span
                >
            </button>
        {/each}
    {/if}
    <div class="do">
        <Button size="small" href="#/shelf/{paint.id}">Open its page</Button>
        <Button size="small" kind="tertiary" onclick={() => onedit(paint)}>Change this paint</Button>
    </div>
{/if}

<style>
    .big {
        height: 96px;
        margin-top: 10px;
    }
    .under {
        margin: 4px 0 12px;
        font-size: var(--size-small);
    }
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
    h3 {
        margin: 14px 0 8px;
    }
    .stairs {
        display: grid;
        grid-template-columns: 80px 1fr;
        align-items: center;
        gap: 0 10px;
        margin-bottom: 6px;
        font-size: var(--size-small);
    }
    .stairs div {
        display: grid;
        grid-template-columns: repeat(7, 1fr);
    }
    .stairs i {
        height: 28px;
    }
    .count b {
        font-weight: 400;
        font-size: var(--size-fine);
        color: var(--ink-soft);
        text-align: center;
    }
    .relative {
        display: flex;
        gap: 12px;
        align-items: center;
        width: 100%;
        padding: 4px 0;
        font-size: var(--size-plain);
    }
    .relative i {
        width: 40px;
        height: 30px;
    }
    .relative span {
        text-decoration: underline;
        text-underline-offset: 3px;
        text-decoration-color: var(--rule);
    }
    .do {
        display: flex;
        flex-wrap: wrap;
        gap: 8px;
        margin-top: 18px;
    }
</style>
