/** The server's clock, ticking on between its answers: a clock of the device that is turned changes nothing. */
export class Ticking {
    private told = $state(0);
    private since = $state(0);

    /** @param answered the server's clock when it answered */
    constructor(private readonly answered: () => string) {}

    get now(): number {
        return this.told + this.since;
    }

    isPast(instant: string | null, wanted: boolean): boolean {
        return wanted && instant !== null && Date.parse(instant) <= this.now;
    }

    /** Begins to tick, again with every answer; returns how to end it. */
    run(): () => void {
        this.told = Date.parse(this.answered());
        const begun = performance.now();
        this.since = 0;
        const timer = setInterval(() => (this.since = performance.now() - begun), 1000);
        return () => clearInterval(timer);
    }
}
