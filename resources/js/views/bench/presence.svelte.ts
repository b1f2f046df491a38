import type { Drying } from '../../api/wire';

const KEY = 'kalokroma.bench';

/** Browsers wait no longer than this. */
const LONGEST_MS = 2_000_000_000;

/** What the device does beside the picture: it reads aloud, stays awake, and gives notice when something is dry. */
export class Presence {
    aloud = $state(localStorage.getItem(`${KEY}.aloud`) === 'yes');
    notice = $state(localStorage.getItem(`${KEY}.notice`) === 'yes');
    /** whether the screen is held awake */
    awake = $state(false);
    private lock: WakeLockSentinel | null = null;
    private timers: ReturnType<typeof setTimeout>[] = [];
    readonly canSpeak = 'speechSynthesis' in window;
    readonly canNotify = 'Notification' in window && 'serviceWorker' in navigator && window.isSecureContext;
    /** whether the browser was asked for notices and does not allow them */
    refused = $state(false);
    readonly canWake = 'wakeLock' in navigator;
    /** why something is missing, in a sentence; empty where nothing is */
    readonly missing = window.isSecureContext
        ? ''
        : 'Over this address the screen may go dark, and no notice is given: browsers allow both only over HTTPS or on the machine itself.';

    say(text: string): void {
        if (!this.aloud || !this.canSpeak) return;
        speechSynthesis.cancel();
        const words = new SpeechSynthesisUtterance(text);
        words.lang = 'en-GB';
        speechSynthesis.speak(words);
    }

    speak(on: boolean, text: string): void {
        this.aloud = on;
        localStorage.setItem(`${KEY}.aloud`, on ? 'yes' : 'no');
        if (on) this.say(text);
        else if (this.canSpeak) speechSynthesis.cancel();
    }

    async wake(): Promise<void> {
        if (!this.canWake || document.visibilityState !== 'visible' || this.lock) return;
        try {
            this.lock = await navigator.wakeLock.request('screen');
            this.awake = true;
            this.lock.addEventListener('release', () => {
                this.lock = null;
                this.awake = false;
            });
        } catch {
            this.awake = false; // low battery, or the page is hidden: tried again when it is seen
        }
    }

    async tell(on: boolean): Promise<void> {
        const allowed = on && this.canNotify && (await Notification.requestPermission()) === 'granted';
        if (allowed) await navigator.serviceWorker.register('/notice.js');
        this.refused = on && !allowed;
        this.notice = allowed;
        localStorage.setItem(`${KEY}.notice`, allowed ? 'yes' : 'no');
    }

    /** Gives notice at the instants themselves; what changed since is told anew by the next answer. */
    watch(drying: Drying[], now: string): void {
        this.timers.forEach(clearTimeout);
        this.timers = [];
        if (!this.notice || !this.canNotify || Notification.permission !== 'granted') return;
        for (const wait of drying) {
            this.at(wait.until, now, `${wait.what}: dry`, wait.after ? `Next on it: ${wait.after}.` : wait.company);
            if (wait.soon) this.at(wait.soon, now, `${wait.then}: begin soon`, `${wait.what} will be too dry.`);
        }
    }

    private at(instant: string, now: string, title: string, body: string): void {
        const left = Date.parse(instant) - Date.parse(now);
        if (left > 0 && left < LONGEST_MS) {
            this.timers.push(setTimeout(() => void this.show(title, body), left));
        }
    }

    /** Telephones show notices through a worker only. */
    private async show(title: string, body: string): Promise<void> {
        await navigator.serviceWorker.register('/notice.js');
        const worker = await navigator.serviceWorker.ready;
        await worker.showNotification(title, { body, tag: title, data: location.href });
    }

    leave(): void {
        this.timers.forEach(clearTimeout);
        void this.lock?.release();
        if (this.canSpeak) speechSynthesis.cancel();
    }
}
