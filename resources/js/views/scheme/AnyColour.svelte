<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { matchesQuery } from '../../api/queries';
    import type { MixPart, SchemeArea } from '../../api/wire';
    import ColourField from '../../parts/ColourField.svelte';
    import { isHex } from '../../parts/words';

    interface Props {
        area: SchemeArea;
        colour: string;
        busy: boolean;
        ongive: (hex: string | null, mix: MixPart[] | null) => void;
    }
    let { area, colour = $bindable(), busy, ongive }: Props = $props();

    const matches = createQuery(() => ({
        ...matchesQuery({
            colour: isHex(colour) ? colour : '',
            kinds: area.material === 'metal' ? 'metallic,opaque,semi-opaque' : '',
        }),
        placeholderData: (before) => before,
    }));
</script>

<ColourField
    label="Colour of {area.name.toLowerCase()}"
    value={colour}
    height="76px"
    onpick={(hex) => (colour = hex)}
/>
<p>
    <button class="link-button" disabled={!isHex(colour) || busy} onclick={() => ongive(colour, null)}
        >Use exactly this</button
    >
</p>
{#if matches.data}
    <p class="soft">or the nearest your shelf can make:</p>
    <ul>
        {#each matches.data.matches.slice(0, 5) as match (match.mix_words)}
            <li>
                <i style:background={match.look}></i>
                <span
                    >{match.mix_words}<small>{match.difference.toFixed(1)} off</small>
                    <button class="link-button" disabled={busy} onclick={() => ongive(null, match.mix)}
                        >Use<span class="visually-hidden">{` ${match.mix_words}`}</span></button
                    ></span
                >
            </li>
        {/each}
    </ul>
{/if}

<style>
    ul {
        margin: 6px 0;
        padding: 0;
        list-style: none;
    }
    li {
        display: grid;
        grid-template-columns: 56px 1fr;
        gap: 12px;
        align-items: center;
        padding: 5px 0;
        font-size: var(--size-plain);
    }
    li i {
        height: 44px;
    }
    small {
        display: block;
        color: var(--ink-soft);
    }
</style>
