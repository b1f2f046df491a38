import type { Difference, Working } from './wire';
import { working } from './working.svelte';

export interface Conflict {
    version: string;
    differences: Difference[];
}

/** A refusal of the server: one sentence, and where it belongs in a form. */
export class Problem extends Error {
    constructor(
        readonly status: number,
        message: string,
        readonly fields: Record<string, string> = {},
        /** where another window changed the same: what is there now, and where that differs */
        readonly conflict: Conflict | null = null,
    ) {
        super(message);
    }
}

/** No answer arrived, so that nobody knows whether the change was made. */
const UNHEARD = 0;
/** Another change was being written. */
const BUSY = 503;
const UNREACHABLE = 'The application does not answer. Is it still running?';

export function get<T>(path: string): Promise<T> {
    return send<T>('GET', path);
}

let waiting: Promise<unknown> = Promise.resolve();

/** For an answer that needs all recipes: after a change on the shelf they are worked out a part at a time, and the frame tells. */
export function getPatiently<T>(path: string): Promise<T> {
    const asked = waiting.then(() => askUntilReady<T>(path));
    waiting = asked.catch(() => undefined);
    return asked;
}

async function askUntilReady<T>(path: string): Promise<T> {
    try {
        for (;;) {
            const answer = await send<T | Working>('GET', path, undefined, { Prefer: 'respond-async' });
            if (!isWorking(answer)) return answer;
            working.tell(answer.recipes_left);
        }
    } finally {
        working.end();
    }
}

const isWorking = (answer: unknown): answer is Working =>
    typeof answer === 'object' && answer !== null && 'recipes_left' in answer;

/** For a question that does not fit an address: it changes nothing. */
export function ask<T>(path: string, body?: unknown): Promise<T> {
    return send<T>('POST', path, body);
}

export type Method = 'POST' | 'PUT' | 'PATCH' | 'DELETE';

/** Sends a change as JSON, or as a form with a file, under a key of its own. Pages write through {@link Write}. */
export function change<T>(method: Method, path: string, body?: unknown): Promise<T> {
    return sendUntilHeard<T>(method, path, body, { 'Idempotency-Key': newKey() });
}

/** Waits before a change is sent again whose answer did not arrive, in milliseconds. */
const PAUSES = [400, 1500];

/** A change under one key may be sent several times: it is made once. */
async function sendUntilHeard<T>(
    method: string,
    path: string,
    body: unknown,
    headers: Record<string, string>,
): Promise<T> {
    for (const pause of PAUSES) {
        try {
            return await send<T>(method, path, body, headers);
        } catch (problem) {
            if (!(problem instanceof Problem) || ![UNHEARD, BUSY].includes(problem.status)) throw problem;
            await new Promise((done) => setTimeout(done, pause));
        }
    }
    return send<T>(method, path, body, headers);
}

/** A random UUID (version 4), also where the page came without HTTPS. */
function newKey(): string {
    const bytes = crypto.getRandomValues(new Uint8Array(16));
    bytes[6] = ((bytes[6] ?? 0) & 0x0f) | 0x40;
    bytes[8] = ((bytes[8] ?? 0) & 0x3f) | 0x80;
    const hex = [...bytes].map((b) => b.toString(16).padStart(2, '0')).join('');
    return hex.replace(/^(.{8})(.{4})(.{4})(.{4})/, '$1-$2-$3-$4-');
}

async function send<T>(method: string, path: string, body?: unknown, more: Record<string, string> = {}): Promise<T> {
    const headers: Record<string, string> = { Accept: 'application/json', ...more };
    const token = /(?:^|;\s*)XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1];
    if (token) {
        headers['X-XSRF-TOKEN'] = decodeURIComponent(token);
    }
    const isForm = body instanceof FormData;
    if (body !== undefined && !isForm) {
        headers['Content-Type'] = 'application/json';
    }
    const response = await fetch(`/api/${path}`, {
        method,
        headers,
        credentials: 'same-origin',
        body: body === undefined ? null : isForm ? body : JSON.stringify(body),
    }).catch(() => {
        throw new Problem(UNHEARD, UNREACHABLE);
    });
    const answer: unknown = await response.json().catch(() => null);
    if (!response.ok) {
        throw problemOf(response.status, answer);
    }
    return answer as T;
}

function problemOf(status: number, answer: unknown): Problem {
    const given = (answer ?? {}) as { message?: string; errors?: Record<string, string[]> } & Partial<Conflict>;
    const fields = Object.fromEntries(Object.entries(given.errors ?? {}).map(([field, all]) => [field, all[0] ?? '']));
    const conflict = given.version ? { version: given.version, differences: given.differences ?? [] } : null;
    const first = Object.values(fields)[0];
    return new Problem(
        status,
        first ?? given.message ?? 'Something went wrong here. Nothing was changed.',
        fields,
        conflict,
    );
}

/** The sentence of whatever was thrown. */
export function sentence(problem: unknown): string {
    return problem instanceof Error ? problem.message : 'Something went wrong.';
}
