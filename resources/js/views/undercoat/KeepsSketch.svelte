<script lang="ts">
    import type { Undercoats } from '../../api/wire';

    interface Props {
        areas: NonNullable<Undercoats['keeps']>;
        busy: boolean;
        onkeep: (areas: { id: number; keeps: boolean }[]) => void;
    }
    let { areas, busy, onkeep }: Props = $props();
</script>

<fieldset disabled={busy}>
    <legend>Where should the sketch show?</legend>
    <p class="soft">Opaque coats over it are warned of on these areas only.</p>
    {#each areas as area (area.id)}
        <label
            ><input
                type="checkbox"
                checked={area.keeps}
                onchange={(e) => onkeep([{ id: area.id, keeps: e.currentTarget.checked }])}
            />{area.name}</label
        >
    {/each}
</fieldset>

<style>
    fieldset {
        margin: 0 0 16px;
        padding: 0;
        border: 0;
    }
    legend {
        font-weight: 600;
    }
    label {
        display: inline-flex;
        gap: 6px;
        align-items: center;
        margin: 4px 18px 0 0;
        font-size: var(--size-plain);
    }
</style>
