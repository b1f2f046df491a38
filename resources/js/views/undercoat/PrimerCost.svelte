<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { TextInput } from 'carbon-components-svelte';
    import { sentence } from '../../api/client';
    import { costQuery } from '../../api/queries';
    import type { PrimerCost } from '../../api/wire';
    import { counted } from '../../parts/words';

    interface Props {
        /** of one figure, cm², default 18 */
        surface?: number;
        /** how many, default 12 */
        figures?: number;
    }
    let { surface = 18, figures = 12 }: Props = $props();

    // svelte-ignore state_referenced_locally
    let fields = $state({
        can_price: '',
        can_cm2: '',
        bottle_price: '',
        bottle_ml: '',
        cm2_per_ml: '',
        start_up: '',
        figure_cm2: String(Math.round(surface)),
        figures: String(figures),
    });
    const labels: Record<keyof typeof fields, string> = {
        can_price: 'A can costs',
        can_cm2: 'A can covers, cm²',
        bottle_price: 'A bottle of airbrush primer costs',
        bottle_ml: 'A bottle holds, ml',
        cm2_per_ml: 'A millilitre covers, cm²',
        start_up: 'Thinner and cleaner, once',
        figure_cm2: 'Surface of a figure, cm²',
        figures: 'Figures',
    };
    const money = ['can_price', 'bottle_price', 'start_up'];
    const plain = (text: string) => text.trim().replace(',', '.');
    const question = $derived(
        Object.fromEntries(
            Object.entries(fields).map(([name, text]) => [
                name,
                money.includes(name) && plain(text) !== ''
                    ? String(Math.round(Number(plain(text)) * 100))
                    : plain(text),
            ]),
        ),
    );
    const cost = createQuery(() => ({ ...costQuery(question), placeholderData: (before) => before }));
    const price = (minor: number) => (minor / 100).toFixed(2);
    /** the starting value of a field that is left empty */
    function usual(name: string): string {
        const value = cost.data?.usual[name as keyof PrimerCost['usual']];
        return value === undefined ? '' : money.includes(name) ? price(value) : String(value);
    }
</script>

<h1>Can or airbrush?</h1>
{#if cost.error}
    <p role="alert">{sentence(cost.error)}</p>
{:else if cost.data}
    <p class="found">{cost.data.sentence}</p>
    <p class="soft">
        One more figure costs {price(cost.data.in_the_long_run.can)} from a can and {price(
            cost.data.in_the_long_run.bottle,
        )} from a bottle, in the long run.
    </p>
{/if}
<div class="ask">
    {#each Object.keys(labels) as name (name)}
        <TextInput
            size="sm"
            labelText={labels[name as keyof typeof fields]}
            placeholder={usual(name)}
            bind:value={fields[name as keyof typeof fields]}
        />
    {/each}
</div>
{#if cost.data}
    <div class="table-frame">
        <table class="rows">
            <thead>
                <tr
                    ><th class="number">Figures</th><th class="number">Cans</th><th class="number">cost</th><th
                        class="number">Bottles</th
                    ><th class="number">cost</th><th>Cheaper</th></tr
                >
            </thead>
            <tbody>
                {#each [cost.data.yours, ...cost.data.rows] as row, i (i)}
                    <tr class:yours={i === 0}>
                        <td class="number">{i === 0 ? `yours: ${row.figures}` : row.figures}</td>
                        <td class="number">{counted(row.cans, 'can')}</td>
                        <td class="number">{price(row.can)}</td>
                        <td class="number">{counted(row.bottles, 'bottle')}</td>
                        <td class="number">{price(row.bottle)}</td>
                        <td>{row.can === row.bottle ? 'the same' : row.can < row.bottle ? 'can' : 'airbrush'}</td>
                    </tr>
                {/each}
            </tbody>
        </table>
    </div>
    <p class="soft">
        Whole cans and bottles are bought; what the airbrush itself costs is not counted. Empty fields use the values
        shown in them: enter your own.
    </p>
{/if}

<style>
    .found {
        margin: 6px 0 2px;
        font-size: var(--size-head);
    }
    .ask {
        display: grid;
        grid-template-columns: repeat(4, 1fr);
        gap: 14px 18px;
        margin: 18px 0;
    }
    .yours td {
        font-weight: 600;
    }
    table {
        max-width: 720px;
        margin-bottom: 10px;
    }
    @media (max-width: 720px) {
        .ask {
            grid-template-columns: 1fr 1fr;
        }
    }
</style>
