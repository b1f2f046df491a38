<script lang="ts">
    import type { MixPart } from '../api/wire';

    interface Props {
        mix: MixPart[];
        /** names of paints whose amount is open: one hollow drop each */
        open?: string[];
        /** pixels a drop is high, default 30 */
        size?: number;
    }
    let { mix, open = [], size = 30 }: Props = $props();
    const drops = $derived(
        mix.flatMap((part) =>
            open.includes(part.name)
                ? [{ hex: part.hex, hollow: true }]
                : Array.from({ length: part.parts }, () => ({ hex: part.hex, hollow: false })),
        ),
    );
    const label = $derived(mix.map((p) => `${open.includes(p.name) ? 'some' : p.parts} ${p.name}`).join(', '));
</script>

<div class="drops" role="img" aria-label="{label}, in drops">
    {#each drops as { hex, hollow }, i (i)}
        <svg height={size} width={size * 0.78} viewBox="0 0 14 18" aria-hidden="true">
            <path
                d="M7 0.5 C9.5 5 13.3 8 13.3 11.6 A6.3 6.1 0 0 1 0.7 11.6 C0.7 8 4.5 5 7 0.5 Z"
                fill={hollow ? 'none' : (hex ?? 'none')}
                stroke={hollow ? (hex ?? 'currentColor') : hex ? 'none' : 'currentColor'}
                stroke-width={hollow ? 2 : 1}
            />
        </svg>
    {/each}
</div>

<style>
    .drops {
        display: flex;
        flex-wrap: wrap;
        gap: 8px;
    }
</style>
