<script lang="ts">
    import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
    import { createQuery } from '@tanstack/svelte-query';
    import { shelfQuery } from '../../api/queries';
    import { useWrite } from '../../api/write.svelte';
    import type { Paint } from '../../api/wire';
    import Refused from '../../parts/Refused.svelte';
    import { counted } from '../../parts/words';

    interface Props {
        ids: number[];
        /** what is known of them */
        paints: Paint[];
        onclear: () => void;
        /** paints were taken off the shelf and can be put back */
        onremoved: (ids: number[]) => void;
    }
    let { ids, paints, onclear, onremoved }: Props = $props();

    const FIELDS = [
        { id: 'behaviour', name: 'Kind' },
        { id: 'form', name: 'Comes in' },
        { id: 'place', name: 'Place' },
        { id: 'state', name: 'State' },
        { id: 'set', name: 'Set' },
        { id: 'finish', name: 'Finish' },
        { id: 'owned', name: 'Owned' },
    ];
    const shelf = createQuery(shelfQuery);
    /** what a field can hold; nothing where it holds words */
    const options = $derived<Record<string, { id: string; words: string }[]>>({
        behaviour: shelf.data?.behaviours.map((b) => ({ id: b.id, words: b.id })) ?? [],
        form: shelf.data?.forms ?? [],
        finish: ['matt', 'satin', 'gloss'].map((f) => ({ id: f, words: f })),
        owned: ['yes', 'no'].map((o) => ({ id: o, words: o })),
    });
    const write = useWrite();
    let field = $state('place');
    let value = $state('');

    const versions = $derived(
        Object.fromEntries(paints.filter((p) => ids.includes(p.id)).map((p) => [p.id, p.version])),
    );

    async function send(method: 'PATCH' | 'DELETE', body: Record<string, unknown>, then: () => void) {
        if ((await write.send('paint', method, 'paints', { ids, versions, ...body })) !== undefined) then();
    }
</script>

<div class="many" role="region" aria-label="Many paints at once">
    <strong>{counted(ids.length, 'paint')} chosen</strong>
    <Select
        size="sm"
        labelText="Change"
        bind:selected={field}
        on:change={() => (value = options[field]?.[0]?.id ?? '')}
    >
        {#each FIELDS as each (each.id)}<SelectItem value={each.id} text={each.name} />{/each}
    </Select>
    {#if options[field]}
        <Select size="sm" labelText="to" bind:selected={value}>
            {#each options[field] ?? [] as each (each.id)}<SelectItem value={each.id} text={each.words} />{/each}
        </Select>
    {:else}
        <TextInput size="sm" labelText="to" bind:value />
    {/if}
    <Button size="small" on:click={() => send('PATCH', { [field]: value }, onclear)}>Change them all</Button>
    <Button size="small" kind="tertiary" on:click={() => send('DELETE', {}, () => onremoved(ids))}
        >Take off the shelf</Button
    >
    <Button size="small" kind="ghost" on:click={onclear}>Choose none</Button>
</div>
<Refused {write} onwritten={onclear} />

<style>
    .many {
        display: flex;
        flex-wrap: wrap;
        gap: 8px 14px;
        align-items: end;
        margin-bottom: 12px;
        padding: 10px 12px;
        background: var(--rail);
    }
    .many > :global(.bx--form-item) {
        flex: 0 1 160px;
    }
    strong {
        padding-bottom: 6px;
    }
</style>
