<svg class="strata" viewBox="0 0 3 1" preserveAspectRatio="none" role="img"
    aria-label="{{ $label }}: recess {{ $faces['recess'] }}, plane {{ $faces['plane'] }}, ridge {{ $faces['ridge'] }}">
    <rect width="1.01" height="1" fill="{{ $faces['recess'] }}"/>
    <rect x="1" width="1.01" height="1" fill="{{ $faces['plane'] }}"/>
    <rect x="2" width="1" height="1" fill="{{ $faces['ridge'] }}"/></svg>
