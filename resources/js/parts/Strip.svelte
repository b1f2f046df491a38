<script lang="ts">
    interface Props {
        /** colours side by side, each with its name below */
        fields: { hex: string; name: string }[];
        /** CSS height of the colours, default 44px */
        height?: string;
    }
    let { fields, height = '44px' }: Props = $props();
</script>

<div
    class="strip"
    style:--fields={fields.length}
    role="img"
    aria-label={fields.map((field) => `${field.name} ${field.hex}`).join(', ')}
>
    {#each fields as field (field.name)}<i style:background={field.hex} style:height></i>{/each}
</div>
<div class="strip names" style:--fields={fields.length} aria-hidden="true">
    {#each fields as field (field.name)}<span>{field.name}</span>{/each}
</div>

<style>
    .strip {
        display: grid;
        grid-template-columns: repeat(var(--fields), minmax(0, 1fr));
    }
    .names {
        margin: 3px 0 8px;
        font-size: var(--size-fine);
        color: var(--ink-soft);
    }
    span {
        padding-right: 6px;
    }
</style>
