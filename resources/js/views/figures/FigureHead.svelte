<script lang="ts">
    import { createQuery } from '@tanstack/svelte-query';
    import { sessionQuery } from '../../api/queries';
    import type { Figure } from '../../api/wire';
    import { useWrite } from '../../api/write.svelte';
    import Refused from '../../parts/Refused.svelte';
    import { capital, counted } from '../../parts/words';

    interface Props {
        company: Figure;
        /** its sort, in words */
        kind: string;
        onedit: (what: 'this' | 'plate') => void;
    }
    let { company, kind, onedit }: Props = $props();

    const write = useWrite();
    const session = createQuery(sessionQuery);

    const gone = () => (location.hash = '#/figures');

    async function remove() {
        if (!confirm(`Delete ${company.name} with its areas, colours and recipes?`)) return;
        const path = `companies/${company.id}`;
        if ((await write.send('figure', 'DELETE', path, { version: company.version })) !== undefined) gone();
    }
</script>

<h1>{company.name}</h1>
<p class="soft">
    {capital(kind)}{company.count > 1
        ? `, ${company.count} figures${company.leaders ? `, ${counted(company.leaders, 'leader')} among them` : ''}`
        : ''}, {session.data?.painter?.length === 'in' ? `${company.height_in} in` : `${company.height_mm} mm`} high,
    {company.surface_cm2} cm² of surface{company.count > 1 ? ' each' : ''}
    {#if company.uncovered > 0.05}· {company.uncovered} % of it belongs to no area{/if}
    {#if company.begun}· {company.begun} begun{/if}
</p>
{#if company.notes}<p class="soft">{company.notes}</p>{/if}
<Refused {write} onwritten={gone} />
<p class="acts">
    <button class="link-button" onclick={() => onedit('this')}>Change areas</button>
    <button class="link-button" onclick={() => onedit('plate')}
        >{company.plate?.own ? 'Change the drawing' : 'Use your own drawing or photograph'}</button
    >
    <button class="link-button" onclick={remove}>Delete</button>
</p>

<style>
    .acts {
        display: flex;
        flex-wrap: wrap;
        gap: 4px 22px;
        margin: 8px 0 4px;
    }
</style>
