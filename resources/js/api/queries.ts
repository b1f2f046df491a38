import { queryOptions } from '@tanstack/svelte-query';
import { ask, get, getPatiently } from './client';
import type {
    Account,
    Alternatives,
    Bench,
    Book,
    BookRecipe,
    BuyPlan,
    CoatsTable,
    CommonPaints,
    Compared,
    Figures,
    GlazeTable,
    Glossary,
    Heard,
    Invitation,
    Bottle,
    Devices,
    DraftPreview,
    LadderTable,
    Lessons,
    Joins,
    Ledger,
    Matches,
    Mending,
    Needs,
    OrderNow,
    OrderOut,
    OrderPrice,
    OrderQueue,
    OrderSlots,
    OrderTable,
    OrderWay,
    PaintLook,
    Prices,
    PrimerCost,
    Proposals,
    Reader,
    Recipe,
    RecipeVocabulary,
    RunningOrder,
    Scheme,
    Session,
    SetFits,
    Sets,
    Shelf,
    Sitting,
    ShelfDoubts,
    ShelfMap,
    SprayWeather,
    FirstSteps,
    Stock,
    Substitutes,
    ThinTable,
    Tint,
    Tonight,
    TypedShelf,
    Undercoats,
} from './wire';

/** Every question the pages ask, each under a key that holds all its inputs. */
export const sessionQuery = () => queryOptions({ queryKey: ['session'], queryFn: () => get<Session>('session') });

export const invitationQuery = (secret: string) =>
    queryOptions({
        queryKey: ['invitation', secret],
        queryFn: () => get<Invitation>(`session/invitations/${secret}`),
        enabled: secret !== '',
        staleTime: Infinity,
    });

export const startQuery = () => queryOptions({ queryKey: ['start'], queryFn: () => get<FirstSteps>('start') });

export const glossaryQuery = () =>
    queryOptions({ queryKey: ['glossary'], queryFn: () => get<Glossary>('glossary'), staleTime: Infinity });

export const devicesQuery = () => queryOptions({ queryKey: ['devices'], queryFn: () => get<Devices>('devices') });

export const accountQuery = () => queryOptions({ queryKey: ['account'], queryFn: () => get<Account>('account') });

export const shelfQuery = () => queryOptions({ queryKey: ['shelf'], queryFn: () => get<Shelf>('shelf') });

export const likeQuery = (id: string) =>
    queryOptions({
        queryKey: ['shelf', 'like', id],
        queryFn: () => get<Shelf>(id === '' ? 'shelf' : `shelf?like=${id}`),
    });

export const mapQuery = () => queryOptions({ queryKey: ['shelf', 'map'], queryFn: () => get<ShelfMap>('shelf/map') });

export const stockQuery = (id: number) =>
    queryOptions({ queryKey: ['shelf', 'stock', id], queryFn: () => get<Stock>(`paints/${id}/movements`) });

export const setsQuery = () => queryOptions({ queryKey: ['shelf', 'sets'], queryFn: () => get<Sets>('sets') });

export const setFitsQuery = (company: number | null) =>
    queryOptions({
        queryKey: ['shelf', 'sets', company],
        queryFn: () => get<SetFits>(`companies/${company}/sets`),
        enabled: company !== null,
    });

export const needsQuery = (company: string, area: string) =>
    queryOptions({
        queryKey: ['shelf', 'needs', company, area],
        queryFn: () => getPatiently<Needs>(`shelf/needs?${given({ company, area })}`),
    });

export const pricesQuery = () => queryOptions({ queryKey: ['prices'], queryFn: () => get<Prices>('prices') });

export const buyQuery = (companies: string, within: string, dated: string | null) =>
    queryOptions({
        queryKey: ['shelf', 'buy', companies, within, dated],
        queryFn: () => getPatiently<BuyPlan>(`buy?${given({ companies, within })}`),
        enabled: dated !== null,
    });

export const substitutesQuery = (area: number, step: string, version: string) =>
    queryOptions({
        queryKey: ['recipe', area, 'substitutes', step, version],
        queryFn: () => get<Substitutes>(`areas/${area}/recipe/${step}/substitutes`),
    });

export const joinsQuery = (area: number, step: string, version: string) =>
    queryOptions({
        queryKey: ['recipe', area, 'joins', step, version],
        queryFn: () => get<Joins>(`areas/${area}/recipe/${step}/joins`),
    });

export const paintQuery = (id: number | null, thin = '1:0') =>
    queryOptions({
        queryKey: ['shelf', 'paint', id, thin],
        queryFn: () => get<PaintLook>(`paints/${id}?${new URLSearchParams({ thin })}`),
        enabled: id !== null,
    });

export const figuresQuery = () =>
    queryOptions({ queryKey: ['figures'], queryFn: () => getPatiently<Figures>('companies') });

export const recipeQuery = (area: number | null) =>
    queryOptions({
        queryKey: ['recipe', area],
        queryFn: () => get<Recipe>(`areas/${area}/recipe`),
        enabled: area !== null,
    });

