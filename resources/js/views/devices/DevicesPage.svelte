<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { devicesQuery } from '../../api/queries';
    import type { Devices } from '../../api/wire';
    import { useWrite } from '../../api/write.svelte';
    import Refused from '../../parts/Refused.svelte';
    import Waiting from '../../parts/Waiting.svelte';

    const devices = createQuery(devicesQuery);
    const write = useWrite();
    const pretend = (device: string, choice: string) =>
        write.send<Devices>('devices', 'PUT', 'devices', { [device]: choice }, (answer) => ({
            key: ['devices'],
            data: answer,
        }));
</script>

<main>
    <h1>Simulated devices</h1>
    <p class="soft lead">
        The demo has no shop, sensor, reader or scale, so small simulations take their place. Here you choose what they
        pretend, also to see what happens when one of them fails.
    </p>
    {#if !devices.isSuccess}
        <Waiting problem={devices.error} />
    {:else}
        {#each devices.data.devices as device (device.id)}
            <fieldset>
                <legend>{device.name}</legend>
                {#each device.choices as choice (choice.id)}
                    <label
                        ><input
                            type="radio"
                            name={device.id}
                            checked={device.pretends === choice.id}
                            onchange={() => pretend(device.id, choice.id)}
                        />
                        {choice.words}</label
                    >
                {/each}
            </fieldset>
        {/each}
        <Refused {write} />
    {/if}
</main>

<style>
    main {
        max-width: 760px;
        padding: 28px 28px 60px;
    }
    .lead {
        margin: 8px 0 20px;
    }
    fieldset {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 24px;
        margin: 0;
        padding: 14px 0;
        border: 0;
        border-top: 1px solid var(--rule);
    }
    legend {
        float: left;
        width: 100%;
        font-weight: 600;
    }
    label {
        padding: 6px 0;
    }
    @media (max-width: 720px) {
        main {
            padding: 18px 16px 40px;
        }
    }
</style>
