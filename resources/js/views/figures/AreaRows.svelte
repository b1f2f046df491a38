<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { Vocabulary } from '../../api/wire';
    import AreaRow from './AreaRow.svelte';
    import type { CompanyDraft } from './company-draft.svelte';

    interface Props {
        draft: CompanyDraft;
        vocabulary: Vocabulary;
        /** refusals by field, as the server names them: areas.0.share */
        bad: Record<string, string>;
    }
    let { draft, vocabulary, bad }: Props = $props();
    let open: number | null = $state(null);
</script>

<div class="wide">
    <table>
        <thead>
            <tr
                ><th>Area</th><th>Material</th><th>Relief</th><th>Share, %</th><th title="1 is innermost">Depth, 1–9</th
                ><th>Weight</th><th>Colour</th><th>Beside, and more</th><th
                    ><span class="visually-hidden">Remove</span></th
                ></tr
            >
        </thead>
        <tbody>
            {#each draft.areas as area, row (area.key)}
                <AreaRow
                    {draft}
                    {area}
                    {row}
                    {vocabulary}
                    {bad}
                    open={open === area.key}
                    onopen={() => (open = open === area.key ? null : area.key)}
                />
            {/each}
        </tbody>
    </table>
</div>
<Button size="small" kind="tertiary" onclick={() => draft.add()}>Add an area</Button>

<style>
    .wide {
        position: relative;
        margin-bottom: 12px;
        overflow-x: auto;
    }
    table {
        border-collapse: collapse;
        font-size: var(--size-plain);
    }
    th {
        padding: 4px 8px 4px 0;
        font-size: var(--size-small);
        font-weight: 600;
        text-align: left;
        white-space: nowrap;
    }
</style>
