<script lang="ts">
    import { useQueryClient } from '@tanstack/svelte-query';
    import { InlineNotification, Modal, Select, SelectItem, TextArea, TextInput } from 'carbon-components-svelte';
    import { Problem, put, sentence } from '../../api/client';
    import type { Behaviour, Paint } from '../../api/wire';

    interface Props {
        /** the paint to change; a new one without */
        paint: Paint | null;
        behaviours: Behaviour[];
        onclose: () => void;
        onsaved: (id: number) => void;
    }
    let { paint, behaviours, onclose, onsaved }: Props = $props();

    const client = useQueryClient();
    const text = (value: string | number | null | undefined) =>
        value === null || value === undefined ? '' : String(value);
    // svelte-ignore state_referenced_locally
    let fields = $state({
        name: text(paint?.name),
        line: text(paint?.line),
        behaviour: paint?.behaviour ?? 'opaque',
        colour: text(paint?.colour),
        bottle_ml: text(paint?.bottle_ml),
        left_ml: text(paint?.left_ml),
        price: text(paint?.price),
        currency: text(paint?.currency),
        owned: paint?.owned === false ? 'no' : 'yes',
        bottles: text(paint?.bottles),
        place: text(paint?.place),
        opened: text(paint?.opened),
        state: text(paint?.state),
        set: text(paint?.set),
        colour_source: text(paint?.colour_source),
        finish: text(paint?.sheen),
        notes: text(paint?.notes),
    });
    let problems: Record<string, string> = $state({});
    let problem = $state('');
    const behaviour = $derived(behaviours.find((b) => b.id === fields.behaviour));
    const bad = (field: string) => ({ invalid: field in problems, invalidText: problems[field] ?? '' });

    async function save() {
        problem = '';
        problems = {};
        try {
            const saved = await put<Paint>(paint ? 'PUT' : 'POST', paint ? `paints/${paint.id}` : 'paints', fields);
            await client.invalidateQueries({ queryKey: ['shelf'] });
            void client.invalidateQueries({ queryKey: ['recipe'] });
            onsaved(saved.id);
            onclose();
        } catch (thrown) {
            problems = thrown instanceof Problem ? thrown.fields : {};
            problem = Object.keys(problems).length ? '' : sentence(thrown);
        }
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
    {#if problem}<InlineNotification lowContrast hideCloseButton kind="error" title={problem} />{/if}
    <div class="fields">
        <div class="half"><TextInput id="paint-name" labelText="Name" bind:value={fields.name} {...bad('name')} /></div>
        <div class="half">
            <TextInput labelText="Range" helperText="maker's line, if any" bind:value={fields.line} {...bad('line')} />
        </div>
        <div class="half">
            <Select labelText="Behaviour" bind:selected={fields.behaviour} {...bad('behaviour')}>
                {#each behaviours as option (option.id)}<SelectItem value={option.id} text={option.id} />{/each}
            </Select>
        </div>
        <div class="half colour">
            <TextInput
                labelText={behaviour?.over_white ? 'Colour of one coat over white' : 'Dry colour at full hide'}
                placeholder={behaviour?.colours ? '#8a5a2b' : 'none needed'}
                bind:value={fields.colour}
                {...bad('colour')}
            />
            <input
                type="color"
                aria-label="Pick the colour"
                value={/^#[0-9a-f]{6}$/i.test(fields.colour) ? fields.colour : '#808080'}
                oninput={(e) => (fields.colour = e.currentTarget.value)}
            />
        </div>
        <TextInput labelText="Bottle, ml" bind:value={fields.bottle_ml} {...bad('bottle_ml')} />
        <TextInput labelText="Left, ml" bind:value={fields.left_ml} {...bad('left_ml')} />
        <TextInput labelText="Bottles" bind:value={fields.bottles} {...bad('bottles')} />
        <Select labelText="Owned" bind:selected={fields.owned} {...bad('owned')}>
            <SelectItem value="yes" text="yes" /><SelectItem value="no" text="no" />
        </Select>
        <TextInput labelText="Price" bind:value={fields.price} {...bad('price')} />
        <TextInput labelText="Currency" placeholder="EUR" bind:value={fields.currency} {...bad('currency')} />
        <TextInput labelText="Opened on" placeholder="2026-03-08" bind:value={fields.opened} {...bad('opened')} />
        <TextInput labelText="State" placeholder="good, thick …" bind:value={fields.state} {...bad('state')} />
        <div class="half">
            <Select labelText="Finish when dry" bind:selected={fields.finish} {...bad('finish')}>
                <SelectItem value="" text="usual (matt)" /><SelectItem value="matt" text="matt" />
                <SelectItem value="satin" text="satin" /><SelectItem value="gloss" text="gloss" />
            </Select>
        </div>
        <div class="half">
            <TextInput
                labelText="Colour known from"
                placeholder="typed in"
                helperText="write “read” where a colour reader told it"
                bind:value={fields.colour_source}
                {...bad('colour_source')}
            />
        </div>
        <div class="half"><TextInput labelText="Place" bind:value={fields.place} {...bad('place')} /></div>
        <div class="half"><TextInput labelText="Set" bind:value={fields.set} {...bad('set')} /></div>
        <div class="whole"><TextArea labelText="Notes" rows={2} bind:value={fields.notes} {...bad('notes')} /></div>
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
