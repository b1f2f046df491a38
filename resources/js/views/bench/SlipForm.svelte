<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { InlineNotification, Modal, Select, SelectItem, TextInput } from 'carbon-components-svelte';
    import { vocabularyQuery } from '../../api/queries';
    import type { Bench, BenchStep } from '../../api/wire';
    import { capital } from '../../parts/words';
    import FigurePicker from './FigurePicker.svelte';
    import type { BenchState } from './bench.svelte';

    interface Props {
        bench: BenchState;
        view: Bench;
        /** what was being painted when it happened */
        step: BenchStep | null;
    }
    let { bench, view, step }: Props = $props();

    const words = createQuery(vocabularyQuery);
    const beside = $derived(bench.drawn?.areas.find((a) => a.id === step?.area_id)?.touches ?? []);
    const neighbours = $derived(view.areas.filter((a) => beside.includes(a.id)));
    let what = $state('slip');
    let on = $state('0');
    let note = $state('');
    // svelte-ignore state_referenced_locally
    let figures: number[] = $state(view.figure === null ? bench.targets.slice(0, 1) : [view.figure]);

    function save() {
        bench.record({
            area_id: step?.area_id ?? null,
            step: null,
            as: null,
            stage: step?.stage ?? 'layer',
            figures,
            real: { mix: [], thin: null, coats: null, tool: null, minutes: null, rounds: null },
            note,
            kind: 'slip',
            mishap: { what, step: step?.key ?? null, on: Number(on) },
        });
    }
</script>

<Modal
    open
    modalHeading="What went wrong?"
    primaryButtonText="Put it on the list"
    primaryButtonDisabled={bench.busy || figures.length === 0}
    secondaryButtonText="Cancel"
    preventCloseOnClickOutside
    on:click:button--secondary={() => bench.close()}
    on:close={() => bench.close()}
    on:submit={save}
>
    {#if bench.problem}<InlineNotification lowContrast hideCloseButton kind="error" title={bench.problem} />{/if}
    <p class="soft">
        {step ? `While painting ${step.area.toLowerCase()}, ${step.technique}. ` : ''}It stays on the list, with how to
        fix it, until you say it is mended.
    </p>
    <div class="fields">
        <Select labelText="What happened" bind:selected={what}>
            {#each words.data?.mishaps ?? [] as each (each.id)}<SelectItem
                    value={each.id}
                    text={capital(each.words)}
                />{/each}
        </Select>
        <Select labelText="Where it landed" bind:selected={on}>
            <SelectItem value="0" text={step?.area_id ? `On this area: ${step.area.toLowerCase()}` : 'On the figure'} />
            {#each neighbours as area (area.id)}<SelectItem value={String(area.id)} text={area.name} />{/each}
        </Select>
        <FigurePicker count={view.company.count} bind:chosen={figures} />
        <TextInput labelText="Note" placeholder="yellow on the left sleeve" bind:value={note} />
    </div>
</Modal>

<style>
    .fields {
        display: grid;
        gap: 16px;
        margin-top: 14px;
    }
</style>
