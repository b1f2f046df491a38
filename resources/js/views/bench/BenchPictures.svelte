<script lang="ts">
    import type { Bench } from '../../api/wire';
    import type { BenchState } from './bench.svelte';

    interface Props {
        bench: BenchState;
        view: Bench;
    }
    let { bench, view }: Props = $props();
    let ofLight = $state(false);
    const areas = $derived(new Map(view.areas.map((a) => [a.id, a.name])));
    const shown = $derived(view.pictures.slice(0, 6));

    function choose(input: HTMLInputElement) {
        const file = input.files?.[0];
        input.value = '';
        if (file) void bench.picture(file, ofLight);
    }
    const said = (p: Bench['pictures'][number]) =>
        [p.of_light ? 'light sketch' : (areas.get(p.area_id ?? 0) ?? 'whole figure'), p.figure && `figure ${p.figure}`]
            .filter(Boolean)
            .join(', ');
</script>

<h3>Pictures</h3>
{#if shown.length}
    <div class="pictures">
        {#each shown as picture (picture.id)}
            <figure>
                <a href="/api/pictures/{picture.id}" target="_blank" rel="noopener"
                    ><img src="/api/pictures/{picture.id}" alt={said(picture)} /></a
                >
                <figcaption>
                    {said(picture)}
                    <button
                        class="link-button"
                        aria-label="Delete the picture: {said(picture)}"
                        onclick={() => bench.dropPicture(picture.id)}>Delete</button
                    >
                </figcaption>
            </figure>
        {/each}
    </div>
{/if}
<label class="take" class:busy={bench.busy}
    >Take a picture
    <input
        type="file"
        accept="image/png,image/jpeg"
        capture="environment"
        disabled={bench.busy}
        onchange={(e) => choose(e.currentTarget)}
    /></label
>
<label class="light"
    ><input type="checkbox" bind:checked={ofLight} /> It shows the light sketch: keep it beside every area</label
>

<style>
    .pictures {
        display: grid;
        grid-template-columns: 1fr 1fr;
        gap: 10px;
        margin-bottom: 8px;
    }
    figure {
        margin: 0;
    }
    img {
        width: 100%;
        height: 96px;
        object-fit: cover;
    }
    figcaption,
    .light {
        font-size: var(--size-small);
        color: var(--ink-soft);
    }
    .take {
        display: inline-block;
        padding: 8px 14px;
        border: 1px solid var(--ink-soft);
        cursor: pointer;
    }
    .take:focus-within {
        outline: 2px solid var(--accent-text);
    }
    .take input {
        position: absolute;
        width: 1px;
        height: 1px;
        opacity: 0;
    }
    .busy {
        opacity: 0.5;
    }
    .light {
        display: flex;
        gap: 8px;
        align-items: start;
        margin-top: 8px;
    }
</style>
