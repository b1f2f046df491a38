<script lang="ts">
    import { Button } from 'carbon-components-svelte';
    import type { RunningOrder } from '../../api/wire';
    import type { OrderState } from './order.svelte';

    interface Props {
        plan: OrderState;
        order: RunningOrder;
    }
    let { plan, order }: Props = $props();
</script>

<section>
    <h2>Air it dries in</h2>
    <p>Drying is planned by {order.air.words}{order.air.usual ? ', as is usual' : ', as the sensor read it'}.</p>
    <div>
        <Button size="small" kind="ghost" disabled={plan.write.pending} onclick={() => plan.readAir()}
            >Read the climate sensor</Button
        >
        {#if !order.air.usual}<Button size="small" kind="ghost" onclick={() => plan.usualAir()}
                >Plan by the usual air</Button
            >{/if}
    </div>
</section>
