<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { Button, InlineNotification, Select, SelectItem, TextInput } from 'carbon-components-svelte';
    import { ask, sentence } from '../../api/client';
    import { useWrite } from '../../api/write.svelte';
    import { stockQuery } from '../../api/queries';
    import type { Stock, Weighed } from '../../api/wire';
    import Refused from '../../parts/Refused.svelte';
    import { capital, millilitres } from '../../parts/words';

    interface Props {
        /** the paint */
        id: number;
    }
    let { id }: Props = $props();

    const KINDS = [
        { id: 'counted', name: 'there is now' },
        { id: 'bought', name: 'bought' },
        { id: 'used', name: 'used' },
        { id: 'poured-away', name: 'poured away' },
    ];
    const write = useWrite();
    const stock = createQuery(() => stockQuery(id));
    let kind = $state('counted');
    let ml = $state('');
    let tare = $state('');
    let weighed: Weighed | null = $state(null);
    let problem = $state('');
    let weighing = $state(false);
    const busy = $derived(weighing || write.pending);

    async function weigh() {
        weighing = true;
        problem = '';
        try {
            weighed = await ask<Weighed>(`paints/${id}/scale`, { tare });
        } catch (thrown) {
            problem = sentence(thrown);
        }
        weighing = false;
    }

    async function move(what: string, amount: string, note = '') {
        const version = stock.data?.version;
        const moved = await write.send<Stock>(
            'stock',
            'POST',
            `paints/${id}/movements`,
            { kind: what, ml: amount, note, version },
            (moved) => ({ key: stockQuery(id).queryKey, data: moved }),
        );
        if (moved) done();
    }

    function done() {
        ml = '';
        weighed = null;
    }
</script>

<section>
    <h2>What is left</h2>
    <Refused {write} onwritten={done} onyielded={done} />
    {#if problem}<InlineNotification lowContrast hideCloseButton kind="error" title={problem} />{/if}
    <div class="form">
        <Select size="sm" labelText="What happened" bind:selected={kind}>
            {#each KINDS as each (each.id)}<SelectItem value={each.id} text={each.name} />{/each}
        </Select>
        <TextInput size="sm" labelText="ml" bind:value={ml} />
        <Button
            size="small"
            disabled={busy || ml.trim() === ''}
            on:click={() => move(kind, ml.replace(',', '.').trim())}>Save</Button
        >
    </div>
    <div class="form">
        <TextInput size="sm" labelText="Empty bottle, g" placeholder="a usual one" bind:value={tare} />
        <Button size="small" kind="tertiary" disabled={busy} on:click={weigh}>Weigh the bottle</Button>
    </div>
    {#if weighed}
        <p>
            {weighed.grams.toFixed(1)} g less {weighed.tare.toFixed(1)} g of bottle at {weighed.density} g/ml:
            <strong>{millilitres(weighed.ml)}</strong>{weighed.before === null
                ? ''
                : ` (expected ${millilitres(weighed.before)})`}.
            {weighed.failures ? `${weighed.scale} did not settle ${weighed.failures}× and tried again.` : ''}
            <button
                class="link-button"
                disabled={busy}
                onclick={() => weighed && move('counted', String(weighed.ml), 'weighed')}
                >Use {millilitres(weighed.ml)}</button
            >
        </p>
    {/if}
    {#each stock.data?.movements.slice(0, 8) ?? [] as row, i (i)}
        <p class="row">
            <span>{row.at.slice(0, 10)}</span>
            <span
                >{capital(row.kind)}{row.note ? `, ${row.note}` : ''}{row.short > 0
                    ? ` (${row.short} ml more than there was)`
                    : ''}</span
            >
            <span class="number"
                >{row.ml === null ? '' : `${row.ml > 0 ? '+' : '−'}${Math.abs(row.ml).toFixed(2)}`}</span
            >
            <b class="number">{row.left === null ? '?' : millilitres(row.left)}</b>
        </p>
    {:else}
        <p class="soft">Nothing has moved yet. What you record at the Bench is taken from the bottle.</p>
    {/each}
</section>

<style>
    section {
        margin-top: 24px;
    }
    h2 {
        margin-bottom: 8px;
        font-size: var(--size-head);
    }
    .form {
        display: grid;
        grid-template-columns: 1fr 90px auto;
        gap: 10px;
        align-items: end;
        margin-bottom: 8px;
    }
    .form:nth-of-type(2) {
        grid-template-columns: 1fr auto;
    }
    .row {
        display: grid;
        grid-template-columns: 84px minmax(0, 1fr) 60px 64px;
        gap: 8px;
        padding: 4px 0;
        border-top: 1px solid var(--rule);
        font-size: var(--size-small);
    }
    .number {
        text-align: right;
    }
</style>
