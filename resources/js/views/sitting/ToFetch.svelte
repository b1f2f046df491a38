<script lang="ts">
    import type { FetchItem, Sitting } from '../../api/wire';
    import { counted, until } from '../../parts/words';
    import FetchGroup from './FetchGroup.svelte';

    interface Props {
        view: Sitting;
        busy: boolean;
        onstart: () => void;
        ontick: (key: string, fetched: boolean) => void;
    }
    let { view, busy, onstart, ontick }: Props = $props();
    const groups: [string, FetchItem['kind'][]][] = [
        ['Paints', ['paint']],
        ['To mix', ['mix']],
        ['Brushes and tools', ['brush', 'metal', 'tool']],
        ['Solvents and safety', ['solvent', 'gear']],
    ];
    const left = $derived(view.fetch.filter((f) => !f.fetched).length);
</script>

<div class="evening">
    <main>
        <h1>Fetch for {view.words}</h1>
        <p class="soft">
            {counted(view.steps.length, 'step')}, about {view.all_words} of work. {left
                ? `${counted(left, 'thing')} to fetch.`
                : 'Everything is on the table.'}
        </p>
        <div class="groups">
            {#each groups as [name, kinds] (name)}
                {@const items = view.fetch.filter((f) => kinds.includes(f.kind))}
                {#if items.length}<FetchGroup {name} {items} {ontick} />{/if}
            {/each}
        </div>
        <p class="foot">
            <button class="go" disabled={busy} onclick={onstart}
                >{view.started ? 'Go on' : `Start: ${view.next?.words ?? view.words}`}</button
            >
            {#if left && !view.started}<span class="soft">You can start before everything is ticked.</span>{/if}
        </p>
    </main>
    <aside aria-label="Before you start">
        {#if view.wet.length}
            <h2>Has to be dry first</h2>
            {#each view.wet as wet (wet.what)}
                <p>{wet.what}: until {until(wet.until, new Date().toISOString())}</p>
            {/each}
        {/if}
        <h2>Mind tonight</h2>
        {#each view.cautions as caution (caution)}<p>{caution}</p>{/each}
        <h2>In this order</h2>
        <ol>
            {#each view.steps as step (`${step.company_id}${step.id}`)}
                <li class:done={!step.left.length}>
                    {step.words} <span class="soft">{step.minutes} min</span>{step.left.length ? '' : ' ✓'}
                </li>
            {/each}
        </ol>
    </aside>
</div>

<style>
    main {
        display: flex;
        flex-direction: column;
        padding-bottom: 0;
    }
    .groups {
        columns: 2;
        column-gap: 34px;
        margin-top: 14px;
    }
    ol {
        margin: 0;
        padding-left: 20px;
    }
    .done {
        color: var(--ink-soft);
    }
    .foot {
        position: sticky;
        bottom: 0;
        display: flex;
        flex-wrap: wrap;
        gap: 8px 18px;
        align-items: center;
        margin-top: auto;
        padding: 14px 0;
        background: var(--surround);
    }
    .go {
        min-height: 60px;
        padding: 0 36px;
        border: 0;
        background: var(--accent);
        color: #ffffff;
        font: inherit;
        font-size: var(--size-head);
        font-weight: 600;
        cursor: pointer;
    }
    @media (max-width: 980px) {
        .groups {
            columns: 1;
        }
        .go {
            width: 100%;
        }
    }
</style>
