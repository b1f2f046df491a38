<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { RadioButton, RadioButtonGroup } from 'carbon-components-svelte';
    import { sessionQuery } from '../../api/queries';
    import type { Choice, Habits } from '../../api/wire';
    import { useWrite } from '../../api/write.svelte';
    import Refused from '../../parts/Refused.svelte';

    interface Props {
        ways: Choice[];
        /** what painters disagree about before the first coat */
        schools: Choice[];
    }
    let { ways, schools }: Props = $props();

    const session = createQuery(sessionQuery);
    const habits = $derived(session.data?.painter ?? null);
    const write = useWrite();
    /** what was drafted with something that is ruled out now */
    let stays = $state('');

    const bench = [
        { key: 'solvents', words: 'White spirit or enamel thinner?' },
        { key: 'wet_palette', words: 'A wet palette?' },
        { key: 'metal_brush', words: 'A brush kept for metal?' },
    ] as const;

    async function answer(change: Partial<Habits>) {
        if (!habits) return;
        const next = { ...habits, ...change };
        if (JSON.stringify(next) === JSON.stringify(habits)) return;
        const saved = await write.send<Habits>(
            'habits',
            'PUT',
            'workshop',
            () => ({ ...habits, ...change }),
            (saved) => ({ key: ['session'], data: { ...session.data, painter: saved } }),
        );
        stays = saved?.stays ?? '';
    }
    /** what a question that is not answered yet is taken for, and why */
    const until = (pot: string, yes: string) =>
        pot ? `Not answered yet: ${yes}, as ${pot} is on your shelf.` : 'Not answered yet: taken for no.';
</script>

<h2>A few questions</h2>
<p class="soft">Nothing is proposed that your answers rule out.</p>
{#if habits}
    <div class="questions">
        <RadioButtonGroup
            legendText="An airbrush?"
            selected={habits.airbrush === null ? undefined : habits.airbrush ? 'yes' : 'no'}
            on:change={(e) => e.detail && answer({ airbrush: e.detail === 'yes' })}
        >
            <RadioButton value="yes" labelText="yes" /><RadioButton value="no" labelText="no" />
        </RadioButtonGroup>
        {#if habits.airbrush === null}<p class="soft open">{until(habits.told.airbrush, 'you have one')}</p>{/if}
        {#if habits.airbrush ?? habits.told.airbrush}
            <RadioButtonGroup
                legendText="With extraction while it sprays?"
                selected={habits.extraction === null ? undefined : habits.extraction ? 'yes' : 'no'}
                on:change={(e) => e.detail && answer({ extraction: e.detail === 'yes' })}
            >
                <RadioButton value="yes" labelText="yes" /><RadioButton value="no" labelText="no" />
            </RadioButtonGroup>
            {#if habits.extraction === null}<p class="soft open">{until('', '')}</p>{/if}
        {/if}
        <RadioButtonGroup
            legendText="May you use spray cans where you live?"
            selected={habits.spray_cans === null ? undefined : habits.spray_cans ? 'yes' : 'no'}
            on:change={(e) => e.detail && answer({ spray_cans: e.detail === 'yes' })}
        >
            <RadioButton value="yes" labelText="yes" /><RadioButton value="no" labelText="no" />
        </RadioButtonGroup>
        {#if habits.spray_cans === null}<p class="soft open">{until(habits.told.spray_cans, 'you may')}</p>{/if}
        {#each bench as each (each.key)}
            <RadioButtonGroup
                legendText={each.words}
                selected={habits[each.key] === null ? undefined : habits[each.key] ? 'yes' : 'no'}
                on:change={(e) => e.detail && answer({ [each.key]: e.detail === 'yes' })}
            >
                <RadioButton value="yes" labelText="yes" /><RadioButton value="no" labelText="no" />
            </RadioButtonGroup>
            {#if habits[each.key] === null}<p class="soft open">
                    {until(each.key === 'solvents' ? habits.told.solvents : '', 'you have some')}
                </p>{/if}
        {/each}
        <RadioButtonGroup
            orientation="vertical"
            legendText="How do you like to paint?"
            selected={habits.way}
            on:change={(e) => answer({ way: e.detail as Habits['way'] })}
        >
            {#each ways as way (way.id)}<RadioButton value={way.id} labelText={way.words} />{/each}
        </RadioButtonGroup>
        <RadioButtonGroup
            orientation="vertical"
            legendText="Which ground do you like below?"
            selected={habits.school}
            on:change={(e) => answer({ school: e.detail as Habits['school'] })}
        >
            {#each schools as school (school.id)}<RadioButton value={school.id} labelText={school.words} />{/each}
        </RadioButtonGroup>
        <RadioButtonGroup
            legendText="Temperatures in"
            selected={habits.temperature}
            on:change={(e) => answer({ temperature: e.detail as Habits['temperature'] })}
        >
            <RadioButton value="C" labelText="°C" /><RadioButton value="F" labelText="°F" />
        </RadioButtonGroup>
        <RadioButtonGroup
            legendText="Figures measured in"
            selected={habits.length}
            on:change={(e) => answer({ length: e.detail as Habits['length'] })}
        >
            <RadioButton value="mm" labelText="millimetres" /><RadioButton value="in" labelText="inches" />
        </RadioButtonGroup>
    </div>
    {#if stays}<p role="status">{stays}</p>{/if}
    <p class="soft">The way counts for recipes drafted from now on; sprays count at once.</p>
{/if}
<Refused {write} />

<style>
    .questions {
        display: grid;
        gap: 18px;
        margin: 16px 0 12px;
    }
    .open {
        margin-top: -12px;
        padding-left: 10px;
        border-left: 4px solid var(--warn);
    }
</style>
