<script lang="ts">
    import Explained from '../../parts/Explained.svelte';
    import type { LeftOut } from '../../api/wire';
    import { capital } from '../../parts/words';

    interface Props {
        stages: LeftOut[];
    }
    let { stages }: Props = $props();
</script>

{#if stages.length}
    <section>
        <h3>Left out, and why</h3>
        <dl>
            {#each stages as left, i (i)}
                <dt><Explained text={capital(left.stage)} /></dt>
                <dd><Explained text={left.reason} /></dd>
            {/each}
        </dl>
    </section>
{/if}

<style>
    section {
        margin-top: 20px;
    }
    dl {
        display: grid;
        grid-template-columns: 88px 1fr;
        gap: 4px 14px;
        margin: 8px 0 0;
        font-size: var(--size-plain);
    }
    dt {
        color: var(--ink-soft);
    }
    dd {
        margin: 0;
    }
</style>
