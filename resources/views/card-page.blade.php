<section>
    <header>
        <div>
            <h1>{{ $card['name'] }}</h1>
            <p>{{ $card['company'] }} · {{ $card['about'] }}{{ $card['way'] === '' ? '' : ' · painted '.$card['way'] }}</p>
            @if ($card['like'] !== '')<p>Unlike the recipe it follows: {{ $card['like'] }}.</p>@endif
        </div>
        @if ($card['colour'] !== null)
            <p class="wanted">
                <svg viewBox="0 0 10 6" preserveAspectRatio="none" aria-hidden="true">
                    <rect width="10" height="6" fill="{{ $card['colour'] }}"/>
                </svg>
                intended
            </p>
        @endif
    </header>
    <p class="faces"><span>recess</span><span>plane</span><span>ridge</span></p>
    <ol reversed>
        @foreach (array_reverse($card['steps']) as $step)
            <li @class(['reached' => ($step['end'] ?? '') !== ''])>
                @include('card-strata', ['faces' => $step['faces'], 'label' => 'After '.$step['title']])
                <b class="number">{{ $step['number'] }}</b>
                <div>
                    <p class="kind">
                        {{ $step['title'] }}{{ $step['place'] === '' ? '' : ' · '.$step['place'] }}
                        @if (($step['end'] ?? '') !== '')<b>· {{ $step['end'] }} to here</b>@endif
                    </p>
                    <p class="load">{{ $step['load'] }}{{ $step['missing'] ? ' (not in stock)' : '' }}</p>
                    <p class="facts">
                        @foreach ($step['facts'] as $fact)
                            @if (!in_array($fact->key, ['load', 'caution', 'why'], true))
                                <span @class([$fact->key])><i>{{ $fact->label }}</i> {{ $fact->text }}</span>
                            @endif
                        @endforeach
                    </p>
                    @if ($step['drops'] !== '')<p class="facts">{{ $step['drops'] }}</p>@endif
                </div>
                <p class="ticks" aria-label="Figures">
                    @foreach ($step['ticks'] as $i => $done)<span @class(['done' => $done])>{{ $done ? '✓' : $i }}</span>@endforeach
                </p>
            </li>
        @endforeach
    </ol>
    <footer>
        <p><b>{{ ucfirst($card['totals']) }}.</b> Work from 1 at the bottom up.</p>
        @foreach ($card['findings'] as $finding)<p>{{ $finding }}</p>@endforeach
        @foreach ($card['cautions'] as $caution)<p>{{ $caution }}</p>@endforeach
        <div class="reasons">
            @foreach ($card['steps'] as $step)
                <p>
                    <b>{{ $step['number'] }}</b>
                    @foreach ($step['facts'] as $fact)
                        @if ($fact->key === 'why'){{ $fact->text }}@endif
                    @endforeach
                </p>
            @endforeach
        </div>
    </footer>
</section>
