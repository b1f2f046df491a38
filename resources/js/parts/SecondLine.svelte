<script lang="ts">
    import type { Page } from './pages';

    interface Props {
        /** pages that belong together; none for a page by itself */
        pages: Page[];
        /** name of the first of them */
        of: string;
        /** first word of the address */
        here: string;
        /** the figure that is open, which they share; empty without */
        figure: string;
    }
    let { pages, of, here, figure }: Props = $props();

    $effect(() => {
        document.documentElement.classList.toggle('second', pages.length > 0);
    });
</script>

{#if pages.length}
    <nav aria-label="Pages of {of}">
        {#each pages as page (page.path)}
            <a href="#/{page.path}{figure ? `/${figure}` : ''}" aria-current={here === page.path ? 'page' : undefined}
                >{page.name}</a
            >
        {/each}
    </nav>
{/if}

<style>
    nav {
        display: flex;
        gap: 26px;
        height: 36px;
        padding: 0 20px;
        overflow-x: auto;
        background: var(--bar-second);
        font-size: var(--size-plain);
        white-space: nowrap;
    }
    a {
        display: flex;
        align-items: center;
        border-top: 3px solid transparent;
        border-bottom: 3px solid transparent;
        color: #d0d0d0;
        text-decoration: none;
    }
    a[aria-current] {
        color: #ffffff;
        border-bottom-color: var(--accent-on-bar);
    }
    :focus-visible {
        outline-color: var(--accent-on-bar);
        outline-offset: -2px;
    }
</style>
