<script lang="ts">
    import type { Pair, Scheme } from '../../api/wire';
    import Agreed from './Agreed.svelte';
    import { parts, type SchemeDesk } from './scheme.svelte';

    interface Props {
        scheme: Scheme;
        desk: SchemeDesk;
    }
    let { scheme, desk }: Props = $props();

    const findings = $derived(scheme.pairs.filter((p) => p.verdict !== 'clear' && !p.parted));
    const area = (id: number) => scheme.areas.find((a) => a.id === id);
    const lower = (id: number) => area(id)?.name.toLowerCase() ?? '';
    const heads: Record<Pair['verdict'], string> = {
        clear: 'are clear',
        weak: 'are weak',
        lost: 'run together',
        small: 'are too small to read',
    };

    function take(pair: Pair) {
        if (!pair.mend) return;
        void desk.choose([{ area: pair.mend.area, colour: null, mix: parts(pair.mend.mix), fixed: false }]);
    }
</script>

<h2>To fix</h2>
{#if scheme.pairs.length === 0}
    <p class="soft">
        Once neighbours have colours, those that run into each other are listed here, with the nearest change that
        separates them.{scheme.areas.some((a) => a.fixed) ? ' Let the rest be proposed, or choose further areas.' : ''}
    </p>
{:else if findings.length === 0}
    <p>
        {scheme.pairs.some((p) => p.parted)
            ? 'Nothing more: those that run together are parted as you chose.'
            : `Nothing: all ${scheme.pairs.length} pairs can be told apart from ${scheme.metres} m.`}
    </p>
{/if}
{#each scheme.dulled as said (said)}<p class="soft">{said}</p>{/each}
<ul>
    {#each findings as pair (`${pair.one}-${pair.other}`)}
        <li>
            <h3>{area(pair.one)?.name} and {lower(pair.other)} {heads[pair.verdict]}</h3>
            <div class="pair" role="img" aria-label="{area(pair.one)?.name} beside {lower(pair.other)}">
                <i style:background={area(pair.one)?.hex}></i><i style:background={area(pair.other)?.hex}></i>
            </div>
            <p class="soft">{pair.sentence}</p>
            {#if pair.mend}
                <p class="mend">
                    <i style:background={pair.mend.hex}></i>
                    <span
                        >Make {lower(pair.mend.area)}
                        <strong>{pair.mend.words}</strong>: {pair.mend.mix_words}, {pair.mend.apart} from now.
                        <button class="link-button" disabled={desk.busy} onclick={() => take(pair)}
                            >Use this<span class="visually-hidden">{` for ${lower(pair.mend.area)}`}</span></button
                        ></span
                    >
                </p>
            {:else if !pair.looked}
                <p class="soft">Fix those above first: they are worse, and their changes may help here too.</p>
            {:else if pair.verdict !== 'small'}
                <p class="soft">
                    No colour on your shelf separates them without joining another pair, or you keep both.
                </p>
            {/if}
            {#if pair.instead}<p class="soft">{pair.instead}</p>{/if}
            <p class="ways">
                <button
                    class="link-button"
                    disabled={desk.busy}
                    onclick={() => desk.part(pair.one, pair.other, 'tints')}>Tint the edges</button
                >
                <button class="link-button" disabled={desk.busy} onclick={() => desk.part(pair.one, pair.other, 'line')}
                    >Draw a line</button
                >
                <button
                    class="link-button"
                    disabled={desk.busy}
                    onclick={() => desk.meanAlike(pair.one, pair.other, true)}>They are meant alike</button
                >
            </p>
        </li>
    {/each}
</ul>
<Agreed {scheme} {desk} />
{#if scheme.pairs.length}
    <details>
        <summary>How this is judged</summary>
        <p class="soft">{scheme.model}</p>
    </details>
{/if}

<style>
    ul {
        margin: 8px 0 0;
        padding: 0;
        list-style: none;
    }
    li {
        padding: 12px 0;
        border-top: 1px solid var(--rule);
    }
    h3 {
        font-family: var(--text);
        font-size: var(--size-body);
        font-weight: 600;
    }
    .pair {
        display: flex;
        height: 40px;
        margin: 8px 0;
    }
    .pair i {
        flex: 1;
    }
    .ways {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 16px;
        margin-top: 4px;
    }
    summary {
        margin-top: 12px;
        cursor: pointer;
    }
    .mend {
        display: grid;
        grid-template-columns: 40px 1fr;
        gap: 10px;
        margin-top: 8px;
    }
    .mend i {
        height: 40px;
    }
</style>
