<script lang="ts">
    import { Checkbox } from 'carbon-components-svelte';
    import type { SchemeArea } from '../../api/wire';
    import { parts, type SchemeDesk } from './scheme.svelte';

    interface Props {
        area: SchemeArea;
        desk: SchemeDesk;
        onundecide: () => void;
    }
    let { area, desk, onundecide }: Props = $props();
</script>

<div class="now">
    {#if area.tones}
        <i style:background={area.tones.recess}></i><i class="plane" style:background={area.tones.plane}></i><i
            style:background={area.tones.ridge}
        ></i>
    {:else}<span class="open">undecided</span>{/if}
</div>
{#if area.hex}
    <p>{area.words} <span class="mono">{area.hex}</span></p>
    <Checkbox
        labelText="Keep this colour when proposing"
        checked={area.fixed}
        disabled={desk.busy}
        on:check={(e) => {
            if (e.detail !== area.fixed)
                void desk.choose([
                    { area: area.id, colour: area.hex, mix: area.mix.length ? parts(area.mix) : null, fixed: e.detail },
                ]);
        }}
    />
    <button class="link-button" onclick={onundecide}>Leave it undecided</button>
{/if}

<style>
    .now {
        display: flex;
        height: 64px;
        margin: 10px 0;
    }
    .now i {
        flex: 1;
    }
    .now .plane {
        flex: 2;
    }
    .open {
        flex: 1;
        display: grid;
        place-items: center;
        border: 1px dashed var(--ink-soft);
        color: var(--ink-soft);
    }
</style>
