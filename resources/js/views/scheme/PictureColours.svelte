<script lang="ts">
    import { ask, sentence } from '../../api/client';
    import FileField from '../../parts/FileField.svelte';
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
            found = (await ask<PictureColours>('scheme/picture', form)).colours;
        } catch (thrown) {
            found = [];
            problem = sentence(thrown);
        }
    }
</script>

<FileField label="A reference picture, PNG or JPEG" accept="image/png,image/jpeg" onchoose={read} />
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
        font-size: var(--size-plain);
    }
    small {
        display: block;
        color: var(--ink-soft);
    }
</style>
