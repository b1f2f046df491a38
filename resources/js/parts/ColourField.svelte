<script lang="ts">
    import { TextInput } from 'carbon-components-svelte';
    import PictureDialog from './PictureDialog.svelte';
    import ReaderDialog from './ReaderDialog.svelte';
    import { isHex } from './words';

    interface Props {
        label: string;
        /** `#rrggbb`, or what is being typed */
        value: string;
        /** CSS height of the field, default 120px */
        height?: string;
        /** a line below the text field, default none */
        helper?: string;
        onpick: (hex: string) => void;
    }
    let { label, value, height = '120px', helper = '', onpick }: Props = $props();

    let source: 'picture' | 'reader' | null = $state(null);
    const valid = $derived(isHex(value));

    function take(hex: string) {
        source = null;
        onpick(hex);
    }
</script>

<div class="field">
    <label class="swatch" style:background={valid ? value : 'transparent'} style:height>
        <span class="visually-hidden">Pick: {label}</span>
        <input type="color" value={valid ? value : '#808080'} oninput={(e) => onpick(e.currentTarget.value)} />
    </label>
    <TextInput
        size="sm"
        labelText={label}
        {value}
        on:input={(e) => onpick(String(e.detail ?? '').trim())}
        invalid={!valid}
        invalidText="Write # and six hexadecimal digits, as in #8a5a2b."
        helperText={helper}
    />
    <p class="sources">
        <span class="soft">or from</span>
        <button class="link-button" onclick={() => (source = 'picture')}>a picture</button>
        <button class="link-button" onclick={() => (source = 'reader')}>the reader</button>
    </p>
</div>
{#if source === 'picture'}
    <PictureDialog ontake={take} onclose={() => (source = null)} />
{:else if source === 'reader'}
    <ReaderDialog ontake={take} onclose={() => (source = null)} />
{/if}

<style>
    .field {
        min-width: 0;
    }
    .swatch {
        display: block;
        position: relative;
        margin-bottom: 10px;
        cursor: pointer;
    }
    .swatch input {
        position: absolute;
        inset: 0;
        width: 100%;
        height: 100%;
        opacity: 0;
        cursor: pointer;
    }
    .swatch:focus-within {
        outline: 2px solid var(--ink);
        outline-offset: 3px;
    }
    .sources {
        display: flex;
        flex-wrap: wrap;
        gap: 0 10px;
        align-items: center;
        margin-top: 2px;
        font-size: var(--size-small);
    }
    .sources .link-button {
        margin: 0;
        font-size: var(--size-small);
    }
</style>
