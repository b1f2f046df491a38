<script lang="ts">
    import type { Heard } from '../../api/wire';

    interface Props {
        looks: Heard['looks'];
        /** at the table, for one figure */
        takes: string;
    }
    let { looks, takes }: Props = $props();

    const strata = $derived([...looks].reverse());
</script>

<figure>
    <figcaption>As it will look</figcaption>
    {#each strata as look, i (strata.length - i)}
        <p>{look.words}</p>
        <div
            role="img"
            aria-label="{look.words}: recess {look.faces.recess}, plane {look.faces.plane}, ridge {look.faces.ridge}"
        >
            <i style:background={look.faces.recess}></i><i style:background={look.faces.plane}></i><i
                style:background={look.faces.ridge}
            ></i>
        </div>
    {/each}
    <p class="faces"><span>recess</span><span>plane</span><span>ridge</span></p>
    {#if takes}<p class="soft">{takes} a figure at the table, the undercoat with it</p>{/if}
</figure>

<style>
    figure {
        width: 168px;
        margin: 8px 0 12px;
        padding: 12px;
        background: var(--surround);
    }
    figcaption {
        font-family: var(--display);
        font-weight: 600;
    }
    p {
        margin-top: 8px;
        font-size: var(--size-small);
        color: var(--ink-soft);
    }
    div {
        display: flex;
        height: 32px;
    }
    i {
        flex: 1;
    }
    .faces {
        display: flex;
        margin-top: 2px;
    }
    .faces span {
        flex: 1;
    }
    @media (max-width: 720px) {
        figure {
            width: auto;
        }
    }
</style>
