<script lang="ts">
    import type { Staircase } from '../../api/wire';
    import { counted } from '../../parts/words';

    interface Props {
        staircases: Staircase[];
    }
    let { staircases }: Props = $props();

    function hides(all: Staircase[]): string {
        const hidden = all.filter((s) => s.coats !== null);
        if (hidden.length === 0) return 'It tints what is below and never hides it.';
        const told = hidden.map((s) => `${counted(s.coats ?? 0, 'coat')} over ${s.ground.split(',')[0]}`).join(', ');
        const never = all.filter((s) => s.coats === null).map((s) => s.ground);
        return `Undiluted it hides after ${told}${never.length ? `; over ${never.join(' and ')} not within 12` : ''}.`;
    }
</script>

<h3>Coats it takes</h3>
<div class="stairs">
    {#each staircases as stair (stair.ground)}
        <span>{stair.ground.split(',')[0]}</span>
        <div role="img" aria-label="Over {stair.ground}: {stair.after.join(', ')}">
            <i style:background={stair.hex}></i>{#each stair.after as hex, n (n)}<i style:background={hex}></i>{/each}
        </div>
    {/each}
    <span></span>
    <div class="count" aria-hidden="true">
        <b>bare</b>{#each [1, 2, 3, 4, 5, 6] as n (n)}<b>{n}</b>{/each}
    </div>
</div>
<p class="soft">{hides(staircases)}</p>

<style>
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
</style>
