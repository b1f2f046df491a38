<script lang="ts">
    import type { Slip } from '../../api/wire';
    import { capital, counted, duration, ranges } from '../../parts/words';

    interface Props {
        slips: Slip[];
        busy: boolean;
        /** whether the company is named, default false */
        named?: boolean;
        onmended: (id: number) => void;
    }
    let { slips, busy, named = false, onmended }: Props = $props();
    const word = (slip: Slip) => (slip.figures.length > 1 ? 'figures' : 'figure');
</script>

{#if slips.length}
    <h3>Not mended yet</h3>
    {#each slips as slip (slip.id)}
        <div class="slip">
            <p>
                {#if named}<b>{slip.company}</b>,{/if}
                {named ? word(slip) : capital(word(slip))}
                {ranges(slip.figures)}: {slip.answer?.words ?? slip.what.replace('-', ' ')}{slip.on === slip.area
                    ? ` on ${slip.area.toLowerCase()}`
                    : `, ${slip.area.toLowerCase()} on ${slip.on.toLowerCase()}`}.{slip.note ? ` “${slip.note}”` : ''}
            </p>
            {#if slip.answer}
                {#each slip.answer.steps as step (step.key)}
                    <p class="mix">
                        {#if step.hex}<i style:background={step.hex}></i>{/if}
                        {step.mix_words}, {step.undiluted ? 'not thinned' : `thin ${step.thin}`}
                    </p>
                {/each}
                <p class="soft">
                    {slip.answer.reason}
                    {slip.answer.steps.length
                        ? `${counted(slip.answer.minutes, 'minute')}${slip.answer.waiting ? `, ${duration(slip.answer.waiting)} drying` : ''}.`
                        : ''}
                </p>
            {/if}
            <button class="tool-link" disabled={busy} onclick={() => onmended(slip.id)}>Mended</button>
        </div>
    {/each}
{/if}

<style>
    .slip {
        margin-bottom: 12px;
        font-size: var(--size-plain);
    }
    .mix {
        display: flex;
        gap: 8px;
        align-items: center;
        margin: 4px 0;
    }
    i {
        flex: none;
        width: 34px;
        height: 24px;
    }
</style>
