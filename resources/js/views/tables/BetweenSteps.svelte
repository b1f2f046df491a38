<script lang="ts">
    import type { LadderTable } from '../../api/wire';
    import UseLadder from './UseLadder.svelte';

    interface Props {
        ladder: LadderTable;
    }
    let { ladder }: Props = $props();

    let picked: number | null = $state(null);
    const middle = $derived(Math.min(picked ?? Math.floor(ladder.steps.length / 2), ladder.steps.length - 1));
    const own = $derived(ladder.steps[middle]);

    function take(area: number) {
        const mixes = ladder.steps.map((s) => s.mix.map((p) => `${p.paint_id}:${p.parts}`).join(','));
        const query = new URLSearchParams({ ladder: mixes.join(';'), middle: String(middle), colour: own?.hex ?? '' });
        location.hash = `#/recipe/${area}?${query}`;
    }

    const told = $derived(
        ladder.even
            ? 'To the eye every step is the same.'
            : `The largest step is ${ladder.unevenness.toFixed(1)} times the smallest: more drops to a mix, or fewer steps, make it more even.`,
    );
</script>

<ol style:--steps={ladder.steps.length}>
    {#each ladder.steps as step, i (i)}
        <li>
            <i style:background={step.hex}></i>
            <p class="parts">{step.mix.length > 1 ? step.mix.map((p) => p.parts).join(' : ') : 'alone'}</p>
            <p class="words">{step.mix_words}</p>
            <label class="own"
                ><input type="radio" name="own" checked={i === middle} onchange={() => (picked = i)} /> the area's colour</label
            >
            {#if i < ladder.differences.length}<p class="apart">
                    {ladder.differences[i]?.toFixed(1)} to the next
                </p>{/if}
        </li>
    {/each}
</ol>
<p class="told">{told}</p>
<UseLadder what="this ladder" ontake={take} />
<p class="soft">
    The rung you mark is the colour of the area; darker rungs become its shades, lighter ones its highlights.
</p>
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

<style>
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
    .own {
        display: flex;
        gap: 6px;
        align-items: center;
        margin-top: 4px;
        font-size: var(--size-small);
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
        ol {
            display: block;
        }
        li {
            display: grid;
            grid-template-columns: 110px 70px 1fr;
            grid-template-areas: 'colour parts words' 'colour own own' 'colour parts apart';
            gap: 0 12px;
        }
        i {
            grid-area: colour;
            height: 68px;
        }
        .parts {
            grid-area: parts;
        }
        .own {
            grid-area: own;
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