export const vocabularyQuery = () =>
    queryOptions({
        queryKey: ['vocabulary'],
        queryFn: () => get<RecipeVocabulary>('recipe/vocabulary'),
        staleTime: 60_000,
    });

export const heardQuery = (text: string, area: number | null = null) =>
    queryOptions({
        queryKey: ['told', area, text],
        queryFn: () => ask<Heard>('recipe/told', { text, area_id: area }),
        enabled: text !== '',
    });

/** What a painter put right of a line, beside what is typed there. */
export interface PutRight {
    said: string;
    behaviour?: string;
    form?: string;
    colour?: string;
}

export const typedShelfQuery = (text: string, put: PutRight[]) =>
    queryOptions({
        queryKey: ['shelf', 'typed', text, put],
        queryFn: () => ask<TypedShelf>('shelf/typed', { text, put }),
        enabled: text !== '',
    });

export const commonPaintsQuery = () =>
    queryOptions({ queryKey: ['shelf', 'common'], queryFn: () => get<CommonPaints>('shelf/common') });

export const doubtsQuery = () =>
    queryOptions({ queryKey: ['shelf', 'doubts'], queryFn: () => get<ShelfDoubts>('shelf/doubts') });

export const bottleQuery = (behaviour: string, colour: string) =>
    queryOptions({
        queryKey: ['shelf', 'bottle', behaviour, colour],
        queryFn: () => get<Bottle>(`shelf/bottle?${new URLSearchParams({ behaviour, colour })}`),
    });

export const draftQuery = (area: number, question: Record<string, string>) =>
    queryOptions({
        queryKey: ['recipe', area, 'draft', question],
        queryFn: () => get<DraftPreview>(`areas/${area}/draft?${given(question)}`),
    });

export const mishapQuery = (area: number, step: string, mishap: string, on: string) =>
    queryOptions({
        queryKey: ['recipe', area, 'mishap', step, mishap, on],
        queryFn: () => get<Mending>(`areas/${area}/recipe/${step}/mishap?${given({ mishap, on })}`),
        enabled: mishap !== '',
    });

export const compareQuery = (company: number | null, question: Record<string, string>) =>
    queryOptions({
        queryKey: ['recipe', 'compare', company, question],
        queryFn: () => get<Compared>(`companies/${company}/compare?${given(question)}`),
        enabled: company !== null,
    });

export const bookQuery = (question: Record<string, string>) =>
    queryOptions({ queryKey: ['book', question], queryFn: () => get<Book>(`book?${given(question)}`) });

export const bookRecipeQuery = (id: number | null) =>
    queryOptions({
        queryKey: ['book', 'recipe', id],
        queryFn: () => get<BookRecipe>(`book/${id}`),
        enabled: id !== null,
    });

export const alternativesQuery = (area: number, step: string, version: string) =>
    queryOptions({
        queryKey: ['recipe', area, 'alternatives', step, version],
        queryFn: () => get<Alternatives>(`areas/${area}/recipe/${step}`),
    });

/** One figure, or all in a row where none is named. */
export const benchQuery = (company: number | null, figure: number | null, level: string) =>
    queryOptions({
        queryKey: ['bench', company, figure, level],
        queryFn: () =>
            get<Bench>(
                `companies/${company}/bench?${given({ figure: String(figure ?? ''), by: figure === null ? 'row' : '', level })}`,
            ),
        enabled: company !== null,
    });

export const tonightQuery = () =>
    queryOptions({ queryKey: ['tonight'], queryFn: () => get<Tonight>('tonight'), refetchInterval: 60_000 });

export const sittingQuery = (id: number) =>
    queryOptions({ queryKey: ['sitting', id], queryFn: () => get<Sitting>(`sittings/${id}`) });

export const ledgerQuery = (company: number | null) =>
    queryOptions({
        queryKey: ['ledger', company],
        queryFn: () => get<Ledger>(company === null ? 'ledger' : `ledger?company=${company}`),
    });

export const matchesQuery = (question: Record<string, string>) =>
    queryOptions({
        queryKey: ['shelf', 'match', question],
        queryFn: () => get<Matches>(`tables/match?${given(question)}`),
        enabled: question['colour'] !== '',
    });

export const lessonsQuery = (paint: number) =>
    queryOptions({
        queryKey: ['shelf', 'lessons', paint],
        queryFn: () => get<Lessons>(`paints/${paint}/lessons`),
    });

export const thinQuery = (question: Record<string, string>) =>
    queryOptions({
        queryKey: ['shelf', 'thin', question],
        queryFn: () => get<ThinTable>(`tables/thin?${given(question)}`),
        enabled: question['mix'] !== '',
    });

export const glazeQuery = (question: Record<string, string>) =>
    queryOptions({
        queryKey: ['shelf', 'glaze', question],
        queryFn: () => get<GlazeTable>(`tables/glaze?${given(question)}`),
        enabled: question['from'] !== '' && question['to'] !== '',
    });

