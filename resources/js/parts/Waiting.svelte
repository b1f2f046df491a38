<script lang="ts">
    import { sentence } from '../api/client';

    interface Props {
        /** what went wrong; waiting where there is nothing */
        problem?: unknown;
    }
    let { problem = null }: Props = $props();
</script>

{#if problem}
    <p role="alert">{sentence(problem)}</p>
{:else}
    <p class="soft">One moment …</p>
{/if}

<style>
    p {
        padding: 32px 28px;
    }
</style>
