<script lang="ts">
    import { InlineNotification, Modal } from 'carbon-components-svelte';
    import FileField from './FileField.svelte';
    import { MOST_MB, Picture } from './picture.svelte';
    import { capital } from './words';

    interface Props {
        ontake: (hex: string) => void;
        onclose: () => void;
    }
    let { ontake, onclose }: Props = $props();

    const picture = new Picture();
    const found = $derived(picture.found);
</script>

<Modal
    open
    modalHeading="A colour from a picture"
    primaryButtonText="Use this colour"
    primaryButtonDisabled={!found}
    secondaryButtonText="Cancel"
    on:click:button--secondary={onclose}
    on:close={onclose}
    on:submit={() => found && ontake(found.hex)}
>
    {#if picture.problem}<InlineNotification lowContrast hideCloseButton kind="error" title={picture.problem} />{/if}
    <FileField label="Picture, up to {MOST_MB} MB" accept="image/*" onchoose={(file) => picture.choose(file)} />
    {#if picture.url}
        <p class="soft">Click where the colour is; the arrow keys move the point.</p>
        <button
            class="plain-button frame"
            aria-label="Point of the picture, moved with the arrow keys"
            onclick={(e) => {
                const box = e.currentTarget.getBoundingClientRect();
                if (e.detail > 0)
                    void picture.read((e.clientX - box.left) / box.width, (e.clientY - box.top) / box.height);
            }}
            onkeydown={(e) => {
                if (picture.key(e.key, e.shiftKey)) e.preventDefault();
            }}
        >
            <img
                bind:this={picture.image}
                src={picture.url}
                alt="The chosen file"
                onload={() => picture.read(0.5, 0.5)}
                onerror={() => picture.broken()}
            />
            <span class="point" style:left="{100 * picture.point.x}%" style:top="{100 * picture.point.y}%"></span>
        </button>
    {/if}
    {#if found}
        <div class="found">
            <i style:background={found.hex}></i>
            <p>
                <strong>{capital(found.words)}</strong> · <span class="mono">{found.hex}</span><br />
                <span class="soft"
                    >the mean of {found.pixels} pixels, which differ by {found.spread.toFixed(1)}{found.spread > 4
                        ? ': not an even spot'
                        : ''}. A photograph is no measurement: light and camera shift it.</span
                >
            </p>
        </div>
    {/if}
</Modal>

<style>
    .frame {
        display: inline-block;
        position: relative;
        max-width: 100%;
        margin-top: 8px;
        cursor: crosshair;
    }
    img {
        display: block;
        max-width: 100%;
        max-height: 40vh;
    }
    .point {
        position: absolute;
        width: 18px;
        height: 18px;
        margin: -9px 0 0 -9px;
        border: 2px solid #ffffff;
        outline: 2px solid #000000;
        border-radius: 50%;
        pointer-events: none;
    }
    .found {
        display: grid;
        grid-template-columns: 130px 1fr;
        gap: 16px;
        align-items: center;
        margin-top: 14px;
    }
    .found i {
        height: 72px;
    }
</style>
