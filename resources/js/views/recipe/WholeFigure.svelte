<script lang="ts">
    import type { Company } from '../../api/wire';

    interface Props {
        company: Company;
    }
    let { company }: Props = $props();
    const files = $derived(`/api/companies/${company.id}/file`);
</script>

<section>
    <h2>The whole {company.count > 1 ? 'company' : 'figure'}</h2>
    <p>
        To print: <a href="/api/companies/{company.id}/card" target="_blank" rel="noopener">a page for each area</a> or
        <a href="/api/companies/{company.id}/card?as=table" target="_blank" rel="noopener">one table</a>, or only
        <a href="/api/companies/{company.id}/card?level=fieldable" target="_blank" rel="noopener">up to fieldable</a>.
        To export:
        <a href="{files}?as=json" download>JSON for another workshop</a>{#if company.count > 1}, <a
                href="{files}?as=figure"
                download>of one figure</a
            >{/if}, or <a href="{files}?as=md" download>Markdown</a>.
    </p>
</section>

<style>
    section {
        margin-top: 26px;
    }
    p {
        margin-top: 4px;
        font-size: var(--size-plain);
    }
</style>
