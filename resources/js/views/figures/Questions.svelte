<script lang="ts">
    import { createQuery, useQueryClient } from '@tanstack/svelte-query';
    import { Checkbox, FormGroup, RadioButton, RadioButtonGroup } from 'carbon-components-svelte';
    import { put, sentence } from '../../api/client';
    import { sessionQuery } from '../../api/queries';
    import type { Choice, Habits, Session } from '../../api/wire';

    interface Props {
        ways: Choice[];
        /** what painters disagree about before the first coat */
        schools: Choice[];
    }
    let { ways, schools }: Props = $props();

    const client = useQueryClient();
    const session = createQuery(sessionQuery);
    const habits = $derived(session.data?.painter ?? null);
    let problem = $state('');

    const bench = [
        { key: 'solvents', words: 'white spirit or enamel thinner' },
        { key: 'wet_palette', words: 'a wet palette' },
        { key: 'metal_brush', words: 'a brush kept for metal' },
    ] as const;

    async function answer(change: Partial<Habits>) {
        if (!habits) return;
        const next = { ...habits, ...change };
        if (JSON.stringify(next) === JSON.stringify(habits)) return;
        problem = '';
        try {
            const saved = await put<Habits>('PUT', 'workshop', next);
            client.setQueryData<Session>(['session'], (old) => old && { ...old, painter: saved });
            void client.invalidateQueries({ queryKey: ['recipe'] });
            void client.invalidateQueries({ queryKey: ['bench'] });
            void client.invalidateQueries({ queryKey: ['undercoat'] });
        } catch (thrown) {
            problem = sentence(thrown);
        }
    }
</script>

<h2>Five questions</h2>
<p class="soft">Nothing is proposed that your answers rule out.</p>
{#if habits}
    <div class="questions">
        <RadioButtonGroup
            legendText="An airbrush, with extraction?"
            selected={habits.airbrush ? 'yes' : 'no'}
            on:change={(e) => answer({ airbrush: e.detail === 'yes', extraction: e.detail === 'yes' })}
        >
            <RadioButton value="yes" labelText="yes" /><RadioButton value="no" labelText="no" />
        </RadioButtonGroup>
        <RadioButtonGroup
            legendText="May you use spray cans where you live?"
            selected={habits.spray_cans ? 'yes' : 'no'}
            on:change={(e) => answer({ spray_cans: e.detail === 'yes' })}
        >
            <RadioButton value="yes" labelText="yes" /><RadioButton value="no" labelText="no" />
        </RadioButtonGroup>
        <FormGroup legendText="What else is on your bench?" noMargin>
            {#each bench as each (each.key)}
                <Checkbox
                    labelText={each.words}
                    checked={habits[each.key]}
                    on:check={(e) => answer({ [each.key]: e.detail })}
                />
            {/each}
        </FormGroup>
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
    </div>
    <p class="soft">The way counts for recipes drafted from now on; sprays count at once.</p>
{/if}
{#if problem}<p role="alert">{problem}</p>{/if}

<style>
    .questions {
        display: grid;
        gap: 18px;
        margin: 16px 0 12px;
    }
</style>
