<script lang="ts">
    import type { NextSitting, SittingNow } from '../../api/wire';
    import LayOut from '../../parts/LayOut.svelte';

    interface Props {
        sheet: NextSitting;
        /** the one that is under way */
        sitting: SittingNow | null;
    }
    let { sheet, sitting }: Props = $props();
    let minutes = $state('40');
    const heads = { now: 'Tonight', today: 'Today', later: 'Next' };
    const wide = $derived(sheet.blocks.filter((b) => b.wide >= 4));
</script>

{#if sitting}
    <h2>{sheet.when === 'now' ? 'Left tonight' : 'After that'}: {sheet.title}, {sheet.minutes_words}</h2>
{:else}
    <h1>{heads[sheet.when]}: {sheet.title}, {sheet.minutes_words}</h1>
{/if}
<p class="soft">
    {sheet.day}.{sheet.milestones.length ? ` Afterwards all figures are ${sheet.milestones.join(' and ')}.` : ''}
</p>
<div
    class="blocks"
    role="img"
    aria-label="Its steps: {sheet.blocks.map((b) => `${b.what}, ${b.technique}`).join('; ')}"
>
    {#each sheet.blocks as block (block.id)}
        <i
            class:bare={!block.hex}
            style:left="{block.left}%"
            style:width="calc({block.wide}% - 2px)"
            style:background={block.hex ?? undefined}
            title="{block.what}, {block.technique}, {block.minutes} min"
        ></i>
    {/each}
    {#each sheet.gaps as gap (gap.left)}
        <i class="gap" style:left="{gap.left}%" style:width="calc({gap.wide}% - 2px)" title="wait {gap.words}"></i>
    {/each}
</div>
<div class="names" aria-hidden="true">
    {#each wide as block (block.id)}
        <span class:narrow={block.wide < 9} style:left="{block.left}%" style:width="{block.wide}%"
            >{block.what} <em>· {block.technique}</em><br />{block.minutes} min</span
        >
    {/each}
</div>
{#if !sitting}
    <div class="acts">
        <LayOut company={sheet.company_id} origin="order" words="Start: {sheet.first.toLowerCase()}" size="large" />
        <p>
            <label
                >I have only <input
                    class="plain-field"
                    type="number"
                    min="5"
                    max="720"
                    aria-label="Minutes you have"
                    bind:value={minutes}
                /> minutes</label
            >
            <LayOut
                company={sheet.company_id}
                origin="minutes"
                minutes={Number(minutes)}
                words="Lay that out"
                disabled={!minutes}
            />
        </p>
    </div>
{/if}

<style>
    h1 {
        margin-bottom: 4px;
    }
    h2 {
        font-size: var(--size-head);
    }
    .blocks {
        position: relative;
        height: 72px;
        margin-top: 12px;
    }
    .blocks i {
        position: absolute;
        top: 0;
        bottom: 0;
    }
    .bare {
        border: 1px solid var(--ink-soft);
    }
    .gap {
        border: 1px dashed var(--ink-soft);
    }
    .names {
        position: relative;
        height: 52px;
        font-size: var(--size-fine);
        line-height: 1.25;
    }
    .names span {
        position: absolute;
        overflow: hidden;
        padding: 4px 4px 0 0;
        max-height: 50px;
    }
    .names em {
        font-style: normal;
    }
    /* A word that would be cut off is left out: all of it stands in the block's title. */
    .narrow em {
        display: none;
    }
    .acts {
        display: flex;
        flex-wrap: wrap;
        gap: 14px 26px;
        align-items: center;
        margin-top: 10px;
    }
    .acts p {
        display: flex;
        flex-wrap: wrap;
        gap: 10px;
        align-items: center;
    }
    input {
        width: 64px;
    }
    @media (max-width: 720px) {
        .names {
            display: flex;
            flex-wrap: wrap;
            gap: 4px 16px;
            height: auto;
            padding-top: 6px;
        }
        .names span {
            position: static;
            width: auto !important;
        }
        .narrow em {
            display: inline;
        }
    }
</style>
