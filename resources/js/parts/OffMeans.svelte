<script lang="ts">
    /** What "off" means: said once on a page that uses it. */
</script>

<p class="soft">“Off” is the colour difference ΔE00: 1 is just visible side by side, 3 clear, 10 another colour.</p>

<style>
    p {
        margin: 8px 0;
        font-size: var(--size-small);
    }
</style>
