<script lang="ts">
    interface Props {
        value: number;
        least: number;
        most: number;
        /** what one press takes or adds, as in "One coat fewer", "One coat more" */
        fewer: string;
        more: string;
        /** what stands in place of a nought */
        open?: string;
        onchange: (value: number) => void;
    }
    let { value, least, most, fewer, more, open = '0', onchange }: Props = $props();
</script>

<span class="stepper">
    <button type="button" disabled={value <= least} aria-label={fewer} onclick={() => onchange(value - 1)}>−</button>
    <output>{value || open}</output>
    <button type="button" disabled={value >= most} aria-label={more} onclick={() => onchange(value + 1)}>+</button>
</span>

<style>
    .stepper {
        display: grid;
        grid-template-columns: 36px 1fr 36px;
        width: var(--stepper-width, 134px);
        background: var(--rail);
    }
    .stepper button {
        height: 36px;
        border: 0;
        background: var(--surround);
        color: var(--ink);
        font-size: var(--size-head);
        cursor: pointer;
    }
    .stepper button:disabled {
        opacity: 0.4;
        cursor: default;
    }
    output {
        align-self: center;
        text-align: center;
        font-weight: 600;
    }
</style>
