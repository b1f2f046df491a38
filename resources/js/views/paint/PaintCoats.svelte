<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { vocabularyQuery } from '../../api/queries';
    import type { Staircase } from '../../api/wire';
    import { counted } from '../../parts/words';

    interface Props {
        staircases: Staircase[];
        /** paint to thinner, `1:0` for undiluted */
        thin: string;
        onthin: (ratio: string) => void;
    }
    let { staircases, thin, onthin }: Props = $props();

    const words = createQuery(vocabularyQuery);
    const ratios = $derived(words.data?.thinnings.paint ?? []);
    const said = (ratio: string) => (ratio === '1:0' ? 'undiluted' : `thinned ${ratio}`);
    const place = $derived(Math.max(0, ratios.indexOf(thin)));
</script>

<div class="head">
    <h2>Coats it takes, {said(thin)}</h2>
    <label
        ><span class="visually-hidden">Thinned, paint to thinner</span><input
            type="range"
            min="0"
            max={ratios.length - 1}
            value={place}
            aria-valuetext={said(thin)}
            oninput={(e) => onthin(ratios[Number(e.currentTarget.value)] ?? '1:0')}
        /></label
    >
</div>
<div class="stairs">
    {#each staircases as stair (stair.ground)}
        <p>
            <strong>{stair.coats === null ? 'over 12' : counted(stair.coats, 'coat')}</strong><br />
            <span class="soft">over {stair.ground.split(',')[0]}; likely {stair.between}</span>
        </p>
        <div role="img" aria-label="Over {stair.ground}, coat by coat: {stair.after.join(', ')}">
            <i style:background={stair.hex}></i>{#each stair.after as hex, n (n)}<i style:background={hex}></i>{/each}
        </div>
        <span></span>
        <div class="count" aria-hidden="true">
            <b>bare</b>{#each stair.certainties as sure, n (n)}<b>{n + 1}, ±{sure.toFixed(1)}</b>{/each}
        </div>
    {/each}
</div>

<style>
    .head {
        display: flex;
        flex-wrap: wrap;
        gap: 6px 24px;
        align-items: center;
        margin: 20px 0 10px;
    }
    h2 {
        font-size: var(--size-head);
    }
    input {
        width: 220px;
    }
    .stairs {
        display: grid;
        grid-template-columns: 92px minmax(0, 1fr);
        gap: 0 14px;
        align-items: center;
    }
    .stairs p {
        font-size: var(--size-plain);
        line-height: 1.25;
    }
    .stairs div {
        display: grid;
        grid-template-columns: repeat(7, minmax(0, 1fr));
    }
    .stairs i {
        height: 54px;
    }
    .count {
        margin-bottom: 8px;
    }
    .count b {
        font-weight: 400;
        font-size: var(--size-fine);
        color: var(--ink-soft);
    }
    @media (max-width: 720px) {
        .stairs {
            grid-template-columns: minmax(0, 1fr);
        }
    }
</style>
