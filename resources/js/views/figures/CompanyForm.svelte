<script lang="ts">
    import { useQueryClient } from '@tanstack/svelte-query';
    import { Button, InlineNotification, TextInput } from 'carbon-components-svelte';
    import { Problem, put, sentence } from '../../api/client';
    import type { Company, Vocabulary } from '../../api/wire';
    import AreaRows from './AreaRows.svelte';
    import { CompanyDraft } from './company-draft.svelte';

    interface Props {
        /** the company to change; a new one without */
        company: Company | null;
        vocabulary: Vocabulary;
        onclose: () => void;
        onsaved: (id: number) => void;
    }
    let { company, vocabulary, onclose, onsaved }: Props = $props();

    const client = useQueryClient();
    // svelte-ignore state_referenced_locally
    const draft = new CompanyDraft(company);
    let problem = $state('');
    let fields: Record<string, string> = $state({});

    async function save() {
        problem = '';
        fields = {};
        try {
            const saved = await put<Company>(
                company ? 'PUT' : 'POST',
                company ? `companies/${company.id}` : 'companies',
                draft.body(),
            );
            await client.invalidateQueries({ queryKey: ['figures'] });
            void client.invalidateQueries({ queryKey: ['recipe'] });
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
    <AreaRows {draft} {vocabulary} bad={fields} />
    <p class="sum" class:over={draft.sum > 100.05}>
        {draft.sum} % of the surface is shared out{draft.sum > 100.05
            ? ': that is more than there is'
            : draft.sum < 99.95
              ? `, ${draft.rest} % is left`
              : ''}.
    </p>
    {#if problem}<InlineNotification lowContrast hideCloseButton kind="error" title={problem} />{/if}
    <div class="do">
        <Button type="submit">{company ? 'Save the areas' : 'Keep this figure'}</Button>
        <Button kind="ghost" onclick={onclose}>Cancel</Button>
    </div>
</form>

<style>
    .head {
        display: grid;
        grid-template-columns: 2fr repeat(3, 1fr);
        gap: 16px;
        margin: 18px 0;
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
