<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { sentence } from '../../api/client';
    import { rungsQuery } from '../../api/queries';

    interface Props {
        /** the wanted colour, whole */
        colour: string;
        /** contrast, directions, and whether the rungs are mixed */
        wish: Record<string, string>;
    }
    let { colour, wish }: Props = $props();

    const NAMES: Record<string, string> = { drybrush: 'middle light', layer: 'the colour', accent: 'last light' };
    let chosen = $state('');
    const ladder = createQuery(() => ({ ...rungsQuery({ colour, ...wish }), placeholderData: (before) => before }));
    const rungs = $derived(ladder.data?.rungs ?? []);
    const told = $derived(rungs.find((r) => r.rung === chosen) ?? rungs[0]);
</script>

{#if ladder.isError}
    <p role="alert">{sentence(ladder.error)}</p>
{:else if told}
    <div class="ladder" role="group" aria-label="The ladder of this colour">
        {#each rungs as rung (rung.rung)}
            <button
                type="button"
                aria-pressed={rung.rung === told.rung}
                aria-label="{NAMES[rung.rung] ?? rung.rung}: wanted {rung.wanted}, painted with {rung.mix_words}"
                onclick={() => (chosen = rung.rung)}
            >
                <i style:background={rung.wanted}></i>
                <i style:background={rung.hex}></i>
                <span>{NAMES[rung.rung] ?? rung.rung}</span>
                <small>{rung.apart.toFixed(1)} apart</small>
            </button>
        {/each}
    </div>
    <p class="soft">Above as it is wanted, below as your shelf would paint it: {told.mix_words}. {told.reason}</p>
    {#if ladder.data?.even}<p class="soft">{ladder.data.even}</p>{/if}
{/if}

<style>
    .ladder {
        display: grid;
        grid-template-columns: repeat(6, 1fr);
        gap: 0;
        align-items: start;
        margin-top: 16px;
    }
    button {
        padding: 0;
        border: 0;
        background: none;
        color: var(--ink);
        font: inherit;
        font-size: var(--size-small);
        text-align: left;
        cursor: pointer;
    }
    button[aria-pressed='true'] span {
        font-weight: 600;
        text-decoration: underline;
        text-underline-offset: 3px;
    }
    i {
        display: block;
        height: 40px;
    }
    span {
        display: block;
        margin-top: 4px;
        line-height: 1.15;
    }
    small {
        font-size: var(--size-fine);
        color: var(--ink-soft);
    }
    p {
        min-height: 2.8em;
        margin: 8px 0;
    }
</style>
