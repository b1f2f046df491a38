<script lang="ts">
    import { Button, InlineNotification, TextInput } from 'carbon-components-svelte';
    import { ask, Problem, sentence } from '../../api/client';
    import { useWrite } from '../../api/write.svelte';
    import type { PaintLook, ReadingSeries } from '../../api/wire';
    import Refused from '../../parts/Refused.svelte';
    import ReadingDots from '../../parts/ReadingDots.svelte';

    interface Props {
        /** the paint */
        id: number;
        /** of the paint, when its swatch was begun to be read */
        version: string;
        onsaved: () => void;
        onclose: () => void;
    }
    let { id, version, onsaved, onclose }: Props = $props();

    const FIELDS = [
        { key: 'on_black', spot: 'swatch-black', name: 'Paint over black', optional: false },
        { key: 'on_white', spot: 'swatch-white', name: 'Paint over white', optional: false },
        { key: 'black', spot: 'card-black', name: 'Bare black', optional: true },
        { key: 'white', spot: 'card-white', name: 'Bare white', optional: true },
    ];
    let thin = $state('undiluted');
    let values: Record<string, string> = $state({});
    let series: Record<string, ReadingSeries> = $state({});
    let problems: Record<string, string> = $state({});
    let problem = $state('');
    let busy = $state(false);
    const write = useWrite();
    // svelte-ignore state_referenced_locally
    const begunOn = version;

    function failed(thrown: unknown) {
        problems = thrown instanceof Problem ? thrown.fields : {};
        problem = Object.keys(problems).length ? '' : sentence(thrown);
    }

    async function read(key: string, spot: string) {
        busy = true;
        problem = '';
        try {
            const found = await ask<ReadingSeries>(`paints/${id}/reader`, { field: spot, thin });
            series[key] = found;
            values[key] = found.lab.join(' ');
        } catch (thrown) {
            failed(thrown);
        }
        busy = false;
    }

    async function save() {
        problem = '';
        const by = Object.keys(series).length ? 'reader' : 'typed';
        const saved = await write.send<PaintLook>('paint', 'PUT', `paints/${id}/swatch`, {
            ...values,
            thin,
            by,
            version: begunOn,
        });
        problems = write.fields;
        problem = Object.keys(problems).length ? '' : write.problem;
        if (saved) onsaved();
    }
</script>

<ol>
    <li>
        Print the card: <a href="/api/test-card?paints={id}&as=html" target="_blank" rel="noopener">page</a> or
        <a href="/api/test-card?paints={id}&as=svg" target="_blank" rel="noopener">drawing (SVG)</a>.
    </li>
    <li>Paint one coat over both fields, leave a strip of each bare, let it dry.</li>
    <li>Read the four spots, or type them: #8a5a2b, or lightness, a and b as 42.6 18.2 33.0.</li>
</ol>
{#if write.conflict}<Refused {write} onwritten={onsaved} onyielded={onclose} />{/if}
{#if problem}<InlineNotification lowContrast hideCloseButton kind="error" title={problem} />{/if}
<TextInput
    size="sm"
    labelText="The coat was thinned"
    bind:value={thin}
    invalid={'thin' in problems}
    invalidText={problems['thin'] ?? ''}
/>
{#each FIELDS as field (field.key)}
    <div class="row">
        <i
            style:background={series[field.key]?.hex ??
                (values[field.key]?.startsWith('#') ? values[field.key] : 'none')}
        ></i>
        <TextInput
            size="sm"
            labelText={field.name}
            placeholder={field.optional ? 'a usual print, if left empty' : ''}
            value={values[field.key] ?? ''}
            on:input={(e) => {
                values[field.key] = String(e.detail ?? '');
                delete series[field.key];
            }}
            invalid={field.key in problems}
            invalidText={problems[field.key] ?? ''}
        />
        <Button size="small" kind="tertiary" disabled={busy} on:click={() => read(field.key, field.spot)}>Read</Button>
    </div>
    {#if series[field.key]}<ReadingDots series={series[field.key]!} />{/if}
{/each}
<div class="do">
    <Button size="small" disabled={busy || write.pending} on:click={save}>Work it out</Button>
    <Button size="small" kind="ghost" on:click={onclose}>Cancel</Button>
</div>

<style>
    ol {
        margin: 0 0 12px;
        padding-left: 20px;
        font-size: var(--size-plain);
    }
    .row {
        display: grid;
        grid-template-columns: 44px minmax(0, 1fr) auto;
        gap: 10px;
        align-items: end;
        margin-top: 10px;
    }
    i {
        height: 32px;
        border: 1px dashed var(--rule);
    }
    .do {
        display: flex;
        gap: 8px;
        margin-top: 16px;
    }
</style>
