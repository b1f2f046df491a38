<script lang="ts">
    interface Props {
        hex: string;
        name: string;
        /** how far it is from what is wanted, in words */
        told: string;
        current: boolean;
        /** absent where it cannot be taken */
        ontake: (() => void) | null;
    }
    let { hex, name, told, current, ontake }: Props = $props();
</script>

<div class="offer" aria-current={current ? 'true' : undefined}>
    <i style:background={hex}></i>
    <div>
        <p>{name}</p>
        <p class="soft">{told}</p>
    </div>
    {#if current}<span>in use</span>{:else if ontake}<button
            class="link-button"
            onclick={ontake}
            aria-label="Use {name}">use</button
        >{/if}
</div>

<style>
    .offer {
        display: grid;
        grid-template-columns: 38px 1fr auto;
        gap: 10px;
        align-items: center;
        padding: 7px 0;
        border-top: 1px solid var(--rule);
    }
    i {
        width: 38px;
        height: 38px;
    }
    p {
        font-size: var(--size-plain);
        line-height: 1.3;
    }
    .soft {
        font-size: var(--size-small);
    }
    span {
        font-size: var(--size-small);
        color: var(--ink-soft);
    }
</style>
