<script lang="ts">
    import type { Figure } from '../api/wire';

    interface Props {
        companies: Figure[];
        figure: Figure;
        /** the page that is opened for another figure: "scheme" */
        page: string;
    }
    let { companies, figure, page }: Props = $props();
</script>

<label
    ><span class="visually-hidden">Figure</span>
    <select
        class="line-select"
        value={String(figure.id)}
        onchange={(e) => (location.hash = `#/${page}/${e.currentTarget.value}`)}
    >
        {#each companies as each (each.id)}<option value={String(each.id)}>{each.name}</option>{/each}
    </select></label
>

<style>
    label {
        display: block;
        padding: 0 18px 12px;
    }
    select {
        width: 100%;
        max-width: none;
        font-family: var(--display);
        font-size: var(--size-head);
    }
    @media (max-width: 720px) {
        label {
            flex: none;
            padding: 8px 12px;
        }
    }
</style>
