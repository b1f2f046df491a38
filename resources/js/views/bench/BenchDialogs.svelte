<script lang="ts">
    import type { Bench } from '../../api/wire';
    import type { BenchState } from './bench.svelte';
    import DoneForm from './DoneForm.svelte';
    import SlipForm from './SlipForm.svelte';

    interface Props {
        bench: BenchState;
        view: Bench;
    }
    let { bench, view }: Props = $props();
</script>

{#if bench.dialog === 'slip'}
    <SlipForm {bench} {view} step={bench.step} />
{:else if bench.dialog}
    <DoneForm
        {bench}
        {view}
        step={bench.dialog === 'different' ? bench.step : null}
        kind={bench.dialog === 'different' ? undefined : bench.dialog}
    />
{/if}
