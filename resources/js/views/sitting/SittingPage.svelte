<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { sittingQuery } from '../../api/queries';
    import type { Sitting } from '../../api/wire';
    import { useWrite } from '../../api/write.svelte';
    import NoSuch from '../../parts/NoSuch.svelte';
    import Refused from '../../parts/Refused.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import SittingEnded from './SittingEnded.svelte';
    import ToFetch from './ToFetch.svelte';

    interface Props {
        params?: { sitting?: string; end?: string } | null;
    }
    let { params = null }: Props = $props();
    const id = $derived(Number(params?.sitting));
    const sitting = createQuery(() => sittingQuery(id));
    const write = useWrite();
    const view = $derived(sitting.data);
    const taken = (answer: Sitting) => ({ key: ['sitting', answer.id], data: answer });

    function turn(what: string) {
        return write.send<Sitting>('sitting', 'POST', `sittings/${id}/${what}`, undefined, taken);
    }

    async function start() {
        const begun = await turn('start');
        if (begun) location.hash = `#/bench/${(begun.next ?? begun.steps[0])?.company_id ?? ''}`;
    }

    function tick(key: string, fetched: boolean) {
        void write.send<Sitting>('sitting', 'PUT', `sittings/${id}`, { key, fetched }, taken);
    }

    $effect(() => {
        if (params?.end === 'end' && view && !view.ended && !write.pending && !write.problem) void turn('end');
    });
</script>

{#if sitting.isError}
    <NoSuch what="sitting" />
{:else if !view || (params?.end === 'end' && !view.ended && !write.problem)}
    <Waiting problem={sitting.error} />
{:else}
    <Refused {write} />
    {#if view.ended && view.end}
        <SittingEnded {view} end={view.end} />
    {:else}
        <ToFetch {view} busy={write.pending} onstart={start} ontick={tick} />
    {/if}
{/if}
