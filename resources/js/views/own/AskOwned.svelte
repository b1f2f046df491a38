<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { sessionQuery } from '../../api/queries';
    import type { Habits } from '../../api/wire';
    import { useWrite } from '../../api/write.svelte';
    import Asks from '../../parts/Asks.svelte';
    import Refused from '../../parts/Refused.svelte';

    /** Asked once, when the first pot comes in that makes it matter; until then the shelf tells. */
    const session = createQuery(sessionQuery);
    const habits = $derived(session.data?.painter ?? null);
    const write = useWrite();

    const ask = (asks: string, key: 'airbrush' | 'spray_cans') => ({ asks, key });
    const open = $derived(
        [
            habits?.airbrush === null && habits.told.airbrush
                ? ask(`${habits.told.airbrush} is for an airbrush: do you have one?`, 'airbrush')
                : null,
            habits?.spray_cans === null && habits.told.spray_cans
                ? ask(`${habits.told.spray_cans} is a can: may you use spray cans where you live?`, 'spray_cans')
                : null,
        ].filter((a) => a !== null),
    );

    async function answer(change: Partial<Habits>) {
        await write.send<Habits>(
            'habits',
            'PUT',
            'workshop',
            () => ({ ...habits, ...change }),
            (saved) => ({ key: ['session'], data: { ...session.data, painter: saved } }),
        );
    }
</script>

{#each open as each (each.key)}
    <Asks
        asks={each.asks}
        choices={[
            { words: 'yes', press: () => answer({ [each.key]: true }) },
            { words: 'no', press: () => answer({ [each.key]: false }) },
        ]}
    />
{/each}
<Refused {write} />
