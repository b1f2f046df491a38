<script lang="ts">
    import type { Layer } from '../api/wire';
    import { capital, counted } from './words';
    import Faces from './Faces.svelte';

    interface Props {
        /** from the lowest up */
        layers: Layer[];
        /** the draft it is compared with: what differs from it is set in bold */
        other?: Layer[];
    }
    let { layers, other = [] }: Props = $props();

    const same = (layer: Layer) =>
        other.some((o) => o.technique === layer.technique && o.words === layer.words && o.coats === layer.coats);
    const rows = $derived([...layers].reverse());
</script>

<ol>
    {#each rows as layer, i (i)}
        <li>
            <div class="faces"><Faces faces={layer.after} label="After {layer.technique}" height="34px" /></div>
            <p class:differs={other.length > 0 && !same(layer)}>
                <small>{capital(layer.technique)}{layer.film ? ` · ${counted(layer.coats, 'coat')}` : ''}</small>
                {layer.words}
            </p>
        </li>
    {/each}
</ol>

<style>
    ol {
        margin: 0;
        padding: 0;
        list-style: none;
    }
    li {
        display: grid;
        grid-template-columns: 108px minmax(0, 1fr);
        gap: 10px;
        align-items: center;
        min-height: 38px;
    }
    p {
        margin: 0;
        font-size: var(--size-small);
        line-height: 1.2;
    }
    .differs {
        font-weight: 600;
    }
    small {
        display: block;
        font-size: var(--size-fine);
        font-weight: 400;
        color: var(--ink-soft);
    }
</style>
