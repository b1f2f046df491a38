<script lang="ts">
    interface Props {
        label: string;
        /** as the browser takes it: ".svg,image/png" */
        accept: string;
        onchoose: (file: File | undefined) => void;
    }
    let { label, accept, onchoose }: Props = $props();
</script>

<label
    >{label}
    <input type="file" {accept} onchange={(e) => onchoose(e.currentTarget.files?.[0])} /></label
>

<style>
    label {
        display: block;
        margin-bottom: 12px;
    }
    input {
        display: block;
        max-width: 100%;
        margin-top: 6px;
        font: inherit;
        color: var(--ink-soft);
    }
    input::file-selector-button {
        min-height: 36px;
        margin-right: 14px;
        padding: 0 16px;
        border: 1px solid var(--accent-text);
        background: none;
        color: var(--accent-text);
        font: inherit;
        cursor: pointer;
    }
</style>
