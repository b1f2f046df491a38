<script lang="ts">
    import { Modal } from 'carbon-components-svelte';
    import { keysOf, typesInto } from './keys';

    interface Props {
        /** the current route */
        location: string;
        open: boolean;
    }
    let { location, open = $bindable() }: Props = $props();

    const groups = $derived(keysOf(location));
    $effect(() => {
        void location;
        open = false;
    });

    function key(event: KeyboardEvent) {
        if (event.ctrlKey || event.metaKey || event.altKey || typesInto(event.target)) return;
        if (event.key === '?') {
            event.preventDefault();
            open = !open;
        } else if (event.key === '/') {
            const search = document.querySelector<HTMLInputElement>(
                'main input[type="search"], main [role="searchbox"]',
            );
            if (!search) return;
            event.preventDefault();
            search.focus();
        }
    }
</script>

<svelte:window onkeydown={key} />

{#if open}
    <Modal open passiveModal modalHeading="Keys of this page" on:close={() => (open = false)}>
        {#each groups as group (group.name)}
            <h3>{group.name}</h3>
            <dl>
                {#each group.keys as [keys, does] (keys)}
                    <dt><kbd>{keys}</kbd></dt>
                    <dd>{does}</dd>
                {/each}
            </dl>
        {/each}
        <p class="soft">Words with a dotted line explain themselves: point at them, tab to them or touch them.</p>
    </Modal>
{/if}

<style>
    h3 {
        margin: 14px 0 6px;
        font-size: var(--size-body);
    }
    dl {
        display: grid;
        grid-template-columns: 150px 1fr;
        gap: 6px 16px;
        margin: 0 0 12px;
    }
    dd {
        margin: 0;
    }
    kbd {
        font-family: var(--mono);
        font-size: var(--size-plain);
    }
</style>
