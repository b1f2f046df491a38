<script lang="ts">
    import Explained from '../../parts/Explained.svelte';
    import { Button } from 'carbon-components-svelte';
    import type { Figure, GroundLaid, Undercoats } from '../../api/wire';
    import { counted, duration } from '../../parts/words';
    import UndoRedo from '../../parts/UndoRedo.svelte';
    import GroundCard from './GroundCard.svelte';
    import KeepsSketch from './KeepsSketch.svelte';

    interface Props {
        figure: Figure;
        data: Undercoats;
        busy: boolean;
        /** how it would be put on, empty as the company has it */
        kind: string;
        ontake: (paint: number | null, lights: GroundLaid['lights'], kind: string) => void;
        onstep: (where: 'undo' | 'redo') => void;
        /** one ground for all companies that are meant to match */
        onalike: (paint: number) => void;
        /** the areas on which the light sketch is to show */
        onkeep: (areas: { id: number; keeps: boolean }[]) => void;
    }
    let { figure, data, busy, kind = $bindable(), ontake, onstep, onalike, onkeep }: Props = $props();

    const way = $derived(kind || data.kind);
    const chosenKind = $derived(data.kinds.find((k) => k.id === way));
    const coloured = $derived(data.grounds[0]?.by_area.length ?? 0);
</script>

<h1>{data.chosen ? `Your undercoat: ${data.current}` : `Best choice: ${data.grounds[0]?.words.toLowerCase()}`}</h1>
<p class="why"><Explained text={data.chosen ? data.current_reason : data.reason} /></p>
<p><UndoRedo undo={data.undo} redo={data.redo} {onstep} /></p>
{#if data.keeps}<KeepsSketch areas={data.keeps} {busy} {onkeep} />{/if}
{#if data.matching}
    {@const alike = data.matching}
    <div class="warning">
        {#each alike.warnings as warning (warning)}<p>{warning}</p>{/each}
        <p>{alike.sentence}</p>
        <Button size="small" kind="tertiary" disabled={busy} onclick={() => onalike(alike.paint_id)}
            >Use {alike.words} for all of them</Button
        >
    </div>
{/if}
{#if coloured < figure.areas.length}
    <p class="soft">
        Counted over {counted(coloured, 'area')} of {figure.areas.length}: the others have
        <a href="#/scheme/{figure.id}">no colour yet</a>.
    </p>
{/if}
<div class="kinds" role="radiogroup" aria-label="How it is put on">
    {#each data.kinds as each (each.id)}
        <label class:ruled={!each.allowed}
            ><input
                type="radio"
                name="kind"
                value={each.id}
                checked={way === each.id}
                disabled={!each.allowed}
                onchange={() => (kind = each.id)}
            />
            <span
                ><strong>{each.words}</strong>{each.allowed
                    ? `${each.minutes} min a figure, then ${duration(each.dry_minutes)} to dry`
                    : 'ruled out by your answers on Figures'}</span
            ></label
        >
    {/each}
</div>
<ul class="cards">
    {#each data.grounds as ground (ground.id)}
        <GroundCard
            {figure}
            {ground}
            {busy}
            otherWay={way === data.kind ? null : (chosenKind?.words.toLowerCase() ?? null)}
            ontake={() => ontake(ground.paint_id, ground.lights, way)}
        />
    {/each}
</ul>
{#if chosenKind?.cautions.length}
    <h2>Before you start</h2>
    <ul class="cautions">
        {#each chosenKind.cautions as caution (caution)}<li>{caution}</li>{/each}
    </ul>
{/if}

<style>
    .why {
        margin: 4px 0 10px;
    }
    .warning {
        margin: 0 0 14px;
        padding-left: 12px;
        border-left: 4px solid var(--warn);
    }
    .warning p {
        margin: 0 0 6px;
    }
    .kinds {
        display: flex;
        flex-wrap: wrap;
        gap: 8px 28px;
        margin: 14px 0 18px;
    }
    .kinds label {
        display: flex;
        gap: 8px;
        align-items: start;
    }
    .kinds strong {
        display: block;
    }
    .kinds span {
        font-size: var(--size-plain);
    }
    .ruled {
        color: var(--ink-soft);
    }
    .cards {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
        gap: 18px;
        margin: 0;
        padding: 0;
        list-style: none;
    }
    h2 {
        margin-top: 24px;
    }
    .cautions {
        margin: 8px 0;
        padding-left: 18px;
    }
</style>
