<script lang="ts">
    import type { TypedPaint } from '../../api/wire';
    import type { ByWords } from './by-words.svelte';

    interface Props {
        paint: TypedPaint;
        list: ByWords;
    }
    let { paint, list }: Props = $props();
</script>

<p aria-label="Colours near {paint.fields.name}">
    {#each paint.beside as near (near.words)}
        <button
            class="plain-button"
            style:background={near.hex}
            aria-label="{paint.fields.name}: {near.words}"
            title={near.words}
            onclick={() => list.say(paint, { colour: near.hex })}
        ></button>
    {/each}
</p>

<style>
    p {
        display: flex;
        flex-wrap: wrap;
        gap: 3px;
        align-items: center;
        margin-top: 4px;
    }
    button {
        width: 44px;
        height: 24px;
    }
</style>
