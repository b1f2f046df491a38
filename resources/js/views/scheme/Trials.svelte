<script lang="ts">
    import { Button, TextInput } from 'carbon-components-svelte';
    import type { Figure, Scheme, Trial } from '../../api/wire';
    import FigureDrawing from '../../parts/FigureDrawing.svelte';
    import { tonesOf } from '../../parts/drawing';
    import type { SchemeDesk } from './scheme.svelte';

    interface Props {
        figure: Figure;
        scheme: Scheme;
        desk: SchemeDesk;
    }
    let { figure, scheme, desk }: Props = $props();
    let name = $state('');
    let notes = $state('');
    const verdicts = { open: 'still open', worked: 'it worked', failed: 'it failed' };

    async function keep() {
        if (await desk.try('POST', `companies/${figure.id}/trials`, { name, notes })) name = notes = '';
    }
    const change = (trial: Trial, body: object) =>
        desk.try('PATCH', `trials/${trial.id}`, { ...body, version: trial.version });
</script>

<p>
    A trial keeps the colours as they are now, beside what you choose later: a test figure, an attempt, a failure worth
    remembering.
</p>
<form
    class="keep"
    onsubmit={(e) => {
        e.preventDefault();
        void keep();
    }}
>
    <TextInput size="sm" labelText="Name of the trial" placeholder="cold cape" bind:value={name} />
    <TextInput size="sm" labelText="What it showed" bind:value={notes} />
    <Button size="small" type="submit" disabled={desk.busy}>Keep the scheme as a trial</Button>
</form>
<ol>
    <li>
        <div class="plate"><FigureDrawing {figure} tones={tonesOf(scheme.areas)} label="The chosen scheme" /></div>
        <h3>As chosen now</h3>
        <p class="soft">{scheme.clear} of {scheme.pairs.length} pairs read from {scheme.metres} m</p>
    </li>
    {#each scheme.trials as trial (trial.id)}
        <li>
            <div class="plate"><FigureDrawing {figure} tones={tonesOf(trial.areas)} label={trial.name} /></div>
            <h3>{trial.name}</h3>
            <p class="soft">{trial.clear} of {trial.pairs} pairs read from {scheme.metres} m</p>
            {#if trial.notes}<p>{trial.notes}</p>{/if}
            <p class="acts">
                <select
                    class="line-select"
                    aria-label="How {trial.name} went"
                    value={trial.verdict}
                    onchange={(e) => change(trial, { verdict: e.currentTarget.value })}
                >
                    {#each Object.entries(verdicts) as [id, words] (id)}<option value={id}>{words}</option>{/each}
                </select>
                <button
                    class="link-button"
                    disabled={desk.busy}
                    onclick={() => desk.try('POST', `trials/${trial.id}/take`)}>Use this</button
                >
                <button
                    class="link-button"
                    disabled={desk.busy}
                    onclick={() => desk.try('DELETE', `trials/${trial.id}`, { version: trial.version })}>Delete</button
                >
            </p>
        </li>
    {/each}
</ol>

<style>
    .keep {
        display: grid;
        grid-template-columns: 1fr 1.4fr auto;
        gap: 12px;
        align-items: end;
        margin: 12px 0 18px;
    }
    ol {
        display: grid;
        grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
        gap: 16px;
        margin: 0;
        padding: 0;
        list-style: none;
    }
    li {
        padding: 12px;
        background: var(--rail);
    }
    .plate {
        padding: 8px;
        background: var(--surround-deep);
        height: 250px;
        margin-bottom: 8px;
    }
    .acts {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 14px;
        align-items: center;
        margin-top: 6px;
    }
    @media (max-width: 720px) {
        .keep {
            grid-template-columns: 1fr;
        }
    }
</style>
