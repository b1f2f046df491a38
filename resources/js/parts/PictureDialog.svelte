<script lang="ts">
    import { InlineNotification, Modal } from 'carbon-components-svelte';
    import { put, sentence } from '../api/client';
    import type { PicturePoint } from '../api/wire';
    import FileField from './FileField.svelte';
    import { capital } from './words';

    interface Props {
        ontake: (hex: string) => void;
        onclose: () => void;
    }
    let { ontake, onclose }: Props = $props();

    /** pixels of the picture around the point, along a side */
    const PATCH = 11;
    const MOST_MB = 30;
    let picture: string | null = $state(null);
    let image: HTMLImageElement | null = $state(null);
    let point: { x: number; y: number } = $state({ x: 0.5, y: 0.5 });
    let found: PicturePoint | null = $state(null);
    let problem = $state('');

    function choose(file: File | undefined) {
        problem = '';
        found = null;
        if (picture) URL.revokeObjectURL(picture);
        picture = null;
        if (!file) return;
        if (file.size > MOST_MB * 1e6) {
            problem = `${file.name} holds ${Math.ceil(file.size / 1e6)} MB: at most ${MOST_MB} MB are opened.`;
            return;
        }
        picture = URL.createObjectURL(file);
    }

    async function read(x: number, y: number) {
        if (!image || !image.naturalWidth) return;
        point = { x: Math.min(1, Math.max(0, x)), y: Math.min(1, Math.max(0, y)) };
        const canvas = document.createElement('canvas');
        canvas.width = canvas.height = PATCH;
        const left = Math.round(point.x * image.naturalWidth - PATCH / 2);
        const top = Math.round(point.y * image.naturalHeight - PATCH / 2);
        const fit = (at: number, size: number) => Math.min(Math.max(0, at), Math.max(0, size - PATCH));
        canvas
            .getContext('2d')
            ?.drawImage(
                image,
                fit(left, image.naturalWidth),
                fit(top, image.naturalHeight),
                Math.min(PATCH, image.naturalWidth),
                Math.min(PATCH, image.naturalHeight),
                0,
                0,
                PATCH,
                PATCH,
            );
        const patch = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/png'));
        if (!patch) return;
        const form = new FormData();
        form.append('patch', patch, 'patch.png');
        try {
            found = await put<PicturePoint>('POST', 'reader/picture', form);
            problem = '';
        } catch (thrown) {
            problem = sentence(thrown);
        }
    }

    function onkey(event: KeyboardEvent) {
        const step = event.shiftKey ? 0.05 : 0.005;
        const moves: Record<string, [number, number]> = {
            ArrowLeft: [-step, 0],
            ArrowRight: [step, 0],
            ArrowUp: [0, -step],
            ArrowDown: [0, step],
        };
        const move = moves[event.key];
        if (move) {
            event.preventDefault();
            void read(point.x + move[0], point.y + move[1]);
        }
    }
</script>

<Modal
    open
    modalHeading="A colour from a picture"
    primaryButtonText="Take this colour"
    primaryButtonDisabled={!found}
    secondaryButtonText="Cancel"
    on:click:button--secondary={onclose}
    on:close={onclose}
    on:submit={() => found && ontake(found.hex)}
>
    {#if problem}<InlineNotification lowContrast hideCloseButton kind="error" title={problem} />{/if}
    <FileField label="Picture, up to {MOST_MB} MB" accept="image/*" onchoose={choose} />
    {#if picture}
        <p class="soft">Click where the colour is; the arrow keys move the point.</p>
        <button
            class="plain-button frame"
            aria-label="Point of the picture, moved with the arrow keys"
            onclick={(e) => {
                const box = e.currentTarget.getBoundingClientRect();
                if (e.detail > 0) void read((e.clientX - box.left) / box.width, (e.clientY - box.top) / box.height);
            }}
            onkeydown={onkey}
        >
            <img
                bind:this={image}
                src={picture}
                alt="The chosen file"
                onload={() => read(0.5, 0.5)}
                onerror={() => {
                    problem = 'This file is no picture that can be shown: choose a PNG, JPEG or WebP.';
                    picture = null;
                }}
            />
            <span class="point" style:left="{100 * point.x}%" style:top="{100 * point.y}%"></span>
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
