<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import { ask, sentence } from '../../api/client';
    import type { CalendarLook, RunningOrder } from '../../api/wire';
    import FileField from '../../parts/FileField.svelte';
    import type { OrderState } from './order.svelte';

    interface Props {
        plan: OrderState;
        order: RunningOrder;
    }
    let { plan, order }: Props = $props();
    let [name, text] = $state(['', '']);
    let look: CalendarLook | null = $state(null);
    let keys: string[] = $state([]);
    let problem = $state('');
    const to = (form: string) => `/api/companies/${order.company.id}/order/file/${form}`;

    async function open(file: File | undefined) {
        [look, problem, keys] = [null, '', []];
        if (!file) return;
        try {
            [name, text] = [file.name, await file.text()];
            look = await ask<CalendarLook>(`companies/${order.company.id}/order/calendar/look`, { text });
            keys = look.events.filter((e) => e.cuts !== '' && !e.whole_day).map((e) => e.key);
        } catch (refused) {
            problem = sentence(refused);
        }
    }

    async function take() {
        const body = { version: order.version, name, text, keys: [...keys] };
        if (await plan.sent('POST', `companies/${order.company.id}/order/calendar`, body)) look = null;
    }
</script>

<section>
    <h2>On paper and in your calendar</h2>
    <ul class="files">
        {#if order.free}<li><a href={to('ics')} download>For your calendar</a></li>{/if}
        <li><a href={to('txt')} download>As text</a></li>
        <li><a href={to('json')} download>As data</a></li>
        <li><button class="tool-link" onclick={() => window.print()}>Print</button></li>
    </ul>
</section>
{#if order.free}
    <section>
        <h2>When your calendar is full</h2>
        {#if order.busy}
            <p>
                Times of {order.busy} are kept free of painting.
                <button class="tool-link" onclick={() => plan.save({ busy: null })}>Forget them</button>
            </p>
        {/if}
        <FileField label="A calendar file (.ics) is read, never changed" accept=".ics,text/calendar" onchoose={open} />
        {#if problem}<p role="alert">{problem}</p>{/if}
        {#if look}
            <p>{look.words}</p>
            <ul class="events">
                {#each look.events as event (event.key)}
                    <li>
                        <label
                            ><input type="checkbox" value={event.key} bind:group={keys} />
                            {event.name}<small
                                >{event.times}{event.cuts
                                    ? `: takes ${event.cuts}`
                                    : ', outside your free hours'}</small
                            ></label
                        >
                    </li>
                {/each}
            </ul>
            {#if look.events.length}<Button size="small" disabled={keys.length === 0} onclick={take}
                    >Keep {keys.length === 1 ? 'this time' : 'these times'} free of painting</Button
                >{/if}
        {/if}
    </section>
{/if}

<style>
    ul {
        padding: 0;
        font-size: var(--size-small);
        list-style: none;
    }
    .files {
        display: flex;
        flex-wrap: wrap;
        gap: 6px 18px;
        align-items: baseline;
    }
    .events {
        max-height: 260px;
        margin: 6px 0 10px;
        overflow-y: auto;
    }
    label {
        display: block;
        padding-left: 22px;
        text-indent: -22px;
    }
    small {
        display: block;
        text-indent: 0;
        color: var(--ink-soft);
    }
</style>
