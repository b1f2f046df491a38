<script lang="ts">
    import { InlineNotification, Modal, Select, SelectItem, TextArea, TextInput } from 'carbon-components-svelte';
    import type { Behaviour, Paint, Shelf } from '../../api/wire';
    import OtherWindow from '../../parts/OtherWindow.svelte';
    import PaintColour from './PaintColour.svelte';
    import PaintKind from './PaintKind.svelte';
    import { PaintDraft } from './paint-form.svelte';

    interface Props {
        /** the paint to change; a new one without */
        paint: Paint | null;
        behaviours: Behaviour[];
        /** in what paint comes */
        forms: Shelf['forms'];
        /** what mediums, thinners, varnishes and effects are for */
        purposes: string[];
        onclose: () => void;
        onsaved: (id: number) => void;
    }
    let { paint, behaviours, forms, purposes, onclose, onsaved }: Props = $props();

    // svelte-ignore state_referenced_locally
    const draft = new PaintDraft(paint);
    const behaviour = $derived(behaviours.find((b) => b.id === draft.fields.behaviour));

    async function save(insisting = false) {
        const id = await (insisting ? draft.insist() : draft.save());
        if (id === null) return;
        onsaved(id);
        onclose();
    }

    function leave() {
        draft.leave();
        onclose();
    }
</script>

<Modal
    open
    modalHeading={paint ? `Change ${paint.name}` : 'Add a paint'}
    primaryButtonText={paint ? 'Save' : 'Add to shelf'}
    secondaryButtonText="Cancel"
    selectorPrimaryFocus="#paint-name"
    hasScrollingContent
    preventCloseOnClickOutside
    on:click:button--secondary={onclose}
    on:close={onclose}
    on:submit={() => save()}
>
    {#if draft.problem}<InlineNotification lowContrast hideCloseButton kind="error" title={draft.problem} />{/if}
    {#if draft.conflict}<OtherWindow problem={draft.conflict} onmine={() => save(true)} ontheirs={leave} />{/if}
    <div class="fields">
        <div class="half">
            <TextInput id="paint-name" labelText="Name" bind:value={draft.fields.name} {...draft.bad('name')} />
        </div>
        <div class="half">
            <TextInput
                labelText="Range"
                helperText="maker's line, if any"
                bind:value={draft.fields.line}
                {...draft.bad('line')}
            />
        </div>
        <div class="half">
            <Select labelText="Behaviour" bind:selected={draft.fields.behaviour} {...draft.bad('behaviour')}>
                {#each behaviours as option (option.id)}<SelectItem value={option.id} text={option.id} />{/each}
            </Select>
        </div>
        <div class="half">
            <PaintColour {draft} {behaviour} />
        </div>
        <TextInput labelText="Bottle, ml" bind:value={draft.fields.bottle_ml} {...draft.bad('bottle_ml')} />
        <TextInput labelText="Left, ml" bind:value={draft.fields.left_ml} {...draft.bad('left_ml')} />
        <TextInput labelText="Bottles" bind:value={draft.fields.bottles} {...draft.bad('bottles')} />
        <Select labelText="Owned" bind:selected={draft.fields.owned} {...draft.bad('owned')}>
            <SelectItem value="yes" text="yes" /><SelectItem value="no" text="no" />
        </Select>
        <TextInput labelText="Price" bind:value={draft.fields.price} {...draft.bad('price')} />
        <TextInput
            labelText="Currency"
            placeholder="EUR"
            bind:value={draft.fields.currency}
            {...draft.bad('currency')}
        />
        <TextInput
            labelText="Opened on"
            placeholder="2026-03-08"
            bind:value={draft.fields.opened}
            {...draft.bad('opened')}
        />
        <TextInput
            labelText="State"
            placeholder="good, thick …"
            bind:value={draft.fields.state}
            {...draft.bad('state')}
        />
        <PaintKind {draft} {behaviour} {forms} {purposes} />
        <div class="half">
            <TextInput
                labelText="Colour known from"
                placeholder="typed in"
                helperText="write “read” where a colour reader told it"
                bind:value={draft.fields.colour_source}
                {...draft.bad('colour_source')}
            />
        </div>
        <div class="half"><TextInput labelText="Place" bind:value={draft.fields.place} {...draft.bad('place')} /></div>
        <div class="half"><TextInput labelText="Set" bind:value={draft.fields.set} {...draft.bad('set')} /></div>
        <div class="whole">
            <TextArea labelText="Notes" rows={2} bind:value={draft.fields.notes} {...draft.bad('notes')} />
        </div>
    </div>
</Modal>

<style>
    .fields {
        display: grid;
        grid-template-columns: repeat(4, minmax(0, 1fr));
        gap: 16px;
        align-items: start;
    }
    .half {
        grid-column: span 2;
    }
    .whole {
        grid-column: 1 / -1;
    }
    @media (max-width: 720px) {
        .fields {
            grid-template-columns: repeat(2, minmax(0, 1fr));
        }
    }
</style>
