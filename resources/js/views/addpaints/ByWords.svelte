<script lang="ts">
    import { Button, TextArea } from 'carbon-components-svelte';
    import { sentence } from '../../api/client';
    import { counted } from '../../parts/words';
    import Added from './Added.svelte';
    import { ByWords } from './by-words.svelte';
    import UnderstoodPaint from './UnderstoodPaint.svelte';

    const list = new ByWords();
    const waiting = $derived(list.understood.length - list.ready.length);
</script>

<h1>Type or paste your paints</h1>
<p class="soft lead">
    One pot a line, as you keep them: what it is, what colour, in what it comes, how much is left, where it is. A word
    or two is enough for a colour.
</p>
<div class="both">
    <div>
        <TextArea
            labelText="Your paints, one a line"
            rows={16}
            placeholder={'Deep Navy – opaque – navy blue\nSepia wash\nOld Brass\nStorm Lantern; opaque; dark warm red; 17 ml; half full'}
            bind:value={list.text}
        />
        <div class="do">
            <Button
                disabled={!list.settled || list.ready.length === 0 || list.paints.write.pending}
                onclick={() => list.keep()}
                >{list.ready.length ? `Add ${counted(list.ready.length, 'paint')}` : 'Add these paints'}</Button
            >
            {#if waiting > 0}<p class="soft">{counted(waiting, 'line')} will stay here: see the notes beside.</p>{/if}
        </div>
        <Added paints={list.paints} />
    </div>
    <section aria-label="As it is understood">
        {#if list.problem}
            <p role="alert">{sentence(list.problem)}</p>
        {:else if list.understood.length}
            <p class="soft head">
                Understood like this. Colours from words are guesses, good to about ±6 (1 is just visible side by side);
                they stay marked until you measure, pick or type something better. Press a neighbouring colour to take
                that.
            </p>
            <ul>
                {#each list.understood as paint (paint.at)}<UnderstoodPaint {paint} {list} />{/each}
            </ul>
        {:else}
            <p class="soft head">
                Here you will see each line as it is understood, before anything is added. Pasting a column of a
                spreadsheet works too; a line that ends with a colon names the range of the lines below it.
            </p>
        {/if}
    </section>
</div>

<style>
    .lead {
        max-width: 640px;
        margin: 8px 0 18px;
    }
    .both {
        display: grid;
        grid-template-columns: minmax(260px, 2fr) 3fr;
        gap: 28px;
        align-items: start;
    }
    .do {
        display: flex;
        flex-wrap: wrap;
        gap: 8px 14px;
        align-items: center;
        margin: 14px 0;
    }
    .head {
        margin: 24px 0 10px;
    }
    ul {
        margin: 0;
        padding: 0;
        list-style: none;
    }
    @media (max-width: 720px) {
        .both {
            grid-template-columns: 1fr;
        }
        .head {
            margin-top: 0;
        }
    }
</style>
