<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { vocabularyQuery } from '../../api/queries';
    import {
        InlineNotification,
        Modal,
        Select,
        SelectItem,
        SelectItemGroup,
        TextArea,
        TextInput,
    } from 'carbon-components-svelte';
    import type { Bench, BenchStep } from '../../api/wire';
    import { capital } from '../../parts/words';
    import FigurePicker from './FigurePicker.svelte';
    import MixFields from './MixFields.svelte';
    import type { BenchState } from './bench.svelte';
    import { OCCASIONS, type Occasion } from './doing';

    interface Props {
        bench: BenchState;
        view: Bench;
        /** the planned step that was done differently; null for something outside the plan */
        step: BenchStep | null;
        /** what it is, outside the plan */
        kind?: Occasion | undefined;
    }
    let { bench, view, step, kind }: Props = $props();

    const words = createQuery(vocabularyQuery);
    // svelte-ignore state_referenced_locally
    let mix: { name: string; parts: string }[] = $state(
        step ? step.mix.map((p) => ({ name: p.name, parts: String(p.parts) })) : [{ name: '', parts: '' }],
    );
    // svelte-ignore state_referenced_locally
    let fields = $state({
        area: String(step?.area_id ?? bench.step?.area_id ?? ''),
        stage: step?.stage ?? 'layer',
        thin: step ? step.pot?.thin || step.thin : '',
        coats: step ? String(step.coats) : '',
        tool: step?.tool ?? '',
        minutes: '',
        note: '',
    });
    // svelte-ignore state_referenced_locally
    let figures: number[] = $state(view.figure === null ? bench.targets.slice(0, 1) : [view.figure]);
    const number = (text: string) => (text.trim() === '' ? null : Number(text.replace(',', '.')));

    /** The planned paint under this name; another is found by its name. */
    const idOf = (name: string) => step?.mix.find((p) => p.name === name)?.paint_id ?? null;

    function save() {
        bench.record({
            area_id: fields.area === '' ? null : Number(fields.area),
            step: step?.key ?? null,
            as: step?.as ?? null,
            stage: fields.stage.split(' ')[0] ?? '',
            figures,
            real: {
                mix: mix
                    .filter((p) => p.name.trim() !== '')
                    .map((p) => ({ paint_id: idOf(p.name.trim()), name: p.name.trim(), parts: number(p.parts) })),
                thin: fields.thin.trim() || null,
                coats: number(fields.coats),
                rounds: step?.loop ? step.pass.number : null,
                technique: step ? null : (fields.stage.split(' ')[1] ?? null),
                tool: fields.tool.trim() || null,
                minutes: number(fields.minutes),
            },
            note: fields.note,
            ...(kind ? { kind } : {}),
        });
    }
</script>

<Modal
    open
    modalHeading={step
        ? `What was done: ${step.area.toLowerCase()}, ${step.technique}`
        : `${OCCASIONS[kind ?? 'other']}: what was done?`}
    primaryButtonText="Save entry"
    primaryButtonDisabled={bench.busy || figures.length === 0}
    secondaryButtonText="Cancel"
    hasScrollingContent
    preventCloseOnClickOutside
    on:click:button--secondary={() => bench.close()}
    on:close={() => bench.close()}
    on:submit={save}
>
    {#if bench.problem}<InlineNotification lowContrast hideCloseButton kind="error" title={bench.problem} />{/if}
    <p class="soft">
        {step ? 'The plan is kept beside it. ' : ''}Leave empty what you do not know.
    </p>
    <div class="fields">
        {#if !step}
            <Select labelText="Area" bind:selected={fields.area}>
                <SelectItem value="" text="Whole figure" />
                {#each view.areas as area (area.id)}<SelectItem value={String(area.id)} text={area.name} />{/each}
            </Select>
            <Select labelText="What was done" bind:selected={fields.stage}>
                {#each words.data?.stages ?? [] as stage (stage.id)}
                    <SelectItemGroup label={capital(stage.words)}>
                        <SelectItem value={stage.id} text="{capital(stage.words)}, any" />
                        {#each (words.data?.techniques ?? []).filter((t) => t.stage === stage.id) as technique (technique.id)}
                            <SelectItem value="{stage.id} {technique.id}" text={capital(technique.words)} />
                        {/each}
                    </SelectItemGroup>
                {/each}
            </Select>
        {/if}
        <div class="whole"><MixFields bind:mix paints={view.paints} /></div>
        <TextInput labelText="Thinned, paint to thinner" placeholder="2:1, or 1:0 undiluted" bind:value={fields.thin} />
        <TextInput labelText="Coats or passes" bind:value={fields.coats} />
        <TextInput labelText="Tool" bind:value={fields.tool} />
        <TextInput labelText="Minutes it took, in all" bind:value={fields.minutes} />
        <div class="whole"><FigurePicker count={view.company.count} bind:chosen={figures} /></div>
        <div class="whole">
            <TextArea
                labelText="Note: how it looked, what went wrong, what to keep"
                rows={2}
                bind:value={fields.note}
            />
        </div>
    </div>
</Modal>

<style>
    .fields {
        display: grid;
        grid-template-columns: 1fr 1fr;
        gap: 16px;
        margin-top: 14px;
    }
    .whole {
        grid-column: 1 / -1;
    }
    @media (max-width: 720px) {
        .fields {
            grid-template-columns: 1fr;
        }
    }
</style>
