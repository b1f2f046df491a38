<script lang="ts">
    interface Props {
        /** as it is written here */
        text: string;
        /** what it means */
        meaning: string;
    }
    let { text, meaning }: Props = $props();

    const WIDTH = 280;
    const id = `term-${Math.random().toString(36).slice(2)}`;
    let button: HTMLButtonElement | null = $state(null);
    let at: { left: number; top: number } | null = $state(null);
    /** opened by a touch or a click, and so not closed by leaving */
    let kept = $state(false);

    function open(keep = false) {
        const box = button?.getBoundingClientRect();
        if (!box) return;
        kept ||= keep;
        at = { left: Math.max(8, Math.min(box.left, window.innerWidth - WIDTH - 8)), top: box.bottom + 6 };
    }
    function close(also = true) {
        if (kept && !also) return;
        at = null;
        kept = false;
    }
</script>

<svelte:window
    onscrollcapture={() => close()}
    onkeydown={(e) => {
        if (at && e.key === 'Escape') close();
    }}
    onpointerdown={(e) => {
        if (at && !button?.contains(e.target as Node)) close();
    }}
/>

<button
    bind:this={button}
    type="button"
    aria-describedby={at ? id : undefined}
    onmouseenter={() => open()}
    onmouseleave={() => close(false)}
    onfocus={() => open()}
    onblur={() => close()}
    onclick={(e) => {
        e.stopPropagation();
        open(true);
    }}>{text}</button
>{#if at}<span {id} role="tooltip" style:left="{at.left}px" style:top="{at.top}px" style:width="{WIDTH}px"
        >{meaning}</span
    >{/if}

<style>
    button {
        padding: 0;
        border: 0;
        border-bottom: 1px dotted currentColor;
        background: none;
        color: inherit;
        font: inherit;
        text-align: inherit;
        cursor: help;
    }
    span {
        position: fixed;
        z-index: 9000;
        padding: 10px 14px;
        background: var(--bar);
        color: #f2f2f2;
        font-family: var(--text);
        font-size: var(--size-plain);
        font-style: normal;
        font-weight: 400;
        line-height: 1.4;
        text-align: left;
        white-space: normal;
    }
</style>
