<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { PaintLook } from '../../api/wire';
    import { useWrite } from '../../api/write.svelte';
    import Refused from '../../parts/Refused.svelte';
    import SwatchChange from './SwatchChange.svelte';
    import SwatchReadings from './SwatchReadings.svelte';

    interface Props {
        look: PaintLook;
    }
    let { look }: Props = $props();

    const write = useWrite();
    const id = $derived(look.paint.id);
    let reading = $state(false);

    const forget = () => write.send('paint', 'DELETE', `paints/${id}/swatch`, { version: look.paint.version });
</script>

<section>
    <h2>Test swatch</h2>
    {#if reading}
        <SwatchReadings
            {id}
            version={look.paint.version}
            onsaved={() => (reading = false)}
            onclose={() => (reading = false)}
        />
    {:else if look.swatch}
        <SwatchChange swatch={look.swatch} />
        <div class="do">
            <Button size="small" kind="tertiary" on:click={() => (reading = true)}>Read a new one</Button>
            <Button size="small" kind="ghost" on:click={forget}>Forget it</Button>
        </div>
    {:else if look.can_be_read}
        <p>
            What this paint hides is guessed from its colour and behaviour. One coat over black and white, read or typed
            in, tells how it really absorbs and scatters; then its colour is good to ±{look.measured_certainty.toFixed(
                1,
            )} instead of ±{look.certainty.toFixed(1)}, and its coats are computed from it.
        </p>
        <div class="do">
            <Button size="small" on:click={() => (reading = true)}>Measure a test swatch</Button>
        </div>
    {:else}
        <p class="soft">
            A swatch of {look.paint.behaviour} paint cannot be read: it changes with the angle, or goes on too thick.
        </p>
    {/if}
    <Refused {write} />
</section>

<style>
    h2 {
        margin-bottom: 6px;
        font-size: var(--size-head);
    }
    .do {
        display: flex;
        flex-wrap: wrap;
        gap: 8px;
        margin-top: 12px;
    }
</style>
