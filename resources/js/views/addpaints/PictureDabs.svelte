<script lang="ts">
    import type { FromPicture } from './from-picture.svelte';

    interface Props {
        picture: FromPicture;
        /** a name was finished with Enter */
        onward: (event: KeyboardEvent) => void;
    }
    let { picture, onward }: Props = $props();
</script>

<ol>
    {#each picture.dabs as dab, i (dab.id)}
        <li>
            <i style:background={dab.found?.hex}></i>
            <div>
                <label for="dab-{dab.id}">{i + 1}. Name</label>
                <input
                    id="dab-{dab.id}"
                    class="small-field"
                    bind:value={dab.name}
                    autocomplete="off"
                    onkeydown={onward}
                />
                {#if dab.found}<p class="soft">
                        {dab.found.words}, ±{dab.found.certainty}{dab.found.spread > 4
                            ? ' · not an even spot: click beside it'
                            : ''}
                    </p>{/if}
            </div>
            <button class="link-button" onclick={() => picture.remove(dab.id)}
                >Remove<span class="visually-hidden"> point {i + 1}</span></button
            >
        </li>
    {/each}
</ol>

<style>
    ol {
        margin: 0 0 14px;
        padding: 0;
        list-style: none;
    }
    li {
        display: grid;
        grid-template-columns: 84px minmax(0, 1fr) auto;
        gap: 12px;
        align-items: center;
        padding: 6px 0;
        border-bottom: 1px solid var(--rule);
    }
    li i {
        min-height: 56px;
    }
    li .small-field {
        background: var(--raised);
    }
</style>
