<script lang="ts">
    import { Select, SelectItem } from 'carbon-components-svelte';
    import type { Paint } from '../api/wire';

    interface Props {
        label: string;
        paints: Paint[];
        /** id of the chosen paint, empty for none */
        value: string;
        /** words for none, default "choose from the shelf" */
        none?: string;
        onchoose: (id: string) => void;
    }
    let { label, paints, value, none = 'choose from the shelf', onchoose }: Props = $props();
</script>

<Select labelText={label} selected={value} on:update={(e) => onchoose(String(e.detail ?? ''))}>
    <SelectItem value="" text={none} />
    {#each paints as paint (paint.id)}
        <SelectItem value={String(paint.id)} text={paint.at_hand ? paint.name : `${paint.name} (not in stock)`} />
    {/each}
</Select>
