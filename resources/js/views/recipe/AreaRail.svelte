<script lang="ts">
    import type { Company } from '../../api/wire';
    import DraftAll from '../../parts/DraftAll.svelte';
    import MiniStrata from '../../parts/MiniStrata.svelte';
    import { counted } from '../../parts/words';

    interface Props {
        company: Company;
        /** id of the area whose recipe is open */
        area: number;
    }
    let { company, area }: Props = $props();
</script>

<nav class="rail" aria-label="Areas of {company.name}">
    <div class="head">
        <h2><a href="#/figures/{company.id}">{company.name}</a></h2>
        <p class="soft">{counted(company.count, 'figure')}{company.begun ? ` · ${company.begun} begun` : ''}</p>
    </div>
    {#each company.areas as each (each.id)}
        <a class="area" href="#/recipe/{each.id}" aria-current={each.id === area ? 'page' : undefined}>
            <MiniStrata strip={each.strip} size={36} />
            <span>
                <b>{each.name}</b>
                <small
                    >{each.weight} · {each.share} %{each.planned ? '' : ' · no recipe'}{#if each.off !== null}
                        &nbsp;· <em>ends {each.off.toFixed(1)} off</em>{/if}</small
                >
            </span>
        </a>
    {/each}
    <div class="all"><DraftAll company={company.id} areas={company.areas} /></div>
</nav>

<style>
    .head {
        padding: 0 18px 14px;
    }
    h2 a {
        color: inherit;
        text-decoration: none;
    }
    .area {
        display: flex;
        gap: 12px;
        align-items: center;
        padding: 6px 18px;
        border-left: 4px solid transparent;
        color: inherit;
        text-decoration: none;
    }
    .all {
        padding: 14px 18px;
    }
    .area[aria-current] {
        background: var(--raised);
        border-left-color: var(--accent);
    }
    b {
        display: block;
        font-weight: 400;
        line-height: 1.2;
    }
    .area[aria-current] b {
        font-weight: 600;
    }
    em {
        font-style: normal;
        color: var(--warn);
    }
    small {
        font-size: var(--size-fine);
        color: var(--ink-soft);
    }
    @media (max-width: 980px) {
        .head {
            min-width: 140px;
        }
        .area {
            flex: none;
            border-left: 0;
            border-bottom: 4px solid transparent;
        }
        .area[aria-current] {
            border-bottom-color: var(--accent);
        }
    }
</style>
