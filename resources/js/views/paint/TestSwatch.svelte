<script lang="ts">
    import { useQueryClient } from '@tanstack/svelte-query';
    import { Button } from 'carbon-components-svelte';
    import { put, sentence } from '../../api/client';
    import type { PaintLook } from '../../api/wire';
    import SwatchChange from './SwatchChange.svelte';
    import SwatchReadings from './SwatchReadings.svelte';

    interface Props {
        look: PaintLook;
    }
    let { look }: Props = $props();

    const client = useQueryClient();
    const id = $derived(look.paint.id);
    let reading = $state(false);
    let problem = $state('');

    /** Whatever is predicted with this paint has changed. */
    async function changed() {
        reading = false;
        await client.invalidateQueries();
    }

    async function forget() {
        try {
            await put('DELETE', `paints/${id}/swatch`);
            await changed();
        } catch (thrown) {
            problem = sentence(thrown);
        }
    }
</script>

<section>
    <h2>Test swatch</h2>
    {#if reading}
        <SwatchReadings {id} onsaved={changed} onclose={() => (reading = false)} />
    {:else if look.swatch}
        <SwatchChange swatch={look.swatch} />
        <div class="do">
            <Button size="small" kind="tertiary" on:click={() => (reading = true)}>Read a new one</Button>
            <Button size="small" kind="ghost" on:click={forget}>Forget it</Button>
        </div>
    {:else if look.can_be_read}
        <p>
            What this paint hides is guessed from its colour and behaviour. One coat over black and white, read or typed
            in, tells how it really absorbs and scatters; then its colour stands to ±{look.measured_certainty.toFixed(
                1,
            )} instead of ±{look.certainty.toFixed(1)}, and its coats are computed from it.
        </p>
        <div class="do">
            <Button size="small" on:click={() => (reading = true)}>Measure a test swatch</Button>
        </div>
    {:else}
        <p class="soft">
            A swatch of {look.paint.behaviour} paint cannot be read: it changes with the angle, or lies too thick.
        </p>
    {/if}
    {#if problem}<p role="alert">{problem}</p>{/if}
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
