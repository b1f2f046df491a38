<script lang="ts">
    import { Button, ProgressBar } from 'carbon-components-svelte';
    import { DraftAll } from './draft-all.svelte';
    import Refused from './Refused.svelte';
    import { counted } from './words';

    interface Props {
        company: number;
        areas: { id: number; planned: boolean; version: number; colour: string | null }[];
    }
    let { company, areas }: Props = $props();

    const all = new DraftAll(
        () => company,
        () => areas,
    );
    const open = $derived(areas.filter((a) => a.colour && !a.planned).length);
    const coloured = $derived(areas.filter((a) => a.colour).length);
    const last = $derived(all.done[all.done.length - 1]);
    const again = () => {
        if (confirm('Draft every area again? Steps you changed are replaced; one undo brings them back.'))
            void all.draft(true);
    };
</script>

<div class="all">
    {#if all.running}
        <ProgressBar
            size="sm"
            labelText="Drafting every area"
            helperText="{all.done.length} of {all.done.length + all.left.length || coloured}{last
                ? ` · ${last.name}: ${counted(last.steps, 'step')}`
                : ''}"
            value={all.done.length}
            max={all.done.length + all.left.length || coloured}
        />
    {:else if all.finished}
        <p role="status">
            <strong>{counted(all.done.length, 'area')} drafted: {counted(all.steps, 'step')}.</strong>
            <button class="link-button" onclick={() => all.undo()}>Undo all</button>
        </p>
        {#if all.far.length}
            <p>
                Look at {#each all.far as area, i (area.id)}{i ? ', ' : ''}<a href="#/recipe/{area.id}">{area.name}</a>
                    ({area.off?.toFixed(1)} off){/each}: no paint of yours comes nearer.
            </p>
        {/if}
        {#if all.changed.length}
            <p>
                Left as they are, since another window changed them: {all.changed.map((a) => a.name).join(', ')}. Look
                at them, then draft again.
            </p>
        {/if}
        {#if all.uncoloured.length}
            <p>
                No colour yet: {all.uncoloured.map((a) => a.name).join(', ')}.
                <a href="#/scheme/{company}">Choose colours</a>
            </p>
        {/if}
        <Button size="small" href="#/bench/{company}/1">Paint at the Bench</Button>
    {:else}
        {#if open}
            <Button size="small" onclick={() => all.draft(false)}
                >{open === areas.length ? 'Draft all areas' : `Draft ${counted(open, 'area')}`}</Button
            >
        {/if}
        {#if coloured > open}
            <button class="link-button" onclick={again}>Draft all {coloured} areas again</button>
        {/if}
        {#if all.undone}<p role="status">{all.undone}</p>{/if}
    {/if}
    <Refused write={all.write} />
</div>

<style>
    .all {
        display: grid;
        gap: 8px;
        justify-items: start;
        font-size: var(--size-plain);
    }
    .all > :global(.bx--progress-bar) {
        width: 100%;
    }
</style>
