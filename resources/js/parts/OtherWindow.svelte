<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { Problem } from '../api/client';

    interface Props {
        /** refused because another window was there first */
        problem: Problem;
        /** saves this window's state over the other */
        onmine: () => void;
        /** lets this window's state go */
        ontheirs: () => void;
    }
    let { problem, onmine, ontheirs }: Props = $props();

    let section: HTMLElement | undefined = $state();
    $effect(() => section?.scrollIntoView({ block: 'center' }));
</script>

<section role="alert" bind:this={section}>
    <p>{problem.message}</p>
    {#if problem.conflict?.differences.length}
        <table>
            <thead><tr><th></th><th>There now</th><th>Yours</th></tr></thead>
            <tbody>
                {#each problem.conflict.differences as difference (difference.what)}
                    <tr>
                        <th scope="row">{difference.what}</th>
                        <td>{difference.there || '–'}</td>
                        <td>{difference.yours || '–'}</td>
                    </tr>
                {/each}
            </tbody>
        </table>
    {/if}
    <div>
        <Button size="small" onclick={onmine}>Save mine</Button>
        <Button size="small" kind="tertiary" onclick={ontheirs}>Keep what is there</Button>
    </div>
</section>

<style>
    p {
        margin-bottom: 10px;
    }
    section {
        margin: 12px 0;
        padding: 12px 16px;
        border-left: 4px solid var(--warn);
        background: var(--rail);
    }
    div {
        display: flex;
        flex-wrap: wrap;
        gap: 8px;
    }
    table {
        width: 100%;
        margin: 10px 0 14px;
        border-collapse: collapse;
        font-size: var(--size-plain);
    }
    th,
    td {
        padding: 5px 12px 5px 0;
        border-bottom: 1px solid var(--rule);
        text-align: left;
        vertical-align: top;
    }
    tbody th {
        font-weight: 400;
        color: var(--ink-soft);
    }
</style>
