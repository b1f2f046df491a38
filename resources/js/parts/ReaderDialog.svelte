<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { Button, InlineNotification, Modal } from 'carbon-components-svelte';
    import { ask, sentence } from '../api/client';
    import { readerQuery } from '../api/queries';
    import type { ReadingSeries } from '../api/wire';
    import ReadingDots from './ReadingDots.svelte';

    interface Props {
        ontake: (hex: string) => void;
        onclose: () => void;
    }
    let { ontake, onclose }: Props = $props();

    const reader = createQuery(readerQuery);
    let series: ReadingSeries | null = $state(null);
    let read = $state('');
    let problem = $state('');

    async function lay(id: string, name: string) {
        problem = '';
        try {
            series = await ask<ReadingSeries>('reader', { thing: id });
            read = name;
        } catch (thrown) {
            problem = sentence(thrown);
        }
    }
</script>

<Modal
    open
    modalHeading="A colour from the reader"
    primaryButtonText="Use this colour"
    primaryButtonDisabled={!series}
    secondaryButtonText="Cancel"
    on:click:button--secondary={onclose}
    on:close={onclose}
    on:submit={() => series && ontake(series.hex)}
>
    {#if problem}<InlineNotification lowContrast hideCloseButton kind="error" title={problem} />{/if}
    <p class="soft">
        {reader.data?.reader ?? 'The reader'} simulates a hand-held device. Choose what to put it on; it reads five times.
    </p>
    <div class="things">
        {#each reader.data?.things ?? [] as thing (thing.id)}
            <Button size="small" kind="tertiary" on:click={() => lay(thing.id, thing.name)}>{thing.name}</Button>
        {/each}
    </div>
    {#if series}
        <div class="found">
            <i style:background={series.hex}></i>
            <div>
                <p><strong>{read}</strong> · <span class="mono">{series.hex}</span></p>
                <ReadingDots {series} />
            </div>
        </div>
    {/if}
</Modal>

<style>
    .things {
        display: flex;
        flex-wrap: wrap;
        gap: 8px;
        margin: 14px 0;
    }
    .found {
        display: grid;
        grid-template-columns: 130px 1fr;
        gap: 16px;
        align-items: center;
    }
    .found i {
        height: 84px;
    }
</style>
