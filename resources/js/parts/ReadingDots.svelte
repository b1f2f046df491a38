<script lang="ts">
    import type { ReadingSeries } from '../api/wire';
    import { counted } from './words';

    interface Props {
        series: ReadingSeries;
    }
    let { series }: Props = $props();
    const told = $derived(
        [
            `${series.readings.length - series.rejected} of ${counted(series.readings.length, 'reading')} kept, they differ by ${series.spread.toFixed(1)}`,
            series.rejected
                ? `${series.rejected} missed the field and ${series.rejected === 1 ? 'is' : 'are'} left out`
                : '',
            series.failures
                ? `${counted(series.failures, 'reading')} failed and ${series.failures === 1 ? 'was' : 'were'} taken again`
                : '',
        ]
            .filter(Boolean)
            .join('; '),
    );
</script>

<div class="dots" aria-hidden="true">
    {#each series.readings as reading, i (i)}
        <span class:out={!reading.kept}><i style:background={reading.hex}></i>{reading.kept ? '' : 'out'}</span>
    {/each}
</div>
<p class="soft told">{told}.</p>

<style>
    .dots {
        display: flex;
        gap: 6px;
        margin: 4px 0;
    }
    span {
        font-size: var(--size-fine);
        color: var(--ink-soft);
        text-align: center;
    }
    i {
        display: block;
        width: 32px;
        height: 20px;
    }
    .out i {
        opacity: 1;
        height: 12px;
    }
    .told {
        font-size: var(--size-small);
    }
</style>
