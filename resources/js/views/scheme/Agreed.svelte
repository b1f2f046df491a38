<script lang="ts">
    import type { Scheme } from '../../api/wire';
    import type { SchemeDesk } from './scheme.svelte';

    interface Props {
        scheme: Scheme;
        desk: SchemeDesk;
    }
    let { scheme, desk }: Props = $props();

    const area = (id: number) => scheme.areas.find((a) => a.id === id);
    const lower = (id: number) => area(id)?.name.toLowerCase() ?? '';
</script>

{#each scheme.pairs.filter((p) => p.alike) as pair (`alike ${pair.one}-${pair.other}`)}
    <p class="soft">
        {area(pair.one)?.name} and {lower(pair.other)} are meant alike.
        <button class="link-button" disabled={desk.busy} onclick={() => desk.meanAlike(pair.one, pair.other, false)}
            >Tell them apart again</button
        >
    </p>
{/each}
{#each scheme.pairs.filter((p) => p.parted) as pair (`parted ${pair.one}-${pair.other}`)}
    <p class="soft">
        {area(pair.one)?.name} and {lower(pair.other)}: {pair.parted === 'line'
            ? 'a dark line parts them'
            : 'edges of two tints part them'}, in the next draft of
        <a href="#/recipe/{pair.one}">{lower(pair.one)}</a> and
        <a href="#/recipe/{pair.other}">{lower(pair.other)}</a>.
        <button class="link-button" disabled={desk.busy} onclick={() => desk.part(pair.one, pair.other, null)}
            >No longer</button
        >
    </p>
{/each}
