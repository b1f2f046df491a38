<script lang="ts">
    import type { Faces } from '../api/wire';

    interface Props {
        /** predicted colours on recess, plane and ridge */
        faces: Faces;
        /** in words, for those who cannot see it */
        label: string;
        /** CSS height, default 66px */
        height?: string;
    }
    let { faces, label, height = '66px' }: Props = $props();
    const text = $derived(`${label}: recess ${faces.recess}, plane ${faces.plane}, ridge ${faces.ridge}`);
</script>

<svg
    role="img"
    aria-label={text}
    viewBox="0 0 3 1"
    preserveAspectRatio="none"
    style:height
    shape-rendering="crispEdges"
>
    <title>{text}</title>
    <rect x="0" width="1" height="1" fill={faces.recess} />
    <rect x="1" width="1" height="1" fill={faces.plane} />
    <rect x="2" width="1" height="1" fill={faces.ridge} />
</svg>

<style>
    svg {
        display: block;
        width: 100%;
    }
</style>
