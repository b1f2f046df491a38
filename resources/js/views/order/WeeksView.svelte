<script lang="ts">
    import type { OrderSheet } from '../../api/wire';

    interface Props {
        sheets: OrderSheet[];
        onopen: (number: number) => void;
    }
    let { sheets, onopen }: Props = $props();

    const DAY = 86_400_000;
    const NAMES = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];

    /** Days from the Monday of the first sitting to the Sunday of the last. */
    const days = $derived.by(() => {
        const at = (sheet: OrderSheet) => Date.parse(`${sheet.date}T00:00:00Z`);
        const monday = (time: number) => time - ((new Date(time).getUTCDay() + 6) % 7) * DAY;
        const [first, last] = [monday(at(sheets[0]!)), monday(at(sheets[sheets.length - 1]!)) + 6 * DAY];
        const count = Math.round((last - first) / DAY) + 1;
        return Array.from({ length: count }, (_, i) => {
            const date = new Date(first + i * DAY).toISOString().slice(0, 10);
            return { date, number: Number(date.slice(8)), its: sheets.filter((s) => s.date === date) };
        });
    });
</script>

<div class="weeks">
    {#each NAMES as name (name)}<p class="name" aria-hidden="true">{name}</p>{/each}
    {#each days as day (day.date)}
        <div class="day" class:empty={day.its.length === 0}>
            <p class="number">{day.number}</p>
            {#each day.its as sheet (sheet.number)}
                <button
                    onclick={() => onopen(sheet.number)}
                    aria-label="Sitting {sheet.number}, {sheet.day}, {sheet.from}"
                >
                    <span class="which">{sheet.day}</span>
                    <span>{sheet.from} – {sheet.to}</span>
                    <span class="strip" aria-hidden="true">
                        {#each sheet.jobs as job (job.id)}<i style:flex-grow={job.wide} style:background={job.hex}
                            ></i>{/each}
                    </span>
                    <span>{sheet.minutes_words}, {sheet.jobs.length} steps</span>
                    {#each sheet.milestones as milestone (milestone)}<strong>◆ {milestone}</strong>{/each}
                </button>
            {/each}
        </div>
    {/each}
</div>

<style>
    .weeks {
        display: grid;
        grid-template-columns: repeat(7, minmax(0, 1fr));
        margin-top: 18px;
        border-top: 1px solid var(--rule);
    }
    .name {
        padding: 6px 0;
        font-size: var(--size-small);
        color: var(--ink-soft);
    }
    .day {
        min-height: 104px;
        padding: 6px 8px 8px 0;
        border-top: 1px solid var(--rule);
    }
    .number {
        font-size: var(--size-small);
    }
    .empty {
        color: var(--ink-soft);
    }
    button {
        display: grid;
        gap: 4px;
        width: 100%;
        margin-top: 4px;
        padding: 0;
        border: 0;
        background: none;
        color: inherit;
        font: inherit;
        font-size: var(--size-small);
        text-align: left;
        cursor: pointer;
    }
    .which {
        display: none;
        font-weight: 600;
    }
    .strip {
        display: flex;
        height: 30px;
    }
    .strip i {
        min-width: 1px;
    }
    @media (max-width: 700px) {
        .weeks {
            display: block;
        }
        .name,
        .number,
        .empty {
            display: none;
        }
        .which {
            display: inline;
        }
        .day {
            min-height: 0;
        }
    }
</style>
