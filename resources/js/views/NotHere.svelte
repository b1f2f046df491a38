<script lang="ts"></script>

<main>
    <h1>There is no such page</h1>
    <p>Choose one of the pages above, for instance <a href="#/shelf">your shelf</a>.</p>
</main>

<style>
    main {
        padding: 40px 28px;
    }
</style>
