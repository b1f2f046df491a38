/** The server's clock, ticking on between its answers: a turned clock of the device changes nothing. */
export class Ticking {
    private at = $state(Date.now());
    private offset = 0;

    constructor(private readonly told: () => string) {}

    /** Instants go by the last answer; what the device counts are only the seconds since. */
    get now(): number {
        return this.at + this.offset;
    }

    isPast(instant: string | null, wanted: boolean): boolean {
        return wanted && instant !== null && Date.parse(instant) <= this.now;
    }

    /** Begins to tick; returns how to end it. */
    run(): () => void {
        this.offset = Date.parse(this.told()) - Date.now();
        this.at = Date.now();
        const timer = setInterval(() => (this.at = Date.now()), 1000);
        return () => clearInterval(timer);
    }
}
