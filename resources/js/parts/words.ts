/** 95 → "Ninety-five", for headings; larger numbers stay figures. */
export function inWords(n: number): string {
    const small =
        'no one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen'.split(
            ' ',
        );
    const tens = ' ten twenty thirty forty fifty sixty seventy eighty ninety'.split(' ');
    if (n < 20) return capital(small[n] ?? String(n));
    if (n > 99) return String(n);
    const rest = n % 10;
    return capital(`${tens[Math.floor(n / 10)]}${rest ? `-${small[rest]}` : ''}`);
}

export function capital(text: string): string {
    return text.charAt(0).toUpperCase() + text.slice(1);
}

export function counted(n: number, one: string, many = `${one}s`): string {
    return `${n} ${n === 1 ? one : many}`;
}

/** 168 → "2 h 48", 41 → "41 min". */
export function duration(minutes: number): string {
    const hours = Math.floor(minutes / 60);
    const rest = minutes % 60;
    if (hours === 0) return `${minutes} min`;
    return rest === 0 ? `${hours} h` : `${hours} h ${String(rest).padStart(2, '0')}`;
}

/** Seconds as a clock that runs down: 11:20, or 1:05:00. */
export function clock(seconds: number): string {
    const left = Math.max(0, Math.round(seconds));
    const parts = [Math.floor(left / 3600), Math.floor(left / 60) % 60, left % 60];
    return (parts[0] ? parts : parts.slice(1)).map((p, i) => (i ? String(p).padStart(2, '0') : p)).join(':');
}

/** [1,2,3,7] → "1–3, 7". */
export function ranges(numbers: number[]): string {
    const found: string[] = [];
    for (let i = 0; i < numbers.length; i++) {
        const from = numbers[i];
        while (i + 1 < numbers.length && numbers[i + 1] === (numbers[i] ?? 0) + 1) i++;
        found.push(from === numbers[i] ? `${from}` : `${from}–${numbers[i]}`);
    }
    return found.join(', ');
}

/** Whether a text is a whole colour: # and six hexadecimal digits. */
export function isHex(text: string): boolean {
    return /^#[0-9a-f]{6}$/i.test(text);
}

/** 2890 minor units → "28.90 EUR". */
export function money(minor: number, currency: string): string {
    return `${(minor / 100).toFixed(2)} ${currency}`.trim();
}

export function millilitres(ml: number): string {
    return `${Number(ml.toFixed(1))} ml`;
}

interface Thinned {
    thin: string;
    undiluted: boolean;
    thinned_with: string;
    thinner?: string;
    thin_open?: boolean;
}

/** "thin 2:1 with water", or "not thinned". */
export function thinning(step: Thinned): string {
    if (step.thin_open) return `thinning not said; usually ${step.undiluted ? 'not thinned' : step.thin}`;
    return step.undiluted ? 'not thinned' : `thin ${step.thin} with ${step.thinner ?? step.thinned_with}`;
}

/** "2 coats", or "2 passes" for a drybrush. */
export function coats(step: { coats: number; passes: boolean }): string {
    return step.passes ? counted(step.coats, 'pass', 'passes') : counted(step.coats, 'coat');
}

/** A material as painters say it: metal is seen as it is, unless it is lacquered. */
export function material(id: string): string {
    return id === 'metal' ? 'bare metal' : id.replace('-', ' ');
}

/** "20:17", "tomorrow 18:20", "Thu 18:20": an instant as it is said at another one, by the clock on the wall. */
export function until(instant: string, now: string): string {
    const [then, at] = [new Date(instant), new Date(now)];
    const time = then.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
    const next = new Date(at);
    next.setDate(at.getDate() + 1);
    if (then.toDateString() === at.toDateString()) return time;
    if (then.toDateString() === next.toDateString()) return `tomorrow ${time}`;
    return `${then.toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric', month: 'short' })}, ${time}`;
}
