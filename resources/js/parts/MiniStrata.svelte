<script lang="ts">
    interface Props {
        /** colours from the undercoat up */
        strip: string[];
        /** width and height in pixels, default 34 */
        size?: number;
    }
    let { strip, size = 34 }: Props = $props();
    const layers = $derived([...strip].reverse());
</script>

<svg
    width={size}
    height={size}
    viewBox="0 0 1 {layers.length || 1}"
    preserveAspectRatio="none"
    shape-rendering="crispEdges"
    aria-hidden="true"
>
    {#each layers as colour, i (i)}
        <rect y={i} width="1" height="1" fill={colour} />
    {:else}
        <path d="M0 1 L1 0" stroke="var(--rule)" stroke-width="0.04" vector-effect="non-scaling-stroke" />
    {/each}
</svg>

<style>
    svg {
        flex: none;
        background: var(--surround-deep);
    }
</style>
