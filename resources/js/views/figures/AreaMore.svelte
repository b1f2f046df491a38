<script lang="ts">
    import type { AreaDraft, CompanyDraft } from './company-draft.svelte';

    interface Props {
        draft: CompanyDraft;
        area: AreaDraft;
    }
    let { draft, area = $bindable() }: Props = $props();
    const others = $derived(draft.areas.filter((a) => a.key !== area.key && a.name.trim() !== ''));
</script>

<fieldset>
    <legend>{area.name || 'This area'} is next to</legend>
    {#each others as other (other.key)}
        <label
            ><input
                type="checkbox"
                checked={area.touches.includes(other.key)}
                onchange={(e) => draft.touch(area.key, other.key, e.currentTarget.checked)}
            />
            {other.name}</label
        >
    {:else}<span class="soft">Name other areas first.</span>{/each}
</fieldset>
<div class="more">
    <label><input type="checkbox" bind:checked={area.fragile} /> sits on a weak joint</label>
    <label
        ><input
            type="checkbox"
            checked={!area.reachable}
            onchange={(e) => (area.reachable = !e.currentTarget.checked)}
        /> out of reach once it is glued</label
    >
    <label>painted with the part <input class="text" maxlength="40" placeholder="none" bind:value={area.part} /></label>
    <label class="note">note <input class="text" maxlength="200" bind:value={area.notes} /></label>
</div>

<style>
    fieldset {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 18px;
        margin: 0;
        padding: 0;
        border: 0;
    }
    legend {
        padding: 0;
        font-weight: 600;
    }
    .more {
        display: flex;
        flex-wrap: wrap;
        gap: 6px 22px;
        align-items: center;
        margin-top: 8px;
    }
    .text {
        height: 32px;
        padding: 0 8px;
        border: 0;
        border-bottom: 1px solid var(--ink-soft);
        background: var(--raised);
        color: var(--ink);
        font: inherit;
    }
    .note .text {
        width: 300px;
    }
</style>
