<script lang="ts">
    import { Select, SelectItem, TextInput } from 'carbon-components-svelte';
    import type { Figure, Vocabulary } from '../../api/wire';
    import type { CompanyDraft } from './company-draft.svelte';

    interface Props {
        draft: CompanyDraft;
        vocabulary: Vocabulary;
        /** others, one of which it may be meant to match */
        others: Figure[];
        /** refusals by field, as the server names them */
        bad: Record<string, string>;
    }
    let { draft = $bindable(), vocabulary, others, bad }: Props = $props();
</script>

<div class="head">
    <TextInput labelText="Name" bind:value={draft.name} invalid={'name' in bad} invalidText={bad.name ?? ''} />
    <Select labelText="Sort of model" bind:selected={draft.kind}>
        {#each vocabulary.kinds as each (each.id)}<SelectItem value={each.id} text={each.words} />{/each}
    </Select>
    <TextInput
        labelText="Figures painted alike"
        inputmode="numeric"
        bind:value={draft.count}
        invalid={'count' in bad}
        invalidText={bad.count ?? ''}
    />
    <TextInput
        labelText={draft.inches ? 'Height, inches' : 'Height, mm'}
        inputmode="decimal"
        bind:value={draft.height}
        invalid={'height_mm' in bad}
        invalidText={bad.height_mm ?? ''}
    />
    <TextInput
        labelText="Surface of one, cm²"
        placeholder="from the height"
        bind:value={draft.surface}
        invalid={'surface_cm2' in bad}
        invalidText={bad.surface_cm2 ?? ''}
    />
</div>
<div class="head second">
    <TextInput labelText="Notes" bind:value={draft.notes} />
    <TextInput
        labelText="Leaders among them"
        inputmode="numeric"
        bind:value={draft.leaders}
        invalid={'leaders' in bad}
        invalidText={bad.leaders ?? ''}
    />
    <Select labelText="Meant to match" bind:selected={draft.matches}>
        <SelectItem value="" text="nothing" />
        {#each others as each (each.id)}
            <SelectItem value={String(each.id)} text={each.name} />
        {/each}
    </Select>
</div>

<style>
    .head {
        display: grid;
        grid-template-columns: 2fr 1.4fr repeat(3, 1fr);
        align-items: end;
        gap: 16px;
        margin: 18px 0;
    }
    .second {
        grid-template-columns: 2fr 0.7fr 1fr;
    }
    @media (max-width: 980px) {
        .head {
            grid-template-columns: 1fr 1fr;
        }
    }
</style>
