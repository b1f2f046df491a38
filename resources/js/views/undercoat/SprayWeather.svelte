<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { Button, TextInput } from 'carbon-components-svelte';
    import { ask, sentence } from '../../api/client';
    import { sessionQuery, weatherQuery } from '../../api/queries';
    import type { Climate } from '../../api/wire';
    import { duration } from '../../parts/words';

    interface Props {
        /** the kind of undercoat that is judged first, default spray-can */
        kind?: string;
    }
    let { kind = 'spray-can' }: Props = $props();

    const session = createQuery(sessionQuery);
    const degrees = $derived(session.data?.painter?.temperature === 'F' ? 'F' : 'C');
    // svelte-ignore state_referenced_locally
    let temperature = $state(degrees === 'F' ? '68' : '20');
    let humidity = $state('50');
    let problem = $state('');
    let said = $state('');
    // svelte-ignore state_referenced_locally
    let which: string = $state(kind);
    const number = (text: string) => text.trim().replace(',', '.');
    const weather = createQuery(() => ({
        ...weatherQuery(number(temperature), number(humidity)),
        placeholderData: (before) => before,
    }));
    const judged = $derived(weather.data?.kinds.find((k) => k.id === which) ?? null);
    const heads = { go: 'Good to spray', wait: 'Better wait', no: 'Do not spray' };

    async function read() {
        problem = '';
        said = '';
        const now = new Date();
        try {
            const answer = await ask<Climate>('climate', {
                time: `${String(now.getHours()).padStart(2, '0')}:${String(now.getMinutes()).padStart(2, '0')}`,
            });
            temperature = String(answer.weather.temperature);
            humidity = String(answer.weather.humidity);
            said = `${answer.weather.source}: ${temperature} ${answer.weather.unit}, ${humidity} %${answer.refused ? `; ${answer.refused} of its readings could not be used` : ''}.`;
        } catch (thrown) {
            problem = sentence(thrown);
        }
    }
</script>

<h1>Can it be sprayed now?</h1>
<div class="ask">
    <TextInput size="sm" labelText="Temperature, °{degrees}" bind:value={temperature} />
    <TextInput size="sm" labelText="Humidity, %" bind:value={humidity} />
    <div class="sensor">
        <Button size="small" kind="tertiary" onclick={read}>Read the climate sensor</Button>
    </div>
</div>
{#if said}<p class="soft">{said}</p>{/if}
{#if problem}<p role="alert">{problem}</p>{/if}
{#if weather.error}
    <p role="alert">{sentence(weather.error)}</p>
{:else if judged}
    <div class="kinds" role="radiogroup" aria-label="What is sprayed">
        {#each weather.data?.kinds ?? [] as each (each.id)}
            <label
                ><input type="radio" name="weather-kind" value={each.id} bind:group={which} />
                {each.words}: <strong>{heads[each.verdict].toLowerCase()}</strong></label
            >
        {/each}
    </div>
    <div class="verdict">
        <p class="word">{heads[judged.verdict]}</p>
        <p>{judged.reason}</p>
        <p class="soft">
            Wait {duration(judged.wait_minutes)} before painting on it (usually {duration(judged.usual_minutes)}; this
            air makes it {judged.longer.toFixed(1)} times as long). {judged.rule}
        </p>
    </div>
    <div class="lists">
        <section>
            <h2>In this order</h2>
            <ol>
                {#each judged.checklist as line (line)}<li>{line}</li>{/each}
            </ol>
        </section>
        <section>
            <h2>Before you start</h2>
            <ul>
                {#each judged.cautions as line (line)}<li>{line}</li>{/each}
            </ul>
        </section>
    </div>
{/if}

<style>
    .ask {
        display: grid;
        grid-template-columns: 150px 150px 1fr;
        gap: 18px;
        align-items: end;
        margin: 14px 0;
    }
    .sensor {
        display: flex;
        flex-wrap: wrap;
        gap: 8px 14px;
        align-items: center;
    }
    .kinds {
        display: flex;
        flex-wrap: wrap;
        gap: 6px 26px;
        margin: 16px 0;
    }
    .verdict {
        display: grid;
        gap: 6px;
        padding: 18px 20px;
        background: var(--raised);
    }
    .word {
        font-family: var(--display);
        font-size: var(--size-display);
        line-height: 1;
    }
    .lists {
        display: grid;
        grid-template-columns: 1.2fr 1fr;
        gap: 32px;
        margin-top: 22px;
    }
    ol,
    ul {
        margin: 8px 0;
        padding-left: 20px;
    }
    @media (max-width: 720px) {
        .ask,
        .lists {
            grid-template-columns: 1fr;
        }
    }
</style>
