<script lang="ts">
    import { InlineNotification, Modal, Select, SelectItem, TextArea, TextInput } from 'carbon-components-svelte';
    import type { Behaviour, Paint } from '../../api/wire';
    import { PaintDraft } from './paint-form.svelte';

    interface Props {
        /** the paint to change; a new one without */
        paint: Paint | null;
        behaviours: Behaviour[];
        onclose: () => void;
        onsaved: (id: number) => void;
    }
    let { paint, behaviours, onclose, onsaved }: Props = $props();

    // svelte-ignore state_referenced_locally
    const draft = new PaintDraft(paint);
    const behaviour = $derived(behaviours.find((b) => b.id === draft.fields.behaviour));

    async function save() {
        const id = await draft.save();
        if (id === null) return;
        onsaved(id);
        onclose();
    }
</script>

<Modal
    open
    modalHeading={paint ? `Change ${paint.name}` : 'Add a paint'}
    primaryButtonText={paint ? 'Save' : 'Put it on the shelf'}
    secondaryButtonText="Cancel"
    selectorPrimaryFocus="#paint-name"
    hasScrollingContent
    preventCloseOnClickOutside
    on:click:button--secondary={onclose}
    on:close={onclose}
    on:submit={save}
>
    {#if draft.problem}<InlineNotification lowContrast hideCloseButton kind="error" title={draft.problem} />{/if}
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
        <div class="half colour">
            <TextInput
                labelText={behaviour?.over_white ? 'Colour of one coat over white' : 'Dry colour at full hide'}
                placeholder={behaviour?.colours ? '#8a5a2b' : 'none needed'}
                bind:value={draft.fields.colour}
                {...draft.bad('colour')}
            />
            <input
                type="color"
                aria-label="Pick the colour"
                value={/^#[0-9a-f]{6}$/i.test(draft.fields.colour) ? draft.fields.colour : '#808080'}
                oninput={(e) => (draft.fields.colour = e.currentTarget.value)}
            />
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
        <div class="half">
            <Select labelText="Finish when dry" bind:selected={draft.fields.finish} {...draft.bad('finish')}>
                <SelectItem value="" text="usual (matt)" /><SelectItem value="matt" text="matt" />
                <SelectItem value="satin" text="satin" /><SelectItem value="gloss" text="gloss" />
            </Select>
        </div>
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
    .colour {
        display: grid;
        grid-template-columns: 1fr 56px;
        gap: 8px;
    }
    .colour input[type='color'] {
        width: 56px;
        height: 40px;
        margin-top: 24px;
        padding: 0;
        border: 0;
        background: none;
    }
    @media (max-width: 720px) {
        .fields {
            grid-template-columns: repeat(2, minmax(0, 1fr));
        }
    }
</style>
