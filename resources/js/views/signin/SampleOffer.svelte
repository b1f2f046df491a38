<script lang="ts">
    import { Button } from 'carbon-components-svelte';

    interface Props {
        busy: boolean;
        onenter: () => void;
    }
    let { busy, onenter }: Props = $props();
</script>

<div>
    <Button kind="tertiary" disabled={busy} onclick={onenter}>Enter the sample workshop</Button>
    <p class="soft">
        To look around first: a salt-marsh company of twelve lamplighters, half painted, and the shelf of paint it is
        painted from.
    </p>
</div>

<style>
    div {
        margin-top: 36px;
        padding-top: 24px;
        border-top: 1px solid var(--rule);
    }
    p {
        margin-top: 10px;
    }
</style>
