<script lang="ts">
    import { untrack } from 'svelte';
    import { createQuery } from '@tanstack/svelte-query';
    import { Button, Checkbox, InlineNotification } from 'carbon-components-svelte';
    import { get } from '../../api/client';
    import { sessionQuery } from '../../api/queries';
    import type { Figure, Figures, Vocabulary } from '../../api/wire';
    import { useWrite } from '../../api/write.svelte';
    import OtherWindow from '../../parts/OtherWindow.svelte';
    import AreaRows from './AreaRows.svelte';
    import CompanyFields from './CompanyFields.svelte';
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

    const write = useWrite();
    const session = createQuery(sessionQuery);
    // svelte-ignore state_referenced_locally
    const draft = new CompanyDraft(company, session.data?.painter?.length === 'in');
    let normalise = $state(false);
    const kind = $derived(vocabulary.kinds.find((k) => k.id === draft.kind));
    // svelte-ignore state_referenced_locally
    let usual = $state(company === null);
    $effect(() => {
        const template = kind?.template;
        untrack(() => {
            if (usual && template && draft.isBare) draft.begin(template);
        });
    });
    // svelte-ignore state_referenced_locally
    let version = company?.version ?? null;

    async function save() {
        const saved = await write.send<Figure>(
            'figure',
            company ? 'PUT' : 'POST',
            company ? `companies/${company.id}` : 'companies',
            { ...draft.body(normalise), version },
        );
        if (saved) onsaved(saved.id);
    }

    /** Saves over what the other window left; areas that it added stay. */
    async function insist() {
        version = write.conflict?.conflict?.version ?? null;
        const now = (await get<Figures>('companies')).companies.find((c) => c.id === company?.id);
        if (now) draft.adopt(now);
        await save();
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
    <CompanyFields {draft} {vocabulary} others={companies.filter((c) => c.id !== company?.id)} bad={write.fields} />
    {#if kind && !company}
        <p class="begin soft">
            {#if usual}
                These are the usual areas of a {kind.words}. Change or remove what your model does not have.
                <button type="button" class="link-button" onclick={() => ((usual = false), draft.clear())}
                    >Start without areas</button
                >
            {:else}
                <button type="button" class="link-button" onclick={() => ((usual = true), draft.begin(kind.template))}
                    >Start with the usual areas of a {kind.words}</button
                >
            {/if}
        </p>
    {/if}
    <AreaRows {draft} {vocabulary} bad={write.fields} />
    <p class="sum" class:over={draft.sum > 100.05}>
        {draft.sum} % of the surface is shared out{draft.sum > 100.05
            ? ': that is more than there is'
            : draft.sum < 99.95
              ? `, ${draft.rest} % is left`
              : ''}.
    </p>
    <Checkbox labelText="Scale the shares to 100 %, keeping their proportions" bind:checked={normalise} />
    {#if write.problem}<InlineNotification lowContrast hideCloseButton kind="error" title={write.problem} />{/if}
    {#if write.conflict}
        <OtherWindow
            problem={write.conflict}
            onmine={insist}
            ontheirs={() => {
                void write.yield();
                onclose();
            }}
        />
    {/if}
    <div class="do">
        <Button type="submit">Save figure</Button>
        <Button kind="ghost" onclick={onclose}>Cancel</Button>
    </div>
</form>

<style>
    .begin {
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
</style>
