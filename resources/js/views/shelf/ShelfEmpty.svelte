<script lang="ts">
    const ways = [
        {
            to: '#/add-paints/words',
            name: 'Type or paste a list',
            about: 'one paint a line, as you keep them: “Sepia wash”',
        },
        {
            to: '#/add-paints/common',
            name: 'Tick common colours',
            about: 'forty plain ones that most shelves have: one minute',
        },
        { to: '#/add-paints/picture', name: 'Click on a picture', about: 'of pot lids or dabs on paper' },
        {
            to: '#/shelf?open=import',
            name: 'Import a file',
            about: 'CSV with a name, a behaviour and a colour, or JSON',
        },
        { to: '#/shelf?open=paint', name: 'Fill in one paint', about: 'with every detail' },
    ];
</script>

<div class="empty">
    <h2>Your paints will be here</h2>
    <p>
        Mixes, coats and recipes are worked out from them. A dozen is enough to start, and a word or two is enough for a
        colour.
    </p>
    <ul>
        {#each ways as way (way.to)}
            <li><a href={way.to}>{way.name}</a><span class="soft">{way.about}</span></li>
        {/each}
    </ul>
</div>

<style>
    .empty {
        max-width: 620px;
        padding: 48px 0;
    }
    .empty p {
        margin: 10px 0 20px;
    }
    ul {
        margin: 0;
        padding: 0;
        list-style: none;
    }
    li {
        display: grid;
        grid-template-columns: 220px 1fr;
        gap: 4px 16px;
        align-items: baseline;
        padding: 12px 0;
        border-top: 1px solid var(--rule);
    }
    li a {
        font-weight: 600;
    }
    @media (max-width: 720px) {
        li {
            grid-template-columns: 1fr;
        }
    }
</style>
