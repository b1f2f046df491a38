<script lang="ts">
    interface Props {
        asks: string;
        choices: { words: string; press: () => void }[];
    }
    let { asks, choices }: Props = $props();
</script>

<div>
    <p>{asks}</p>
    <p class="choices">
        {#each choices as choice (choice.words)}
            <button class="choice" onclick={choice.press}>{choice.words}</button>
        {/each}
    </p>
</div>

<style>
    div {
        margin-top: 6px;
        padding-left: 12px;
        border-left: 4px solid var(--warn);
    }
</style>
