<script lang="ts">
    import { pages, together } from './pages';
    import SecondLine from './SecondLine.svelte';
    import { surround } from '../theme/surround.svelte';

    interface Props {
        /** who is signed in */
        painter: string;
        /** the current route */
        location: string;
        /** whether anything was painted yet: then the first page is Tonight */
        begun: boolean;
        onleave: () => void;
        onkeys: () => void;
    }
    let { painter, location, begun, onleave, onkeys }: Props = $props();

    const here = $derived(location.split('/')[1] || (begun ? 'tonight' : 'shelf'));
    const top = $derived(
        Object.keys(together).find((t) => together[t]?.some((p) => p.path === here)) ??
            (here === 'sitting' ? 'bench' : here),
    );
    const second = $derived(together[top] ?? []);
</script>

<header>
    <a class="name" href="#/">Kalokroma</a>
    <nav aria-label="Pages">
        {#each pages as page (page.path)}
            <a href="#/{page.path}" aria-current={top === page.path ? 'page' : undefined}>{page.name}</a>
        {/each}
    </nav>
    <div class="right">
        <a href="#/start">First steps</a>
        <button
            class="plain-button"
            onclick={() => surround.toggle()}
            aria-label="Background: {surround.current}, change"
        >
            Background <span aria-hidden="true">{surround.current === 'light' ? '◐' : '◑'}</span>
        </button>
        <button class="plain-button" onclick={onkeys} aria-label="Keys of this page" title="Keys of this page: ?"
            >?</button
        >
        <a class="painter" href="#/account">{painter}</a>
        <button class="plain-button" onclick={onleave}>Sign out</button>
    </div>
</header>
<SecondLine
    pages={second}
    of={pages.find((p) => p.path === top)?.name ?? ''}
    {here}
    figure={top === 'scheme' ? (location.split('/')[2] ?? '') : ''}
/>

<style>
    header {
        display: flex;
        align-items: center;
        gap: 32px;
        height: 52px;
        padding: 0 20px;
        background: var(--bar);
        color: #d0d0d0;
    }
    .name {
        font-family: var(--display);
        font-size: var(--size-title);
        color: #f7f7f7;
        text-decoration: none;
    }
    nav {
        display: flex;
        gap: 26px;
        height: 100%;
        flex: 1;
        overflow-x: auto;
    }
    nav a {
        display: flex;
        align-items: center;
        border-top: 3px solid transparent;
        border-bottom: 3px solid transparent;
        color: #d0d0d0;
        text-decoration: none;
        white-space: nowrap;
    }
    nav a[aria-current] {
        color: #ffffff;
        border-bottom-color: var(--accent-on-bar);
    }
    .right {
        display: flex;
        gap: 18px;
        white-space: nowrap;
    }
    .right a {
        color: inherit;
        text-decoration: none;
    }
    .painter {
        max-width: 150px;
        overflow: hidden;
        text-overflow: ellipsis;
    }
    header :focus-visible {
        outline-color: var(--accent-on-bar);
        outline-offset: -2px;
    }
    /* All pages have room beside a long name from 1240 pixels on. */
    @media (max-width: 1400px) {
        header {
            gap: 20px;
        }
        nav {
            gap: 16px;
        }
        .right {
            gap: 14px;
        }
        .painter {
            max-width: 124px;
        }
    }
    @media (max-width: 720px) {
        .right {
            gap: 14px;
            font-size: var(--size-plain);
        }
        .painter {
            max-width: 64px;
        }
        header {
            flex-wrap: wrap;
            height: auto;
            gap: 4px 16px;
            padding: 10px 16px 0;
        }
        header nav {
            order: 3;
            flex-basis: 100%;
            height: 44px;
            gap: 16px;
            font-size: var(--size-body);
        }
        .right {
            margin-left: auto;
        }
    }
</style>
