<script lang="ts">
    import type { Presence } from './presence.svelte';

    interface Props {
        presence: Presence;
        /** the step as it is read aloud */
        spoken: string;
    }
    let { presence, spoken }: Props = $props();
</script>

<h3>This device</h3>
<label
    ><input
        type="checkbox"
        checked={presence.aloud}
        disabled={!presence.canSpeak}
        onchange={(e) => presence.speak(e.currentTarget.checked, spoken)}
    />
    Read each step aloud{presence.canSpeak ? '' : ': this browser has no voice'}</label
>
{#if presence.canNotify}
    <label
        ><input
            type="checkbox"
            checked={presence.notice}
            onchange={(e) => void presence.tell(e.currentTarget.checked)}
        />
        Give notice when something is dry</label
    >
{/if}
{#if presence.refused}
    <p role="alert">This browser does not allow notices here: allow them in its settings for this page.</p>
{:else if !presence.canNotify && !presence.missing}
    <p>This browser gives no notices.</p>
{/if}
<p>
    {presence.missing ||
        (presence.awake
            ? 'The screen stays on while this page is open.'
            : 'The screen may go dark: this browser does not keep it on.')}
</p>

<style>
    label {
        display: flex;
        gap: 8px;
        margin-bottom: 6px;
        font-size: var(--size-plain);
    }
    p {
        font-size: var(--size-small);
        color: var(--ink-soft);
    }
</style>
