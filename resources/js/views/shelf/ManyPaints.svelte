<script lang="ts">
    import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
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
        { id: 'place', name: 'Place' },
        { id: 'state', name: 'State' },
        { id: 'set', name: 'Set' },
        { id: 'finish', name: 'Finish' },
        { id: 'owned', name: 'Owned (yes or no)' },
    ];
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
    <Select size="sm" labelText="Change" bind:selected={field}>
        {#each FIELDS as each (each.id)}<SelectItem value={each.id} text={each.name} />{/each}
    </Select>
    <TextInput size="sm" labelText="to" bind:value />
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
