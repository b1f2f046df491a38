<script lang="ts">
    import type { Scheme } from '../../api/wire';
    import OffMeans from '../../parts/OffMeans.svelte';
    import { parts, type SchemeDesk } from './scheme.svelte';

    interface Props {
        scheme: Scheme;
        desk: SchemeDesk;
    }
    let { scheme, desk }: Props = $props();
    type Tie = Scheme['together'][number];

    const open = $derived(scheme.together.filter((t) => t.open || t.base));
    const settled = $derived(scheme.together.filter((t) => !t.open && !t.base));
    const companies = $derived([...new Set(scheme.together.map((t) => t.company))].join(' and '));
    const area = (id: number) => scheme.areas.find((a) => a.id === id);

    const use = (tie: Tie) =>
        desk.choose([
            tie.mix.length
                ? { area: tie.area, colour: null, mix: parts(tie.mix), fixed: false }
                : { area: tie.area, colour: tie.hex, mix: null, fixed: false },
        ]);

    /** The colour first: the recipe aims at it. */
    async function paintAsThere(tie: Tie) {
        if (tie.bond === 'same' || (await use(tie))) await desk.follow(tie.area, tie.other);
    }
</script>

{#snippet row(tie: Tie)}
    <li>
        <div class="two" role="img" aria-label="{area(tie.area)?.name ?? ''} here, {tie.other_name} of {tie.company}">
            <i style:background={area(tie.area)?.hex ?? 'none'} class:none={!area(tie.area)?.hex}></i><i
                style:background={tie.hex}
            ></i>
        </div>
        <div>
            <p>{tie.sentence}</p>
            {#if tie.open || tie.base}
                <p class="do">
                    {#if tie.open}<button class="link-button" disabled={desk.busy} onclick={() => use(tie)}
                            >Use this colour<span class="visually-hidden">{` on ${area(tie.area)?.name ?? ''}`}</span
                            ></button
                        >{/if}
                    {#if tie.base}<button class="link-button" disabled={desk.busy} onclick={() => paintAsThere(tie)}
                            >Paint the base as on {tie.company}</button
                        >{/if}
                </p>
            {/if}
        </div>
    </li>
{/snippet}

{#if scheme.together.length}
    <section aria-labelledby="together">
        <h2 id="together">Together with {companies}</h2>
        <OffMeans />
        {#if open.length}
            <ul>
                {#each open as tie (`${tie.bond} ${tie.area} ${tie.other}`)}{@render row(tie)}{/each}
            </ul>
        {:else}
            <p class="soft">Nothing to decide: what they share is the same, what differs is clearly another colour.</p>
        {/if}
        {#if settled.length}
            <ul class="settled">
                {#each settled as tie (`${tie.bond} ${tie.area} ${tie.other}`)}{@render row(tie)}{/each}
            </ul>
        {/if}
    </section>
{/if}

<style>
    section {
        margin-top: 28px;
    }
    ul {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(min(100%, 340px), 1fr));
        gap: 14px 24px;
        margin: 10px 0 0;
        padding: 0;
        list-style: none;
    }
    li {
        display: grid;
        grid-template-columns: 104px 1fr;
        gap: 14px;
        align-items: start;
    }
    .settled {
        margin-top: 18px;
        padding-top: 14px;
        border-top: 1px solid var(--rule);
        color: var(--ink-soft);
        font-size: var(--size-plain);
    }
    .two {
        display: flex;
        height: 48px;
    }
    .two i {
        flex: 1;
    }
    .two .none {
        border: 1px dashed var(--rule);
    }
    .do {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 16px;
        margin-top: 4px;
    }
</style>
