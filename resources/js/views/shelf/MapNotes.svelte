<script lang="ts">
    import type { ShelfMap } from '../../api/wire';

    interface Props {
        map: ShelfMap;
        onchoose: (id: number) => void;
    }
    let { map, onchoose }: Props = $props();
</script>

<div class="notes">
    <section>
        <h2>Empty regions</h2>
        {#each map.gaps as gap, n (gap.words)}
            <div class="row">
                <i style:background={gap.colour}></i>
                <p>
                    <strong>{n + 1} · no {gap.words}</strong><br />
                    <span class="soft"
                        >nearest is <button class="link-button" onclick={() => onchoose(gap.nearest_id)}
                            >{gap.nearest}</button
                        >, {gap.away.toFixed(0)} away</span
                    >
                </p>
                <a href="#/tables/match?colour={encodeURIComponent(gap.colour)}&paints=3">mix it</a>
            </div>
        {:else}
            <p class="soft">Nothing is further than {map.empty_from.toFixed(0)} from a paint of yours.</p>
        {/each}
    </section>
    <section>
        <h2>Near-doubles</h2>
        {#each map.doubles as pair (`${pair.one_id}-${pair.other_id}`)}
            <div class="row">
                <i style:background="linear-gradient(90deg, {pair.one_hex} 50%, {pair.other_hex} 50%)"></i>
                <p>
                    <strong
                        ><button class="link-button" onclick={() => onchoose(pair.one_id)}>{pair.one}</button> and
                        <button class="link-button" onclick={() => onchoose(pair.other_id)}>{pair.other}</button
                        ></strong
                    ><br /><span class="soft"
                        >{pair.apart.toFixed(1)} from each other, used alike: one of them will do</span
                    >
                </p>
                <a href="#/tables/coats?paints={pair.one_id},{pair.other_id}">compare</a>
            </div>
        {:else}
            <p class="soft">No two paints of one behaviour are nearer than {map.double_below.toFixed(1)}.</p>
        {/each}
    </section>
</div>

<style>
    .notes {
        display: grid;
        grid-template-columns: 1fr 1fr;
        gap: 20px 32px;
        margin-top: 18px;
    }
    h2 {
        margin-bottom: 8px;
        font-size: var(--size-head);
    }
    .row {
        display: grid;
        grid-template-columns: 64px minmax(0, 1fr) auto;
        gap: 12px;
        align-items: center;
        padding: 5px 0;
        border-top: 1px solid var(--rule);
        font-size: var(--size-plain);
        line-height: 1.3;
    }
    .row i {
        height: 38px;
    }
    .link-button {
        padding: 0;
    }
    @media (max-width: 720px) {
        .notes {
            grid-template-columns: 1fr;
        }
    }
</style>
