<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { Figure } from '../../api/wire';
    import { counted } from '../../parts/words';

    interface Props {
        companies: Figure[];
        /** id of the one that is shown */
        current: number | undefined;
        onopen: () => void;
        onadd: () => void;
    }
    let { companies, current, onopen, onadd }: Props = $props();
</script>

<nav class="rail" aria-label="Figures and companies">
    {#each companies as each (each.id)}
        <a
            class="rail-entry"
            href="#/figures/{each.id}"
            aria-current={each.id === current ? 'page' : undefined}
            onclick={onopen}
        >
            <strong>{each.name}</strong>
            <span>{counted(each.count, 'figure')} · {counted(each.areas.length, 'area')}</span>
        </a>
    {/each}
    <div class="add">
        <Button size="small" kind="tertiary" onclick={onadd}>Add a figure</Button>
    </div>
</nav>

<style>
    .add {
        flex: none;
        padding: 14px 18px;
    }
</style>
