<script lang="ts">
    import type { TypedPaint } from '../../api/wire';
    import Asks from '../../parts/Asks.svelte';
    import type { ByWords } from './by-words.svelte';
    import NearColours from './NearColours.svelte';
    import UnderstoodKind from './UnderstoodKind.svelte';

    interface Props {
        paint: TypedPaint;
        list: ByWords;
    }
    let { paint, list }: Props = $props();

    let colour = $state('');
    const fields = $derived(paint.fields);
    /** a wash: its bottle, and one coat of it over white */
    const drawn = $derived(
        paint.look && paint.look !== fields.colour
            ? `linear-gradient(90deg, ${paint.look} 62%, ${fields.colour} 62%)`
            : (paint.look ?? undefined),
    );
    const isAway = $derived(paint.known || paint.twice);
    const kept = $derived(
        [
            fields.line && `range ${fields.line}`,
            fields.bottle_ml && `${fields.bottle_ml} ml`,
            fields.left_ml && `${fields.left_ml} ml left`,
            fields.bottles && `${fields.bottles} of them`,
            fields.place && `in ${fields.place}`,
            fields.owned === 'no' && 'not owned',
        ].filter(Boolean),
    );

    function sayColour(event: Event) {
        event.preventDefault();
        if (colour.trim()) list.say(paint, { colour: colour.trim() });
    }
</script>

<li class:away={isAway}>
    <i style:background={drawn} class:none={!paint.look}></i>
    <div class="what">
        <UnderstoodKind {paint} {list} />
        <p class="soft">
            {#if paint.guess !== null}
                {paint.words}{paint.look === fields.colour
                    ? paint.over_white
                        ? ', one coat over white'
                        : ''
                    : ' in the bottle, beside it one coat over white'} · guessed from “{paint.from}”, ±{paint.guess}
            {:else if fields.colour}
                {paint.words} · <span class="mono">{fields.colour}</span> as you told it
            {:else if !paint.doubt && !paint.questions.length}
                no colour needed
            {/if}
            {kept.map((t) => ` · ${t}`).join('')}
        </p>
        {#if fields.notes}<p class="soft">Not read: <em>{fields.notes}</em>. Kept as your note.</p>{/if}
        {#each paint.findings as finding, i (i)}<p class="soft">{finding}</p>{/each}
        {#if paint.known}<p class="doubt">It is on your shelf already, so this line is left alone.</p>
        {:else if paint.twice}<p class="doubt">The same paint is further up in this list.</p>
        {:else}
            {#each paint.questions as question, i (i)}
                <Asks
                    asks={question.asks}
                    choices={question.choices.map((c) => ({
                        words: c.words,
                        press: () => list.choose(paint, c.line),
                    }))}
                />
            {/each}
            {#if paint.doubt || paint.unsure}
                <form class="doubt" onsubmit={sayColour}>
                    <label for="colour-{paint.at}"
                        >{paint.doubt || 'The name may mean something else. Another colour?'}</label
                    >
                    <input id="colour-{paint.at}" class="small-field" bind:value={colour} onchange={sayColour} />
                </form>
            {/if}
            {#if paint.beside.length}<NearColours {paint} {list} />{/if}
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
