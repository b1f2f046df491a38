<script lang="ts">
    import { useQueryClient } from '@tanstack/svelte-query';
    import { Button, Checkbox, InlineNotification, Select, SelectItem, TextInput } from 'carbon-components-svelte';
    import { Problem, put, sentence } from '../../api/client';
    import type { Figure, Vocabulary } from '../../api/wire';
    import AreaRows from './AreaRows.svelte';
    import { CompanyDraft } from './company-draft.svelte';

    interface Props {
        /** the company to change; a new one without */
        company: Figure | null;
        /** all there are, one of which it may be meant to match */
        companies: Figure[];
        vocabulary: Vocabulary;
        onclose: () => void;
        onsaved: (id: number) => void;
    }
    let { company, companies, vocabulary, onclose, onsaved }: Props = $props();

    const client = useQueryClient();
    // svelte-ignore state_referenced_locally
    const draft = new CompanyDraft(company);
    let problem = $state('');
    let normalise = $state(false);
    const kind = $derived(vocabulary.kinds.find((k) => k.id === draft.kind));
    let fields: Record<string, string> = $state({});

    async function save() {
        problem = '';
        fields = {};
        try {
            const saved = await put<Figure>(
                company ? 'PUT' : 'POST',
                company ? `companies/${company.id}` : 'companies',
                draft.body(normalise),
            );
            await client.invalidateQueries({ queryKey: ['figures'] });
            for (const key of ['recipe', 'scheme', 'undercoat']) void client.invalidateQueries({ queryKey: [key] });
            onsaved(saved.id);
        } catch (thrown) {
            problem = sentence(thrown);
            fields = thrown instanceof Problem ? thrown.fields : {};
        }
    }
</script>

<h1>{company ? `Change ${company.name}` : 'A new figure'}</h1>
<p class="soft">
    Areas are regions with one material and one intended colour. Relief decides the technique; the share of the surface
    decides how much paint and time it takes.
</p>
<form
    onsubmit={(event) => {
        event.preventDefault();
        void save();
    }}
>
    <div class="head">
        <TextInput
            labelText="Name"
            bind:value={draft.name}
            invalid={'name' in fields}
            invalidText={fields.name ?? ''}
        />
        <Select labelText="Sort of model" bind:selected={draft.kind}>
            {#each vocabulary.kinds as each (each.id)}<SelectItem value={each.id} text={each.words} />{/each}
        </Select>
        <TextInput
            labelText="Figures painted alike"
            inputmode="numeric"
            bind:value={draft.count}
            invalid={'count' in fields}
            invalidText={fields.count ?? ''}
        />
        <TextInput
            labelText="Height, mm"
            inputmode="decimal"
            bind:value={draft.height}
            invalid={'height_mm' in fields}
            invalidText={fields.height_mm ?? ''}
        />
        <TextInput
            labelText="Surface of one, cm²"
            placeholder="from the height"
            bind:value={draft.surface}
            invalid={'surface_cm2' in fields}
            invalidText={fields.surface_cm2 ?? ''}
        />
    </div>
    <div class="head second">
        <TextInput labelText="Notes" bind:value={draft.notes} />
        <TextInput
            labelText="Leaders among them"
            inputmode="numeric"
            bind:value={draft.leaders}
            invalid={'leaders' in fields}
            invalidText={fields.leaders ?? ''}
        />
        <Select labelText="Meant to match" bind:selected={draft.matches}>
            <SelectItem value="" text="nothing" />
            {#each companies.filter((c) => c.id !== company?.id) as each (each.id)}
                <SelectItem value={String(each.id)} text={each.name} />
            {/each}
        </Select>
    </div>
    {#if kind && draft.isBare}
        <p class="begin">
            <Button size="small" kind="tertiary" onclick={() => draft.begin(kind.template)}
                >Begin with the areas of a {kind.words}</Button
            >
            <span class="soft"
                >{kind.template.length} areas with plausible shares and neighbours, to be changed as your model is.</span
            >
        </p>
    {/if}
    <AreaRows {draft} {vocabulary} bad={fields} />
    <p class="sum" class:over={draft.sum > 100.05}>
        {draft.sum} % of the surface is shared out{draft.sum > 100.05
            ? ': that is more than there is'
            : draft.sum < 99.95
              ? `, ${draft.rest} % is left`
              : ''}.
    </p>
    <Checkbox labelText="Bring the shares to 100 % together, keeping their proportions" bind:checked={normalise} />
    {#if problem}<InlineNotification lowContrast hideCloseButton kind="error" title={problem} />{/if}
    <div class="do">
        <Button type="submit">{company ? 'Save the areas' : 'Keep this figure'}</Button>
        <Button kind="ghost" onclick={onclose}>Cancel</Button>
    </div>
</form>

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
    .begin {
        display: flex;
        flex-wrap: wrap;
        gap: 6px 14px;
        align-items: center;
        margin: 0 0 14px;
    }
    .sum {
        margin: 10px 0;
    }
    .over {
        font-weight: 600;
    }
    .do {
        display: flex;
        gap: 8px;
        margin-top: 14px;
    }
    @media (max-width: 980px) {
        .head {
            grid-template-columns: 1fr 1fr;
        }
    }
</style>
