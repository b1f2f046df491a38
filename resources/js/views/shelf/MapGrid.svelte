<script lang="ts">
    import type { ShelfMap } from '../../api/wire';
    import { HEIGHT, HUES, WIDTH, x, y, type Up } from './map';

    interface Props {
        up: Up;
        /** places without a paint */
        gaps: ShelfMap['gaps'];
    }
    let { up, gaps }: Props = $props();

    const levels = $derived(up === 'lightness' ? [20, 40, 60, 80] : [5, 10, 15, 20]);
</script>

{#each levels as level (level)}
    {@const at = { hue: 10, lightness: level, chroma: level, grey: false }}
    <line x1="110" x2={WIDTH} y1={y(at, up)} y2={y(at, up)} class="level" />
    <text x="104" y={y(at, up) + 4} text-anchor="end">{level}</text>
{/each}
<line x1="92" x2="92" y1="14" y2={HEIGHT - 34} class="wall" />
<text x="56" y={HEIGHT - 12} text-anchor="middle">greys</text>
{#each HUES as hue (hue.name)}
    <text x={x({ hue: hue.hue, lightness: 0, chroma: 0, grey: false })} y={HEIGHT - 12} text-anchor="middle"
        >{hue.name}</text
    >
{/each}
{#each up === 'lightness' ? gaps : [] as gap, n (gap.words)}
    <circle class="gap" cx={x(gap)} cy={y(gap, up)} r="24" />
    <text class="gap-name" x={x(gap) - 22} y={y(gap, up) - 18} text-anchor="end">{n + 1}</text>
{/each}

<style>
    text {
        font-size: var(--size-fine);
        fill: var(--ink-soft);
    }
    .level,
    .wall {
        stroke: var(--rule);
        stroke-width: 1;
    }
    .gap {
        fill: none;
        stroke: var(--ink);
        stroke-dasharray: 4 4;
    }
    .gap-name {
        fill: var(--ink);
        font-size: var(--size-small);
    }
</style>
