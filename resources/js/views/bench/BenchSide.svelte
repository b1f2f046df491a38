<script lang="ts">
    import type { Bench } from '../../api/wire';
    import { duration, ranges } from '../../parts/words';
    import BenchPictures from './BenchPictures.svelte';
    import DryingClock from './DryingClock.svelte';
    import FiguresFar from './FiguresFar.svelte';
    import OnDevice from './OnDevice.svelte';
    import Slips from './Slips.svelte';
    import type { BenchState } from './bench.svelte';
    import { OCCASIONS, type Occasion } from './doing';
    import type { Presence } from './presence.svelte';

    interface Props {
        bench: BenchState;
        presence: Presence;
        view: Bench;
    }
    let { bench, presence, view }: Props = $props();
    const meanwhile = $derived(view.meanwhile.filter((m) => m.id !== bench.step?.id));
    const upcoming = $derived(view.steps.filter((s) => !s.done && s.id !== bench.step?.id).slice(0, 3));
    const occasions = Object.keys(OCCASIONS) as Occasion[];
</script>

<aside aria-label="What dries, figures, what comes next">
    <h2>{view.company.name}{view.figure === null ? '' : `, figure ${view.figure}`}</h2>
    <h3>Drying</h3>
    {#each view.drying as each (`${each.pass}${each.ids[0]}`)}
        <DryingClock drying={each} now={view.now} ondry={(hairdryer) => bench.dry(each, hairdryer)} />
    {:else}
        <p class="soft">Nothing is drying{view.figure === null ? '' : ' on this figure'}.</p>
    {/each}
    {#if view.drying.length}
        <p class="soft">
            {view.air.usual ? 'Counted for 20 °C and 50 %.' : `Counted for ${view.air.words}.`}
            <button class="link-button" disabled={bench.busy} onclick={() => bench.readAir()}
                >Read the room’s air</button
            >
        </p>
    {/if}
    {#if meanwhile.length && (view.drying.length || bench.wetBelow)}
        <h3>Meanwhile you can paint</h3>
        <ul>
            {#each meanwhile as each (each.id)}
                <li>
                    <button class="plain-button" onclick={() => (bench.turned = each.id)}>{each.words}</button
                    >{each.loaded ? ' · on your brush' : ''}
                </li>
            {/each}
        </ul>
    {:else if upcoming.length}
        <h3>Next after this</h3>
        <ul>
            {#each upcoming as step (step.id)}
                <li>
                    <button class="plain-button" onclick={() => (bench.turned = step.id)}
                        >{step.area}, {step.technique}</button
                    >
                </li>
            {/each}
        </ul>
    {/if}
    <Slips slips={view.slips} busy={bench.busy} onmended={(id) => bench.mended(id)} />
    <h3>Not in the plan</h3>
    <p class="occasions">
        {#each occasions as kind (kind)}
            <button class="tool-link" onclick={() => (bench.dialog = kind)}>{OCCASIONS[kind]}</button>
        {/each}
    </p>
    {#if view.last}
        <p class="soft last">
            Last entry: {view.last.what.toLowerCase()}, {view.last.figures.length > 1 ? 'figures' : 'figure'}
            {ranges(view.last.figures)}.
            <button class="link-button" onclick={() => bench.takeBack()}>Undo</button>
        </p>
    {/if}
    <FiguresFar {bench} {view} />
    {#if view.left_minutes}<p class="soft">{duration(view.left_minutes)} of work left in all</p>{/if}
    <BenchPictures {bench} {view} />
    <OnDevice {presence} spoken={bench.step?.spoken ?? ''} />
</aside>

<style>
    aside {
        padding: 20px 22px 40px;
        background: var(--panel);
    }
    aside :global(h3) {
        margin: 20px 0 8px;
        font-family: var(--text);
        font-weight: 400;
        font-size: var(--size-body);
        color: var(--ink-soft);
    }
    ul {
        margin: 0;
        padding: 0;
        list-style: none;
    }
    li {
        padding: 4px 0;
        font-size: var(--size-body);
    }
    li button {
        text-align: left;
        text-decoration: underline;
        text-underline-offset: 3px;
        text-decoration-color: var(--rule);
    }
    .occasions {
        display: flex;
        flex-wrap: wrap;
        gap: 6px 14px;
    }
    .last {
        margin-top: 12px;
    }
</style>
