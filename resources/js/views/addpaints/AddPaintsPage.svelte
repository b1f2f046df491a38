<script lang="ts">
    import ByTicking from './ByTicking.svelte';
    import ByWords from './ByWords.svelte';
    import FromPicture from './FromPicture.svelte';

    interface Props {
        params?: { by?: string } | null;
    }
    let { params = null }: Props = $props();

    const ways = [
        { id: 'words', name: 'Type or paste a list', about: 'names as you keep them', view: ByWords },
        { id: 'common', name: 'Tick common colours', about: 'forty that most shelves have', view: ByTicking },
        { id: 'picture', name: 'Click on a picture', about: 'pot lids or dabs on paper', view: FromPicture },
    ];
    const way = $derived(ways.find((w) => w.id === params?.by) ?? ways[0]);
    const View = $derived(way?.view);
</script>

<div class="duo">
    <nav class="rail" aria-label="Ways to add paints">
        <p class="title">Add paints</p>
        {#each ways as each (each.id)}
            <a class="rail-entry" href="#/add-paints/{each.id}" aria-current={each === way ? 'page' : undefined}
                ><strong>{each.name}</strong><span>{each.about}</span></a
            >
        {/each}
        <a class="rail-entry" href="#/shelf?open=import"
            ><strong>Import a file</strong><span>CSV, JSON or palette</span></a
        >
        <a class="rail-entry" href="#/shelf?open=paint"
            ><strong>Fill in one paint</strong><span>every detail of it</span></a
        >
    </nav>
    <main>
        {#if View}<View />{/if}
    </main>
</div>

<style>
    .title {
        padding: 0 18px 10px;
        font-family: var(--display);
        font-size: var(--size-head);
    }
    @media (max-width: 720px) {
        .title {
            display: none;
        }
    }
</style>
