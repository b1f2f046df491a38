<script lang="ts">
    import type { Figure, Scheme } from '../../api/wire';
    import type { SchemeDesk } from './scheme.svelte';

    interface Props {
        figure: Figure;
        scheme: Scheme;
        desk: SchemeDesk;
    }
    let { figure, scheme, desk }: Props = $props();

    const grounds = [
        { id: 'dark', grey: '#1e1e1e' },
        { id: 'middle', grey: '#7a7a7a' },
        { id: 'light', grey: '#ececec' },
    ];
    const coloured = $derived(scheme.areas.filter((a) => a.tones));
    let picked: number[] = $state([]);
    /** a colour of no area, laid beside them; empty for none */
    let loose = $state('');
    /** what was picked, or the chosen area with its true neighbours, or the least clear pair */
    const shown = $derived.by(() => {
        if (picked.length) return picked;
        if (desk.chosen !== null)
            return [desk.chosen, ...(figure.areas.find((a) => a.id === desk.chosen)?.touches ?? [])].slice(0, 3);
        const pair = scheme.pairs[0];
        return pair ? [pair.one, pair.other] : [];
    });
    const areas = $derived(shown.flatMap((id) => coloured.find((a) => a.id === id) ?? []));
    const remark = $derived(areas[0]?.beside ?? null);

    function set(place: number, id: string) {
        const next = [...areas.map((a) => a.id)];
        if (id === '') next.splice(place, 1);
        else next[place] = Number(id);
        picked = [...new Set(next)];
    }
</script>

{#if coloured.length}
    <section aria-labelledby="beside">
        <h2 id="beside">Colours side by side</h2>
        <p class="pick">
            {#each [0, 1, 2] as place (place)}
                {#if place <= areas.length}
                    <select
                        class="line-select"
                        aria-label="Colour {place + 1} of the comparison"
                        value={String(areas[place]?.id ?? '')}
                        onchange={(e) => set(place, e.currentTarget.value)}
                    >
                        <option value="">none</option>
                        {#each coloured as each (each.id)}<option value={String(each.id)}>{each.name}</option>{/each}
                    </select>
                {/if}
            {/each}
            <label class="loose"
                >any colour <input
                    type="color"
                    value={loose || '#808080'}
                    oninput={(e) => (loose = e.currentTarget.value)}
                /></label
            >
            {#if loose}<button class="link-button" onclick={() => (loose = '')}>without {loose}</button>{/if}
            {#if picked.length}<button class="link-button" onclick={() => (picked = [])}>as chosen at the left</button
                >{/if}
        </p>
        <div class="grounds">
            {#each grounds as ground (ground.id)}
                <div
                    role="img"
                    aria-label="{areas.map((a) => a.name).join(' beside ')} on a {ground.id} ground"
                    style:background={ground.grey}
                >
                    {#each areas as area (area.id)}
                        {#if area.tones}
                            <i style:background={area.tones.recess}></i><i
                                class="plane"
                                style:background={area.tones.plane}
                            ></i><i style:background={area.tones.ridge}></i>
                        {/if}
                    {/each}
                    {#if loose}<i class="plane" style:background={loose}></i>{/if}
                </div>
            {/each}
        </div>
        {#if remark}<p class="remark">{remark}</p>{/if}
    </section>
{/if}

<style>
    section {
        margin-top: 20px;
    }
    .pick {
        display: flex;
        flex-wrap: wrap;
        gap: 8px 12px;
        align-items: center;
        margin: 8px 0 10px;
    }
    .loose {
        display: flex;
        gap: 8px;
        align-items: center;
        font-size: var(--size-plain);
    }
    .loose input {
        width: 40px;
        height: 32px;
        padding: 0;
        border: 1px solid var(--rule);
        background: none;
    }
    .grounds {
        display: grid;
        grid-template-columns: repeat(3, 1fr);
        gap: 12px;
    }
    .grounds div {
        display: flex;
        height: 120px;
        padding: 24px 20px;
    }
    i {
        flex: 1;
    }
    .plane {
        flex: 2;
    }
    .remark {
        margin-top: 10px;
    }
</style>
