<script lang="ts">
    interface Props {
        /** what stands above it */
        label: string;
        /** what it is called where the label alone would not do */
        name: string;
        /** what can be chosen: words that name themselves, or words with an id */
        options: (string | { id: string; words: string })[];
        /** words of the empty choice; none where one must be chosen */
        none?: string;
        value: string;
        onpick: (id: string) => void;
    }
    let { label, name, options, none, value, onpick }: Props = $props();

    const listed = $derived(options.map((o) => (typeof o === 'string' ? { id: o, words: o } : o)));
</script>

<label class="small-label"
    >{label}
    <select class="small-field" aria-label={name} {value} onchange={(e) => onpick(e.currentTarget.value)}>
        {#if none !== undefined}<option value="">{none}</option>{/if}
        {#each listed as each (each.id)}<option value={each.id}>{each.words}</option>{/each}
    </select></label
>
