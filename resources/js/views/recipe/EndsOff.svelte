<script lang="ts">
    import Explained from '../../parts/Explained.svelte';
    import type { Recipe } from '../../api/wire';

    interface Props {
        ending: NonNullable<Recipe['ending']>;
    }
    let { ending }: Props = $props();

    const faces = $derived([
        { name: 'recess', hex: ending.surface.recess, off: ending.recess_off },
        { name: 'plane', hex: ending.surface.plane, off: ending.off },
        { name: 'ridge', hex: ending.surface.ridge, off: ending.ridge_off },
    ]);
</script>

<dl
    title="Colour difference ΔE00 between each face and what was wanted of it, the planes after the last step that covers them: 1 is just visible, 3 clear"
>
    {#each faces as face (face.name)}
        <div>
            <dd><i style:background={face.hex}></i></dd>
            <dt><Explained text={face.name} /></dt>
            <dd class="off">{face.off === null ? 'as it comes' : `${face.off.toFixed(1)} off`}</dd>
        </div>
    {/each}
</dl>

<style>
    dl {
        margin: 0;
        display: flex;
        font-size: var(--size-small);
        color: var(--ink-soft);
    }
    div {
        width: 66px;
    }
    dd {
        margin: 0;
    }
    i {
        display: block;
        height: 44px;
        margin-bottom: 4px;
    }
    .off {
        color: var(--ink);
        white-space: nowrap;
    }
</style>
