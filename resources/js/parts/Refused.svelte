<script lang="ts">
    import { InlineNotification } from 'carbon-components-svelte';
    import type { Write } from '../api/write.svelte';
    import OtherWindow from './OtherWindow.svelte';

    interface Props {
        write: Write;
        /** this window's state was written over the other */
        onwritten?: () => void;
        /** this window's state was let go */
        onyielded?: () => void;
    }
    let { write, onwritten, onyielded }: Props = $props();
</script>

{#if write.conflict}
    <OtherWindow
        problem={write.conflict}
        onmine={async () => {
            if ((await write.insist()) !== undefined) onwritten?.();
        }}
        ontheirs={async () => {
            await write.yield();
            onyielded?.();
        }}
    />
{:else if write.problem}
    <InlineNotification lowContrast hideCloseButton kind="error" title={write.problem} />
{/if}
