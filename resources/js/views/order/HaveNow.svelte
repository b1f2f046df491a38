<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import LayOut from '../../parts/LayOut.svelte';
    import type { OrderState } from './order.svelte';

    interface Props {
        plan: OrderState;
    }
    let { plan }: Props = $props();
    let minutes = $state('');
</script>

<form
    onsubmit={(e) => {
        e.preventDefault();
        void plan.fits(minutes);
    }}
>
    <label
        >I have only
        <input
            class="plain-field"
            type="number"
            min="5"
            max="720"
            aria-label="Minutes you have now"
            bind:value={minutes}
        /> minutes now</label
    >
    <Button size="small" kind="ghost" type="submit" disabled={!minutes || plan.working !== ''}>What fits?</Button>
</form>
{#if plan.now}
    <p>{plan.now.words}</p>
    {#if plan.company !== null}<p>
            <LayOut company={plan.company} origin="minutes" minutes={plan.now.minutes} words="Lay that out" />
        </p>{/if}
{/if}

<style>
    form {
        display: flex;
        flex-wrap: wrap;
        gap: 8px;
        align-items: center;
        margin-top: 10px;
        font-size: var(--size-small);
    }
    input {
        width: 64px;
    }
</style>
