<script lang="ts">
    import { put, sentence } from '../../api/client';
    import type { PictureColours } from '../../api/wire';

    interface Props {
        ontake: (hex: string) => void;
    }
    let { ontake }: Props = $props();
    let found: PictureColours['colours'] = $state([]);
    let problem = $state('');

    async function read(file: File | undefined) {
        if (!file) return;
        problem = '';
        const form = new FormData();
        form.append('picture', file);
        try {
            found = (await put<PictureColours>('POST', 'scheme/picture', form)).colours;
        } catch (thrown) {
            found = [];
            problem = sentence(thrown);
        }
    }
</script>

<label class="file"
    >A reference picture, PNG or JPEG
    <input type="file" accept="image/png,image/jpeg" onchange={(e) => read(e.currentTarget.files?.[0])} /></label
>
{#if problem}<p role="alert">{problem}</p>{/if}
{#if found.length}
    <p class="soft">Its ruling colours. Single points are picked under “any colour”, from a picture.</p>
    <ul>
        {#each found as colour (colour.hex)}
            <li>
                <i style:background={colour.hex}></i>
                <span
                    >{colour.words}<small>{colour.share.toFixed(0)} % of the picture</small>
                    <button class="link-button" onclick={() => ontake(colour.hex)}
                        >Match it<span class="visually-hidden">: {colour.words}</span></button
                    ></span
                >
            </li>
        {/each}
    </ul>
{/if}

<style>
    .file input {
        display: block;
        max-width: 100%;
        margin: 6px 0 12px;
        font: inherit;
        color: var(--ink-soft);
    }
    .file input::file-selector-button {
        min-height: 34px;
        margin-right: 12px;
        padding: 0 14px;
        border: 1px solid var(--accent-text);
        background: none;
        color: var(--accent-text);
        font: inherit;
        cursor: pointer;
    }
    ul {
        margin: 8px 0;
        padding: 0;
        list-style: none;
    }
    li {
        display: grid;
        grid-template-columns: 64px 1fr;
        gap: 12px;
        padding: 5px 0;
        font-size: 14px;
    }
    small {
        display: block;
        color: var(--ink-soft);
    }
</style>
