<script lang="ts">
    import type { SittingNow } from '../../api/wire';

    interface Props {
        sitting: SittingNow;
        /** paints on beyond what was laid out */
        onpaint: () => void;
    }
    let { sitting, onpaint }: Props = $props();
</script>

<h1>That is all of this sitting</h1>
<p>
    {sitting.words.charAt(0).toUpperCase()}{sitting.words.slice(1)}: everything that was laid out is painted. At the end
    you see what dries, what to wash, and what comes next.
</p>
<p class="acts">
    <a href="#/sitting/{sitting.id}/end">End the sitting</a>
    <button onclick={onpaint}>Paint on</button>
</p>

<style>
    h1 {
        margin: 18px 0 12px;
        font-size: var(--size-across-a-table);
    }
    p {
        max-width: 60ch;
        font-size: var(--size-head);
    }
    .acts {
        position: sticky;
        bottom: 0;
        display: flex;
        flex-wrap: wrap;
        gap: 14px;
        margin-top: auto;
        padding: 14px 0;
        background: var(--surround);
    }
    a,
    button {
        min-height: 68px;
        padding: 20px 36px;
        border: 1px solid var(--ink-soft);
        background: none;
        color: var(--ink);
        font: inherit;
        cursor: pointer;
    }
    a {
        border: 0;
        background: var(--accent);
        color: #ffffff;
        font-weight: 600;
        text-decoration: none;
    }
    @media (max-width: 720px) {
        a,
        button {
            flex: 1;
        }
    }
</style>
