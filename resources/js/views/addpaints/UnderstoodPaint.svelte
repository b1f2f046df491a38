<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { shelfQuery } from '../../api/queries';
    import type { TypedPaint } from '../../api/wire';
    import type { ByWords } from './by-words.svelte';

    interface Props {
        paint: TypedPaint;
        list: ByWords;
    }
    let { paint, list }: Props = $props();

    const shelf = createQuery(shelfQuery);
    let colour = $state('');
    const fields = $derived(paint.fields);
    const isAway = $derived(paint.known || paint.twice);

    function sayColour(event: Event) {
        event.preventDefault();
        if (colour.trim()) list.say(paint, { colour: colour.trim() });
    }
</script>

<li class:away={isAway}>
    <i style:background={fields.colour || undefined} class:none={!fields.colour}></i>
    <div class="what">
        <p>
            <strong>{fields.name}</strong>
            <select
                class="line-select"
                aria-label="How {fields.name} behaves"
                value={fields.behaviour}
                onchange={(e) => list.say(paint, { behaviour: e.currentTarget.value })}
            >
                {#each shelf.data?.behaviours ?? [] as b (b.id)}<option value={b.id}>{b.id}</option>{/each}
            </select>
            <button class="plain-button drop" aria-label="Leave out {fields.name}" onclick={() => list.drop(paint)}
                >×</button
            >
        </p>
        <p class="soft">
            {#if paint.guess !== null}
                {paint.words}{paint.over_white ? ', one coat over white' : ''} · guessed from “{paint.from}”, ±{paint.guess}
            {:else if fields.colour}
                {paint.words} · <span class="mono">{fields.colour}</span> as you typed it
            {:else if !paint.doubt}
                no colour needed
            {/if}
            {[
                fields.line,
                fields.bottle_ml && `${fields.bottle_ml} ml`,
                fields.left_ml && `${fields.left_ml} ml left`,
                fields.bottles && `${fields.bottles} bottles`,
                fields.owned === 'no' && 'not owned',
                fields.notes && `note: ${fields.notes}`,
            ]
                .filter(Boolean)
                .map((t) => ` · ${t}`)
                .join('')}
        </p>
        {#if paint.known}<p class="doubt">It is on your shelf already, so this line is left alone.</p>
        {:else if paint.twice}<p class="doubt">The same paint is further up in this list.</p>
        {:else if paint.doubt || paint.unsure}
            <form class="doubt" onsubmit={sayColour}>
                <label for="colour-{paint.at}"
                    >{paint.doubt || 'The name may mean something else. Another colour?'}</label
                >
                <input id="colour-{paint.at}" class="small-field" bind:value={colour} onchange={sayColour} />
            </form>
        {/if}
    </div>
</li>

<style>
    li {
        display: grid;
        grid-template-columns: 84px minmax(0, 1fr);
        gap: 14px;
        padding: 8px 0;
        border-bottom: 1px solid var(--rule);
    }
    li i {
        min-height: 46px;
    }
    li i.none {
        border: 1px dashed var(--rule);
    }
    .away i {
        opacity: 0.45;
    }
    .what p:first-child {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 12px;
        align-items: center;
    }
    .drop {
        margin-left: auto;
        padding: 0 10px;
        font-size: var(--size-head);
    }
    .doubt {
        display: flex;
        flex-wrap: wrap;
        gap: 6px 12px;
        align-items: center;
        margin-top: 4px;
        padding-left: 10px;
        border-left: 4px solid var(--warn);
        font-size: var(--size-plain);
    }
    .doubt input {
        flex: 1 1 160px;
        background: var(--raised);
    }
</style>
