<script lang="ts">
    import { Button, InlineNotification, Modal, TextInput } from 'carbon-components-svelte';
    import type { RunningOrder } from '../../api/wire';
    import { capital } from '../../parts/words';
    import { kept, shown } from './hours';
    import type { OrderState } from './order.svelte';

    interface Props {
        plan: OrderState;
        order: RunningOrder;
        onclose: () => void;
    }
    let { plan, order, onclose }: Props = $props();
    // svelte-ignore state_referenced_locally
    let hours = $state(shown(order.free));

    async function save() {
        if (await plan.save({ free: kept(hours) })) onclose();
    }

    async function forget() {
        if (await plan.save({ free: null })) onclose();
    }
</script>

<Modal
    open
    modalHeading="When you are free"
    primaryButtonText="Save hours"
    secondaryButtonText="Cancel"
    on:click:button--primary={save}
    on:click:button--secondary={onclose}
    on:close={onclose}
    hasForm
>
    {#if plan.write.problem}<InlineNotification lowContrast kind="error" title={plan.write.problem} />{/if}
    {#each Object.entries(plan.write.fields) as [field, problem] (field)}<p class="problem">{problem}</p>{/each}
    <p>Every week. Leave a day empty where you do not paint; an evening may end after midnight.</p>
    {#each hours.week as row, i (i)}
        <div class="row">
            <span>{capital(row.day)}</span>
            <input class="plain-field" type="time" aria-label="{row.day} from" bind:value={row.from} />
            <input class="plain-field" type="time" aria-label="{row.day} to" bind:value={row.to} />
            <Button
                size="small"
                kind="ghost"
                onclick={() => hours.week.splice(i + 1, 0, { day: row.day, from: '', to: '' })}>Another span</Button
            >
        </div>
    {/each}
    <h3>Single days that are otherwise</h3>
    {#each hours.single as row, i (i)}
        <div class="row">
            <input class="plain-field" type="date" aria-label="day {i + 1}" bind:value={row.date} />
            <input class="plain-field" type="time" aria-label="day {i + 1} from" bind:value={row.from} />
            <input class="plain-field" type="time" aria-label="day {i + 1} to" bind:value={row.to} />
            <Button size="small" kind="ghost" onclick={() => hours.single.splice(i, 1)}>Remove</Button>
        </div>
    {/each}
    <Button size="small" kind="tertiary" onclick={() => hours.single.push({ date: '', from: '', to: '' })}
        >Add a day</Button
    >
    <p class="soft">A day without times is not free at all.</p>
    <h3>Holidays</h3>
    <TextInput
        labelText="Dates, as in 2026-12-25"
        placeholder="2026-12-25, 2027-01-01"
        bind:value={hours.holidays.dates}
    />
    <div class="row">
        <span>free on them</span>
        <input class="plain-field" type="time" aria-label="holidays from" bind:value={hours.holidays.from} />
        <input class="plain-field" type="time" aria-label="holidays to" bind:value={hours.holidays.to} />
    </div>
    <TextInput labelText="Time zone" bind:value={hours.zone} />
    {#if order.free}<Button size="small" kind="ghost" onclick={forget}>Plan without hours</Button>{/if}
</Modal>

<style>
    h3 {
        margin: 16px 0 6px;
        font-size: var(--size-body);
    }
    .row {
        display: grid;
        grid-template-columns: 120px 120px 120px max-content;
        gap: 8px;
        align-items: center;
        margin: 4px 0;
    }
    .soft {
        font-size: var(--size-small);
        color: var(--ink-soft);
    }
    .problem {
        font-weight: 600;
    }
    @media (max-width: 600px) {
        .row {
            grid-template-columns: 1fr 1fr;
            margin-bottom: 12px;
        }
        .row > span,
        .row > :global(.bx--btn) {
            order: -1;
        }
    }
</style>
