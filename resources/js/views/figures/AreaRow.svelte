<script lang="ts">
    import { material as materialWords } from '../../parts/words';
    import type { Vocabulary } from '../../api/wire';
    import AreaMore from './AreaMore.svelte';
    import type { AreaDraft, CompanyDraft } from './company-draft.svelte';

    interface Props {
        draft: CompanyDraft;
        area: AreaDraft;
        /** its place in the table, from 0 */
        row: number;
        vocabulary: Vocabulary;
        /** refusals by field, as the server names them: areas.0.share */
        bad: Record<string, string>;
        /** whether its neighbours and more are shown */
        open: boolean;
        onopen: () => void;
    }
    let { draft, area = $bindable(), row, vocabulary, bad, open, onopen }: Props = $props();

    const isBad = (field: string) => (`areas.${row}.${field}` in bad ? 'true' : undefined);
</script>

<tr>
    <td
        ><input
            aria-label="Name of area {row + 1}"
            class="name"
            bind:value={area.name}
            aria-invalid={isBad('name')}
        /></td
    >
    <td>
        <select aria-label="Material of area {row + 1}" bind:value={area.material}>
            {#each vocabulary.materials as material (material)}<option value={material}
                    >{materialWords(material)}</option
                >{/each}
        </select>
    </td>
    <td>
        <select aria-label="Relief of area {row + 1}" bind:value={area.relief}>
            {#each vocabulary.reliefs as relief (relief.id)}<option value={relief.id}>{relief.words}</option>{/each}
        </select>
    </td>
    <td
        ><input
            aria-label="Share of area {row + 1}, percent"
            class="short"
            type="number"
            step="any"
            bind:value={area.share}
            aria-invalid={isBad('share')}
        /></td
    >
    <td
        ><input
            aria-label="Depth of area {row + 1}"
            class="short"
            type="number"
            min="1"
            max="9"
            bind:value={area.depth}
            aria-invalid={isBad('depth')}
        /></td
    >
    <td>
        <select aria-label="Weight of area {row + 1}" bind:value={area.weight}>
            {#each vocabulary.weights as weight (weight)}<option>{weight}</option>{/each}
        </select>
    </td>
    <td class="colour">
        <input
            aria-label="Colour of area {row + 1}"
            class="hex"
            placeholder="#8a5a2b"
            bind:value={area.colour}
            aria-invalid={isBad('colour')}
        />
        <input
            type="color"
            aria-label="Pick the colour of area {row + 1}"
            value={/^#[0-9a-f]{6}$/i.test(area.colour) ? area.colour : '#808080'}
            oninput={(e) => (area.colour = e.currentTarget.value)}
        />
    </td>
    <td>
        <button
            type="button"
            class="link-button"
            aria-expanded={open}
            aria-label="Neighbours and more of area {row + 1}"
            onclick={() => onopen()}
            >{area.touches.length ? `beside ${area.touches.length}` : 'beside none'}{area.fragile
                ? ', weak'
                : ''}{area.reachable ? '' : ', out of reach'}{area.part ? `, ${area.part}` : ''}</button
        >
    </td>
    <td><button type="button" class="link-button" onclick={() => draft.drop(area.key)}>remove</button></td>
</tr>
{#if open}
    <tr>
        <td colspan="9" class="more">
            <AreaMore {draft} {area} />
        </td>
    </tr>
{/if}

<style>
    td {
        padding: 3px 8px 3px 0;
    }
    input,
    select {
        height: 34px;
        padding: 0 8px;
        border: 0;
        border-bottom: 1px solid var(--ink-soft);
        background: var(--raised);
        color: var(--ink);
        font: inherit;
    }
    input[aria-invalid] {
        border-bottom: 3px solid #da1e28;
    }
    .more {
        padding: 4px 0 14px;
    }
    .name {
        width: 148px;
    }
    .short {
        width: 64px;
    }
    .hex {
        width: 88px;
        font-family: var(--mono);
        font-size: var(--size-small);
    }
    .colour {
        display: flex;
    }
    input[type='color'] {
        width: 38px;
        padding: 0;
    }
</style>
