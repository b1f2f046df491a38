<script lang="ts">
    import type { BookEntry } from '../../api/wire';

    interface Props {
        entry: BookEntry;
        /** with the version of the entry that the fields were filled from */
        onsave: (labels: { name: string; tags: string[]; notes: string; version: string }) => void;
        onremove: () => void;
    }
    let { entry, onsave, onremove }: Props = $props();

    let asking = $state(false);
    // svelte-ignore state_referenced_locally
    let name = $state(entry.name);
    // svelte-ignore state_referenced_locally
    let tags = $state(entry.tags.join(', '));
    // svelte-ignore state_referenced_locally
    let notes = $state(entry.notes);
    // svelte-ignore state_referenced_locally
    const version = entry.version;
</script>

<details>
    <summary>Name, tags, notes</summary>
    <label class="small-label">name <input class="small-field" bind:value={name} maxlength="80" /></label>
    <label class="small-label">tags, with commas <input class="small-field" bind:value={tags} /></label>
    <label class="small-label">notes <textarea class="small-field" rows="3" bind:value={notes}></textarea></label>
    <button class="link-button" onclick={() => onsave({ name, tags: tags.split(','), notes, version })}>Save</button>
    {#if asking}
        <span>Delete it from the book? <button class="link-button" onclick={onremove}>Yes, delete it</button></span>
    {:else}
        <button class="link-button" onclick={() => (asking = true)}>Delete from the book</button>
    {/if}
</details>

<style>
    .small-field {
        margin-bottom: 8px;
    }
    textarea {
        height: auto;
        padding: 6px 8px;
    }
    details {
        margin-top: 14px;
        font-size: var(--size-plain);
    }
    summary {
        padding: 4px 0;
        cursor: pointer;
    }
</style>
