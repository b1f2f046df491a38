<script lang="ts">
    import type { Figure, Spray, Undercoats } from '../../api/wire';
    import SmallSelect from '../../parts/SmallSelect.svelte';
    import SprayAreas from './SprayAreas.svelte';
    import { cup, fromHeight, heightOf, loaded, times, wanted, type Wanted } from './sprays';

    interface Props {
        figure: Figure;
        data: Undercoats;
        spray: Spray;
        number: number;
        /** whether it is the one all over the figure */
        first: boolean;
        busy: boolean;
        onput: (spray: Wanted) => void;
        onup: (() => void) | null;
        ondrop: (() => void) | null;
    }
    let { figure, data, spray, number, first, busy, onput, onup, ondrop }: Props = $props();

    const now = $derived(wanted([spray])[0]!);
    const paints = $derived(data.sprayed.map((p) => ({ id: String(p.id), words: p.name })));
    const kinds = $derived(
        data.kinds.filter((k) => k.allowed && (first || k.id !== 'brush')).map((k) => ({ id: k.id, words: k.words })),
    );
    const heights = $derived(data.heights.map((h, i) => ({ id: String(i), words: h.words })));
    const height = $derived(heightOf(spray.from, data.heights));
    const strength = $derived(String(spray.from?.strength ?? 1));
    const name = $derived(`spray ${number}`);
</script>

<li>
    <div
        class="after"
        role="img"
        aria-label="after it: up {spray.after.ridge}, sideways {spray.after.plane}, down {spray.after.recess}"
    >
        <i style:background={spray.after.ridge}></i><i style:background={spray.after.plane}></i><i
            style:background={spray.after.recess}
        ></i>
    </div>
    <div class="said">
        <h2>{number}. {spray.words}</h2>
        <div class="fields">
            <SmallSelect
                label="paint"
                name="paint of {name}"
                options={paints}
                value={String(spray.paint_id ?? '')}
                none={spray.paint_id === null ? 'choose one' : undefined}
                onpick={(id) => onput({ ...now, paint_id: Number(id) })}
            />
            <SmallSelect
                label="put on with"
                name="way of {name}"
                options={kinds}
                value={spray.kind}
                onpick={(id) => onput({ ...now, kind: id as Spray['kind'] })}
            />
            {#if !first}
                <SmallSelect
                    label="from"
                    name="height of {name}"
                    options={height < 0 ? [{ id: '-1', words: `${spray.from?.degrees}°` }, ...heights] : heights}
                    value={String(height)}
                    onpick={(id) => onput(fromHeight(now, data.heights[Number(id)]!))}
                />
                {#if spray.from && spray.from.side !== 'everywhere'}
                    <SmallSelect
                        label="side"
                        name="side of {name}"
                        options={data.sides}
                        value={spray.from.side}
                        onpick={(id) =>
                            onput({ ...now, from: { ...spray.from!, side: id as NonNullable<Spray['from']>['side'] } })}
                    />
                {/if}
                {#if spray.from}
                    <SmallSelect
                        label="how much"
                        name="strength of {name}"
                        options={data.strengths.map((s) => ({ id: String(s.coats), words: s.words }))}
                        value={strength}
                        onpick={(id) => onput({ ...now, from: { ...spray.from!, strength: Number(id) } })}
                    />
                {/if}
            {/if}
        </div>
        {#if !first}<SprayAreas {figure} areas={spray.areas} {name} onpick={(areas) => onput({ ...now, areas })} />{/if}
        <p class="facts">{[loaded(spray), times(spray)].filter(Boolean).join(' · ')}</p>
        {#if spray.waiting.length}<p class="facts soft">What is left in the cup also serves {cup(spray)}.</p>{/if}
    </div>
    <div class="moves">
        {#if onup}<button class="plain-button" disabled={busy} onclick={onup}
                >Earlier<span class="visually-hidden">{` ${name}`}</span></button
            >{/if}
        {#if ondrop}<button class="plain-button" disabled={busy} onclick={ondrop}
                >Remove<span class="visually-hidden">{` ${name}`}</span></button
            >{/if}
    </div>
</li>

<style>
    li {
        display: grid;
        grid-template-columns: 132px minmax(0, 1fr) auto;
        gap: 18px;
        padding: 14px 0;
        border-top: 1px solid var(--rule);
    }
    .after {
        display: grid;
        grid-template-rows: 1fr 1fr 1fr;
        min-height: 108px;
    }
    h2 {
        margin: 0 0 6px;
        font-size: var(--size-head);
    }
    .fields {
        display: flex;
        flex-wrap: wrap;
        gap: 6px 10px;
    }
    .facts {
        margin-top: 6px;
        font-size: var(--size-plain);
    }
    .moves {
        display: flex;
        gap: 14px;
        align-items: start;
    }
    .moves button {
        color: var(--accent-text);
    }
    @media (max-width: 720px) {
        li {
            grid-template-columns: 72px minmax(0, 1fr);
        }
        .moves {
            grid-column: 2;
        }
    }
</style>
