<script lang="ts">
    interface Props {
        /** what the address names that is not there */
        what: 'figure' | 'area' | 'sitting';
    }
    let { what }: Props = $props();
</script>

<main>
    <h1>There is no such {what}</h1>
    <p>
        This address names a{what === 'area' ? 'n area' : ` ${what}`} that is not in your workshop: it may have been deleted,
        or belong to somebody else. <a href="#/figures">See your figures</a>.
    </p>
</main>

<style>
    main {
        padding: 32px 28px;
    }
    p {
        max-width: 620px;
        margin-top: 10px;
    }
</style>
