import { wrap } from 'svelte-spa-router/wrap';

/** Each view is loaded when it is first opened. */
export const routes = {
    '/': wrap({ asyncComponent: () => import('./views/shelf/ShelfPage.svelte') }),
    '/shelf': wrap({ asyncComponent: () => import('./views/shelf/ShelfPage.svelte') }),
    '/shelf/:paint': wrap({ asyncComponent: () => import('./views/paint/PaintPage.svelte') }),
    '/add-paints': wrap({ asyncComponent: () => import('./views/addpaints/AddPaintsPage.svelte') }),
    '/add-paints/:by': wrap({ asyncComponent: () => import('./views/addpaints/AddPaintsPage.svelte') }),
    '/buy': wrap({ asyncComponent: () => import('./views/buy/BuyPage.svelte') }),
    '/figures': wrap({ asyncComponent: () => import('./views/figures/FiguresPage.svelte') }),
    '/figures/:company': wrap({ asyncComponent: () => import('./views/figures/FiguresPage.svelte') }),
    '/scheme': wrap({ asyncComponent: () => import('./views/scheme/SchemePage.svelte') }),
    '/scheme/:company': wrap({ asyncComponent: () => import('./views/scheme/SchemePage.svelte') }),
    '/undercoat': wrap({ asyncComponent: () => import('./views/undercoat/UndercoatPage.svelte') }),
    '/undercoat/:company': wrap({ asyncComponent: () => import('./views/undercoat/UndercoatPage.svelte') }),
    '/recipe': wrap({ asyncComponent: () => import('./views/recipe/RecipePage.svelte') }),
    '/recipe/:area': wrap({ asyncComponent: () => import('./views/recipe/RecipePage.svelte') }),
    '/compare': wrap({ asyncComponent: () => import('./views/compare/ComparePage.svelte') }),
    '/compare/:company': wrap({ asyncComponent: () => import('./views/compare/ComparePage.svelte') }),
    '/book': wrap({ asyncComponent: () => import('./views/book/BookPage.svelte') }),
    '/bench': wrap({ asyncComponent: () => import('./views/bench/BenchPage.svelte') }),
    '/bench/:company': wrap({ asyncComponent: () => import('./views/bench/BenchPage.svelte') }),
    '/bench/:company/:figure': wrap({ asyncComponent: () => import('./views/bench/BenchPage.svelte') }),
    '/ledger': wrap({ asyncComponent: () => import('./views/ledger/LedgerPage.svelte') }),
    '/tables': wrap({ asyncComponent: () => import('./views/tables/TablesPage.svelte') }),
    '/tables/:table': wrap({ asyncComponent: () => import('./views/tables/TablesPage.svelte') }),
    '*': wrap({ asyncComponent: () => import('./views/NotHere.svelte') }),
};
