@php
    $stages = ['basecoat', 'wash', 'layer', 'drybrush', 'highlight', 'detail', 'finish', 'base'];
    $used = array_values(
        array_filter(
            $stages,
            static fn (string $s): bool => in_array(
                $s,
                array_merge(...array_map(static fn (array $c): array => array_column($c['steps'], 'stage'), $cards)),
                true,
            ),
        ),
    );
@endphp
<section>
    <header>
        <div>
            <h1>{{ $title }}</h1>
            <p>Undercoat: {{ implode(', then ', array_map(
                    static fn (array $s): string => trim($s['load'].' '.$s['place']),
                    array_filter($cards[0]['steps'], static fn (array $s): bool => $s['stage'] === 'undercoat'),
                )) }}
                · each field from the first step down; the colours are recess, plane and ridge after it</p>
        </div>
    </header>
    <table>
        <thead><tr><th>area</th>@foreach ($used as $stage)<th>{{ $stage }}</th>@endforeach</tr></thead>
        <tbody>
            @foreach ($cards as $card)
                <tr>
                    <th>
                        {{ $card['name'] }}
                        @if ($card['colour'] !== null)
                            <svg class="wanted" viewBox="0 0 10 3" preserveAspectRatio="none" role="img"
                                aria-label="intended {{ $card['colour'] }}">
                                <rect width="10" height="3" fill="{{ $card['colour'] }}"/>
                            </svg>
                        @endif
                    </th>
                    @foreach ($used as $stage)
                        <td>
                            @foreach ($card['steps'] as $step)
                                @if ($step['stage'] === $stage)
                                    <div>
                                        @include('card-strata', ['faces' => $step['faces'], 'label' => 'After '.$step['title']])
                                        <b>{{ $step['load'] }}</b>
                                        <span>{{ $step['short'] }}</span>
                                    </div>
                                @endif
                            @endforeach
                        </td>
                    @endforeach
                </tr>
            @endforeach
        </tbody>
    </table>
</section>
