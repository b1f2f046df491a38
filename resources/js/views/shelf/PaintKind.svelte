<script lang="ts">
    import { Select, SelectItem } from 'carbon-components-svelte';
    import type { Behaviour, Shelf } from '../../api/wire';
    import type { PaintDraft } from './paint-form.svelte';

    interface Props {
        draft: PaintDraft;
        behaviour: Behaviour | undefined;
        /** in what paint comes */
        forms: Shelf['forms'];
        /** what mediums, thinners, varnishes and effects are for */
        purposes: string[];
    }
    let { draft, behaviour, forms, purposes }: Props = $props();
</script>

<div class="half">
    <Select labelText="Finish when dry" bind:selected={draft.fields.finish} {...draft.bad('finish')}>
        <SelectItem value="" text="usual (matt)" /><SelectItem value="matt" text="matt" />
        <SelectItem value="satin" text="satin" /><SelectItem value="gloss" text="gloss" />
    </Select>
</div>
<div class="half">
    <Select labelText="Comes in" bind:selected={draft.fields.form} {...draft.bad('form')}>
        <SelectItem value="" text="as its name says" />
        {#each forms as option (option.id)}<SelectItem value={option.id} text={option.words} />{/each}
    </Select>
</div>
{#if behaviour?.serves}
    <div class="half">
        <Select labelText="What it is for" bind:selected={draft.fields.for} {...draft.bad('for')}>
            <SelectItem value="" text="as its name says" />
            {#each purposes as option (option)}<SelectItem value={option} text={option} />{/each}
        </Select>
    </div>
{/if}

<style>
    .half {
        grid-column: span 2;
    }
</style>
