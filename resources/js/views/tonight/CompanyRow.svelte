<script lang="ts">
    import type { CompanyTonight, Figure } from '../../api/wire';
    import FigureDrawing from '../../parts/FigureDrawing.svelte';
    import { counted } from '../../parts/words';

    interface Props {
        company: CompanyTonight;
        figure: Figure | null;
    }
    let { company, figure }: Props = $props();
    const tones = $derived(
        company.figures.map((f) => ({ number: f.number, tones: new Map(f.tones.map((t) => [t.area, t.tones])) })),
    );
    const more = $derived(company.count - company.figures.length);
</script>

<div class="company">
    <div>
        <h3>{company.name}</h3>
        <p class="soft">{counted(company.count, 'figure')}{company.level ? `, ${company.level}` : ''}</p>
    </div>
    <div class="row">
        {#if figure}
            {#each tones as each (each.number)}
                <div class="one">
                    <FigureDrawing
                        {figure}
                        tones={each.tones}
                        label="{company.name}, figure {each.number}, as it looks now"
                    />
                </div>
            {/each}
            {#if more > 0}<p class="soft">and {more} more</p>{/if}
        {/if}
    </div>
    <p>
        {#if company.next}
            next: <a href="#/bench/{company.id}">{company.next}</a>{company.next_figures
                ? `, ${company.next_figures}`
                : ''}
        {:else if company.planned}
            everything that is planned is done
        {:else}
            <a href="#/scheme/{company.id}">no recipe yet: choose colours</a>
        {/if}
    </p>
</div>

<style>
    .company {
        display: grid;
        grid-template-columns: 128px minmax(0, 1fr) 176px;
        gap: 18px;
        align-items: center;
        padding: 10px 0;
        border-top: 1px solid var(--rule);
    }
    h3 {
        font-size: var(--size-body);
    }
    .row {
        display: flex;
        flex-wrap: wrap;
        gap: 4px;
        align-items: center;
    }
    .one {
        width: 42px;
        height: 72px;
    }
    a {
        color: var(--ink);
    }
    @media (max-width: 720px) {
        .company {
            grid-template-columns: 1fr;
            gap: 6px;
        }
    }
</style>
