<script lang="ts">
    import { QueryClient, QueryClientProvider } from '@tanstack/svelte-query';
    import Workshop from './Workshop.svelte';
    import { Problem } from './api/client';

    const client = new QueryClient({
        defaultOptions: {
            queries: {
                staleTime: 5_000,
                refetchOnWindowFocus: true,
                retry: (count, problem) => count < 1 && !(problem instanceof Problem && problem.status >= 400),
            },
        },
    });
</script>

<QueryClientProvider {client}>
    <Workshop />
</QueryClientProvider>
