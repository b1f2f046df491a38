import { queryOptions } from '@tanstack/svelte-query';
import { get } from './client';
import type {
    Alternatives,
    Bench,
    CoatsTable,
    Figures,
    Ledger,
    Matches,
    PaintLook,
    Recipe,
    Session,
    Shelf,
} from './wire';

/** Every question the pages ask, each under a key that holds all its inputs. */
export const sessionQuery = () => queryOptions({ queryKey: ['session'], queryFn: () => get<Session>('session') });

export const shelfQuery = () => queryOptions({ queryKey: ['shelf'], queryFn: () => get<Shelf>('shelf') });

export const paintQuery = (id: number | null) =>
    queryOptions({
        queryKey: ['shelf', 'paint', id],
        queryFn: () => get<PaintLook>(`paints/${id}`),
        enabled: id !== null,
    });

export const figuresQuery = () => queryOptions({ queryKey: ['figures'], queryFn: () => get<Figures>('companies') });

export const recipeQuery = (area: number | null) =>
    queryOptions({
        queryKey: ['recipe', area],
        queryFn: () => get<Recipe>(`areas/${area}/recipe`),
        enabled: area !== null,
    });

export const alternativesQuery = (area: number, step: string, version: string) =>
    queryOptions({
        queryKey: ['recipe', area, 'alternatives', step, version],
        queryFn: () => get<Alternatives>(`areas/${area}/recipe/${step}`),
    });

export const benchQuery = (company: number | null, figure: number) =>
    queryOptions({
        queryKey: ['bench', company, figure],
        queryFn: () => get<Bench>(`companies/${company}/bench?figure=${figure}`),
        enabled: company !== null,
    });

export const ledgerQuery = (company: number | null) =>
    queryOptions({
        queryKey: ['ledger', company],
        queryFn: () => get<Ledger>(company === null ? 'ledger' : `ledger?company=${company}`),
    });

export const matchesQuery = (colour: string, paints: number) =>
    queryOptions({
        queryKey: ['shelf', 'match', colour, paints],
        queryFn: () => get<Matches>(`tables/match?${new URLSearchParams({ colour, paints: String(paints) })}`),
        enabled: colour !== '',
    });

export const coatsQuery = (paints: string, over: string, thin: string) =>
    queryOptions({
        queryKey: ['shelf', 'coats', paints, over, thin],
        queryFn: () => get<CoatsTable>(`tables/coats?${new URLSearchParams({ paints, over, thin })}`),
        enabled: paints !== '',
    });
