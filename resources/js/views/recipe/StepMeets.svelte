<script lang="ts">
    import type { Step } from '../../api/wire';
    import Drops from '../../parts/Drops.svelte';

    interface Props {
        step: Step;
    }
    let { step }: Props = $props();
</script>

{#if step.meets.length}
    <div>
        <p class="soft">meets</p>
        <Drops mix={step.meets} />
        <p class="mono">{step.meets.length > 1 ? step.meets.map((p) => p.parts).join(' : ') : step.meets[0]?.name}</p>
    </div>
{/if}

<style>
    div {
        display: flex;
        gap: 16px;
        align-items: center;
        justify-content: space-between;
        margin: 10px 0;
    }
    p:last-child {
        text-align: right;
    }
</style>
