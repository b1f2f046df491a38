<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { Figure, GroundLaid } from '../../api/wire';
    import { counted, duration } from '../../parts/words';

    interface Props {
        figure: Figure;
        ground: GroundLaid;
        busy: boolean;
        /** how it would be put on, where that differs from how the company has it */
        otherWay: string | null;
        ontake: () => void;
    }
    let { figure, ground, busy, otherWay, ontake }: Props = $props();

    const base = $derived(ground.by_area.filter((a) => a.coats === 0).map((a) => a.area.toLowerCase()));
</script>

<li class="ground" class:current={ground.current}>
    <div class="facings" role="img" aria-label="{ground.words}: from above, sideways, from below">
        <i style:background={ground.hexes.above}></i><i style:background={ground.hexes.side}></i><i
            style:background={ground.hexes.below}
        ></i>
    </div>
    <h3>{ground.words}</h3>
    <p class="figures">
        <strong>{duration(ground.minutes)}</strong> a figure{ground.more
            ? `, ${duration(ground.more)} more than the quickest`
            : ''}<br />
        {counted(ground.coats, 'base coat')}{figure.count > 1
            ? ` · ${duration(ground.minutes_for_all)} for ${figure.count} figures`
            : ''}<br />
        {ground.apart.toFixed(1)} off the colours after three coats
    </p>
    {#if base.length}<p class="soft">already the basecoat of {base.join(', ')}</p>{/if}
    {#if ground.favoured}<p class="soft">as you like it</p>{/if}
    {#if ground.risks.length}
        <ul class="risks">
            {#each ground.risks.slice(0, 4) as risk (risk)}<li>{risk}</li>{/each}
            {#if ground.risks.length > 4}<li>and {ground.risks.length - 4} more.</li>{/if}
        </ul>
    {/if}
    <div class="act">
        {#if ground.current}<span class="here">in use</span>
            {#if otherWay}<Button size="small" disabled={busy} onclick={ontake}>Put it on with {otherWay}</Button>{/if}
        {:else if ground.paint_id !== null}
            <Button size="small" kind="tertiary" disabled={busy} onclick={ontake}
                >Use this undercoat<span class="visually-hidden">: {ground.words}</span></Button
            >
        {:else}<span class="soft">you have no such primer</span>{/if}
    </div>
</li>

<style>
    .ground {
        display: flex;
        flex-direction: column;
        gap: 8px;
        padding: 14px;
        background: var(--rail);
    }
    .current {
        outline: 2px solid var(--ink);
    }
    .facings {
        display: grid;
        height: 108px;
    }
    .figures {
        font-size: var(--size-plain);
    }
    .risks {
        margin: 0;
        padding-left: 18px;
        font-size: var(--size-plain);
    }
    .act {
        margin-top: auto;
    }
    .here {
        font-weight: 600;
    }
</style>