export const ladderQuery = (question: Record<string, string>) =>
    queryOptions({
        queryKey: ['shelf', 'between', question],
        queryFn: () => get<LadderTable>(`tables/between?${given(question)}`),
    });

export const readerQuery = () => queryOptions({ queryKey: ['reader'], queryFn: () => get<Reader>('reader') });

/** The parts of a question that hold something, as the address says them. */
function given(question: Record<string, string>): URLSearchParams {
    return new URLSearchParams(Object.entries(question).filter(([, value]) => value !== ''));
}

export const coatsQuery = (paints: string, over: string, thin: string) =>
    queryOptions({
        queryKey: ['shelf', 'coats', paints, over, thin],
        queryFn: () => get<CoatsTable>(`tables/coats?${new URLSearchParams({ paints, over, thin })}`),
        enabled: paints !== '',
    });

export const schemeQuery = (company: number | null, metres: number | null) =>
    queryOptions({
        queryKey: ['scheme', company, metres],
        queryFn: () => get<Scheme>(`companies/${company}/scheme?${given({ metres: String(metres ?? '') })}`),
        enabled: company !== null,
    });

export const proposalsQuery = (company: number, question: Record<string, string>, version: string) =>
    queryOptions({
        queryKey: ['scheme', company, 'proposals', question, version],
        queryFn: () => get<Proposals>(`companies/${company}/scheme/proposals?${given(question)}`),
    });

export const tintQuery = (question: Record<string, string>) =>
    queryOptions({
        queryKey: ['shelf', 'tint', question],
        queryFn: () => get<Tint>(`scheme/tint?${given(question)}`),
    });

export const undercoatQuery = (company: number | null, kind: string) =>
    queryOptions({
        queryKey: ['undercoat', company, kind],
        queryFn: () => get<Undercoats>(`companies/${company}/undercoat?${given({ kind })}`),
        enabled: company !== null,
    });

export const weatherQuery = (temperature: string, humidity: string) =>
    queryOptions({
        queryKey: ['weather', temperature, humidity],
        queryFn: () => get<SprayWeather>(`tables/weather?${new URLSearchParams({ temperature, humidity })}`),
        enabled: temperature !== '' && humidity !== '',
    });

export const costQuery = (question: Record<string, string>) =>
    queryOptions({
        queryKey: ['cost', question],
        queryFn: () => get<PrimerCost>(`tables/primer-cost?${given(question)}`),
    });

export const orderQuery = (company: number | null) =>
    queryOptions({
        queryKey: ['order', company],
        queryFn: () => get<RunningOrder>(`companies/${company}/order`),
        enabled: company !== null,
        staleTime: 60_000,
    });

/** An order at once: the one that stands, else a first try. */
export const orderTryQuery = (company: number | null) =>
    queryOptions({
        queryKey: ['order', company, 'try'],
        queryFn: () => get<RunningOrder>(`companies/${company}/order?first=1`),
        enabled: company !== null,
        staleTime: 60_000,
    });

export const orderWayQuery = (company: number, way: string, version: string) =>
    queryOptions({
        queryKey: ['order', company, 'way', way, version],
        queryFn: () => get<OrderWay>(`companies/${company}/order/ways/${way}`),
        staleTime: 60_000,
    });

export const orderPriceQuery = (company: number, rule: string, version: string) =>
    queryOptions({
        queryKey: ['order', company, 'rule', rule, version],
        queryFn: () => get<OrderPrice>(`companies/${company}/order/rules/${rule}`),
        staleTime: 60_000,
    });

export const orderTableQuery = (company: number, day: string, version: string) =>
    queryOptions({
        queryKey: ['order', company, 'table', day, version],
        queryFn: () => get<OrderTable>(`companies/${company}/order/table/${day}`),
        staleTime: 60_000,
    });

export const orderOutQuery = (company: number, version: string) =>
    queryOptions({
        queryKey: ['order', company, 'out', version],
        queryFn: () => get<OrderOut>(`companies/${company}/order/out`),
    });

export const orderNowQuery = (company: number, minutes: string, version: string) =>
    queryOptions({
        queryKey: ['order', company, 'now', minutes, version],
        queryFn: () => get<OrderNow>(`companies/${company}/order/now/${minutes}`),
        staleTime: 60_000,
    });

export const orderSlotsQuery = (company: number, job: string, version: string) =>
    queryOptions({
        queryKey: ['order', company, 'slots', job, version],
        queryFn: () => get<OrderSlots>(`companies/${company}/order/slots?job=${encodeURIComponent(job)}`),
    });

export const orderQueueQuery = (company: number, paint: string, drops: string, version: string) =>
    queryOptions({
        queryKey: ['order', company, 'queue', paint, drops, version],
        queryFn: () =>
            get<OrderQueue>(
                `companies/${company}/order/queue/${encodeURIComponent(paint)}${drops ? `?drops=${drops}` : ''}`,
            ),
        enabled: paint !== '',
    });
