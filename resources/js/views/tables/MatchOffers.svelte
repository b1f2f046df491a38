<script lang="ts">
    import { RadioButton, RadioButtonGroup } from 'carbon-components-svelte';
    import type { Alternative } from '../../api/wire';
    import Drops from '../../parts/Drops.svelte';
    import { counted } from '../../parts/words';

    interface Props {
        /** as the core ranked them */
        matches: Alternative[];
        /** paints looked through */
        paints: number;
        /** expected or predicted: in which order they stand */
        by: string;
        onby: (by: string) => void;
        /** leaves a paint out of the search */
        onwithout: (id: string) => void;
    }
    let { matches, paints, by, onby, onwithout }: Props = $props();

    const groups = $derived(
        by === 'predicted'
            ? [{ name: 'Nearest on paper', about: 'by what is predicted, however sure', offers: matches }]
            : [
                  {
                      name: 'As good as the best',
                      about: 'one pot before two, then one family of hues, then what is plentiful',
                      offers: matches.filter((m) => m.as_good),
                  },
                  { name: 'Further off', about: 'by what to expect', offers: matches.filter((m) => !m.as_good) },
              ].filter((g) => g.offers.length),
    );
</script>

<div class="order">
    <RadioButtonGroup legendText="" hideLegend selected={by} on:change={(e) => onby(String(e.detail))}>
        <RadioButton value="expected" labelText="What to expect on the figure" />
        <RadioButton value="predicted" labelText="Nearest on paper" />
    </RadioButtonGroup>
    <span class="soft">{counted(paints, 'paint')} looked through.</span>
</div>
{#each groups as group (group.name)}
    <h2>{group.name} <span class="soft">{group.about}</span></h2>
    <ol>
        {#each group.offers as offer (offer.mix_words)}
            <li>
                <i style:background={offer.look}></i>
                <div>
                    <b>{offer.mix_words}</b>
                    <span
                        >expect {offer.expected.toFixed(1)} off
                        <span class="soft"
                            >{offer.difference.toFixed(1)} on paper, to ±{offer.certainty.toFixed(1)}</span
                        ></span
                    >
                    {#each offer.mix as part (part.paint_id)}
                        <button class="link-button" onclick={() => onwithout(String(part.paint_id))}
                            >without {offer.mix.length > 1 ? part.name : 'it'}</button
                        >
                    {/each}
                </div>
                <Drops mix={offer.mix} size={24} />
            </li>
        {/each}
    </ol>
{/each}

<style>
    .order {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 28px;
        align-items: center;
    }
    h2 {
        margin-top: 14px;
        font-size: var(--size-head);
    }
    h2 span {
        font-family: var(--text);
        font-size: var(--size-small);
    }
    ol {
        max-width: 900px;
        margin: 8px 0 0;
        padding: 0;
        list-style: none;
    }
    li {
        display: grid;
        grid-template-columns: 96px 1fr auto;
        gap: 18px;
        align-items: center;
        padding: 6px 0;
        border-top: 1px solid var(--rule);
    }
    i {
        height: 48px;
    }
    b {
        display: block;
        font-weight: 600;
    }
    .link-button {
        margin-left: 12px;
        font-size: var(--size-small);
    }
    @media (max-width: 720px) {
        li {
            grid-template-columns: 56px 1fr;
        }
        li > :global(.drops) {
            grid-column: 2;
        }
        .link-button {
            margin: 0 12px 0 0;
        }
    }
</style>
