<script lang="ts">
    import { Button, InlineNotification } from 'carbon-components-svelte';
    import { tick } from 'svelte';
    import FileField from '../../parts/FileField.svelte';
    import { MOST_MB } from '../../parts/picture.svelte';
    import { counted } from '../../parts/words';
    import Added from './Added.svelte';
    import { FromPicture } from './from-picture.svelte';
    import PictureDabs from './PictureDabs.svelte';

    const picture = new FromPicture();
    let frame: HTMLButtonElement | null = $state(null);

    async function point(x: number, y: number) {
        const dab = await picture.point(x, y);
        await tick();
        if (dab !== null) document.getElementById(`dab-${dab}`)?.focus();
    }
    const click = (e: MouseEvent & { currentTarget: HTMLElement }) => {
        const box = e.currentTarget.getBoundingClientRect();
        if (e.detail > 0) void point((e.clientX - box.left) / box.width, (e.clientY - box.top) / box.height);
        else void point(picture.at.x, picture.at.y);
    };
    /** On to the next point that has no name, else back to the picture. */
    function onward(event: KeyboardEvent) {
        if (event.key !== 'Enter') return;
        event.preventDefault();
        const open = picture.dabs.find((d) => !d.name.trim());
        (open ? document.getElementById(`dab-${open.id}`) : frame)?.focus();
    }
</script>

<h1>Click on a picture of your paints</h1>
<p class="soft lead">
    Dabs on white paper are best, pot lids will do. The picture stays on this machine: only a few pixels around each
    point are read.
</p>
<FileField label="Picture, up to {MOST_MB} MB" accept="image/*" onchoose={(file) => picture.choose(file)} />
{#if picture.problem}<InlineNotification lowContrast hideCloseButton kind="error" title={picture.problem} />{/if}
{#if picture.url}
    <p class="ask" role="status">
        {#if picture.asksWhite}
            <strong>First click on white paper</strong>, so that the colour of your lamp is taken out.
            <button class="link-button" onclick={() => picture.skipWhite()}>There is none: go on without</button>
        {:else}
            <strong>Click on a paint, type its name, press Enter.</strong>
            {picture.white
                ? 'White is set: colours are good to about ±4.'
                : 'Without white paper the colours are guesses of about ±6.'}
            <button class="link-button" onclick={() => (picture.asksWhite = true)}>Set white</button>
        {/if}
    </p>
    <div class="both">
        <div>
            <button
                bind:this={frame}
                class="plain-button frame"
                aria-label="The picture. Arrow keys move the point, Enter picks it."
                onclick={click}
                onkeydown={(e) => picture.move(e.key, e.shiftKey) && e.preventDefault()}
            >
                <img
                    bind:this={picture.image}
                    src={picture.url}
                    alt="The chosen file"
                    onerror={() => picture.broken()}
                />
                <span class="cross" style:left="{100 * picture.at.x}%" style:top="{100 * picture.at.y}%"></span>
                {#if picture.white}<span
                        class="dot"
                        style:left="{100 * picture.white.x}%"
                        style:top="{100 * picture.white.y}%">W</span
                    >{/if}
                {#each picture.dabs as dab, i (dab.id)}<span
                        class="dot"
                        style:left="{100 * dab.x}%"
                        style:top="{100 * dab.y}%">{i + 1}</span
                    >{/each}
            </button>
        </div>
        <div>
            <PictureDabs {picture} {onward} />
            <Button disabled={picture.named.length === 0 || picture.paints.write.pending} onclick={() => picture.keep()}
                >{picture.named.length ? `Add ${counted(picture.named.length, 'paint')}` : 'Add these paints'}</Button
            >
        </div>
    </div>
{/if}
<Added paints={picture.paints} />

<style>
    .lead {
        max-width: 640px;
        margin: 8px 0 18px;
    }
    .ask {
        margin: 8px 0 12px;
    }
    .both {
        display: grid;
        grid-template-columns: minmax(0, 3fr) minmax(260px, 2fr);
        gap: 24px;
        align-items: start;
    }
    .frame {
        position: relative;
        display: block;
        max-width: 100%;
        cursor: crosshair;
    }
    img {
        display: block;
        max-width: 100%;
        max-height: 68vh;
    }
    .cross,
    .dot {
        position: absolute;
        display: grid;
        place-items: center;
        width: 22px;
        height: 22px;
        margin: -11px 0 0 -11px;
        border: 2px solid #fff;
        border-radius: 50%;
        outline: 2px solid #000;
        color: #fff;
        background: rgb(0 0 0 / 65%);
        font-size: var(--size-fine);
        pointer-events: none;
    }
    .cross {
        background: none;
        border-radius: 0;
    }
    @media (max-width: 720px) {
        .both {
            grid-template-columns: 1fr;
        }
    }
</style>
