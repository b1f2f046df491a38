<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { ladderQuery, shelfQuery } from '../../api/queries';
    import PaintSelect from '../../parts/PaintSelect.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { Question } from './question.svelte';

    const question = new Question('between', { from: '', to: '', count: '5', drops: '12' });
    const shelf = createQuery(shelfQuery);
    const paints = $derived(
        shelf.data?.paints.filter((p) => p.look && ['opaque', 'semi-opaque'].includes(p.behaviour)) ?? [],
    );
    const known = $derived(paints.filter((p) => p.at_hand));
    const dark = $derived(known.find((p) => p.family === 'blues' && (p.lab?.[0] ?? 100) < 40) ?? known[0]);
    const light = $derived(known.find((p) => p.family === 'yellows' && p.id !== dark?.id) ?? known[1]);
    const from = $derived(question.get('from') || String(dark?.id ?? ''));
    const to = $derived(question.get('to') || String(light?.id ?? ''));
    const asked = $derived({ ...question.all, from, to });
    const table = createQuery(() => ({ ...ladderQuery(asked), placeholderData: (before) => before }));
    const ladder = $derived(table.data);
    const told = $derived(
        ladder &&
            (ladder.even
                ? 'To the eye every step is the same.'
                : `The largest step is ${ladder.unevenness.toFixed(1)} times the smallest: more drops to a mix, or fewer steps, make it more even.`),
    );
</script>

<h1>Between two</h1>
<p class="soft">
    Steps from one paint to another, in whole drops, chosen so that neighbours differ as evenly as they can. Equal drops
    would not: a strong paint soon takes over.
</p>
<div class="ask">
    <PaintSelect label="From" {paints} value={from} onchoose={(id) => id && question.set('from', id)} />
    <PaintSelect label="To" {paints} value={to} onchoose={(id) => id && question.set('to', id)} />
    <label>
        <span>Steps: <b>{question.get('count')}</b></span>
        <input
            type="range"
            min="3"
            max="9"
            value={question.get('count')}
            oninput={(e) => question.set('count', e.currentTarget.value)}
        />
    </label>
    <label>
        <span>Drops in a mix, at most: <b>{question.get('drops')}</b></span>
        <input
            type="range"
            min="4"
            max="16"
            value={question.get('drops')}
            oninput={(e) => question.set('drops', e.currentTarget.value)}
        />
    </label>
</div>
{#if shelf.data && paints.length < 2}
    <p>Two covering paints are needed. <a href="#/shelf">Bring them to the shelf</a> first.</p>
{:else if table.isError}
    <Waiting problem={table.error} />
{:else if ladder}
    <ol style:--steps={ladder.steps.length}>
        {#each ladder.steps as step, i (i)}
            <li>
                <i style:background={step.hex}></i>
                <p class="parts">{step.mix.length > 1 ? step.mix.map((p) => p.parts).join(' : ') : 'alone'}</p>
                <p class="words">{step.mix_words}</p>
                {#if i < ladder.differences.length}<p class="apart">
                        {ladder.differences[i]?.toFixed(1)} to the next
                    </p>{/if}
            </li>
        {/each}
    </ol>
    <p class="told">{told}</p>
    <h2>Equal drops instead</h2>
    <div
        class="equal"
        style:--steps={ladder.steps.length}
        role="img"
        aria-label="With equal drops: {ladder.equal_drops.map((e) => e.hex).join(', ')}"
    >
        {#each ladder.equal_drops as step, i (i)}<span><i style:background={step.hex}></i>{step.parts || 'alone'}</span
            >{/each}
    </div>
    <p class="soft">Mixes are predicted to ±{Math.max(...ladder.steps.map((s) => s.certainty)).toFixed(1)}.</p>
{/if}

<style>
    .ask {
        display: grid;
        grid-template-columns: repeat(4, minmax(0, 1fr));
        gap: 16px 24px;
        align-items: start;
        margin: 18px 0 22px;
    }
    label span {
        display: block;
        margin-bottom: 12px;
        font-size: var(--size-small);
        color: var(--ink-soft);
    }
    input {
        width: 100%;
    }
    ol {
        display: grid;
        grid-template-columns: repeat(var(--steps), minmax(0, 1fr));
        margin: 0;
        padding: 0;
        list-style: none;
    }
    i {
        display: block;
        height: 210px;
    }
    .parts {
        margin-top: 8px;
        padding-right: 8px;
        font-family: var(--display);
        font-size: var(--size-title);
    }
    .words,
    .apart {
        padding-right: 12px;
        font-size: var(--size-small);
    }
    .apart {
        margin-top: 6px;
        color: var(--ink-soft);
    }
    h2 {
        margin: 22px 0 8px;
        font-size: var(--size-head);
    }
    .equal {
        display: grid;
        grid-template-columns: repeat(var(--steps), minmax(0, 1fr));
        margin-bottom: 10px;
        font-size: var(--size-small);
        color: var(--ink-soft);
    }
    .equal i {
        height: 64px;
        margin-bottom: 3px;
    }
    .told {
        margin-top: 18px;
        font-size: var(--size-head);
    }
    @media (max-width: 720px) {
        .ask {
            grid-template-columns: 1fr 1fr;
        }
        ol {
            display: block;
        }
        li {
            display: grid;
            grid-template-columns: 110px 70px 1fr;
            grid-template-areas: 'colour parts words' 'colour parts apart';
            gap: 0 12px;
        }
        i {
            grid-area: colour;
            height: 68px;
        }
        .parts {
            grid-area: parts;
        }
        .words {
            grid-area: words;
            padding-top: 10px;
        }
        .apart {
            grid-area: apart;
            margin: 0;
        }
    }
</style>
