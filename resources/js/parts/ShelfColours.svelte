<script lang="ts">
    import type { Paint } from '../api/wire';

    interface Props {
        paints: Paint[];
        chosen: (paint: Paint) => boolean;
        disabled?: boolean;
        onpick: (paint: Paint) => void;
    }
    let { paints, chosen, disabled = false, onpick }: Props = $props();
</script>

<div role="group" aria-label="Colours on the shelf">
    {#each paints as paint (paint.id)}
        <button
            type="button"
            title={paint.name}
            aria-label={paint.name}
            aria-pressed={chosen(paint)}
            style:background={paint.colour}
            {disabled}
            onclick={() => onpick(paint)}
        ></button>
    {:else}
        <p class="soft">You have no covering paint. <a href="#/shelf">Add some to your shelf</a> first.</p>
    {/each}
</div>

<style>
    div {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(40px, 1fr));
        gap: 6px;
    }
    button {
        height: 38px;
        padding: 0;
        border: 0;
        cursor: pointer;
    }
    button[aria-pressed='true'] {
        outline: 3px solid var(--ink);
        outline-offset: 1px;
    }
    p {
        grid-column: 1 / -1;
    }
</style>
