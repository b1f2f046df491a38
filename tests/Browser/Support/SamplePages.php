<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

/** Every page of the sample workshop. */
final class SamplePages
{
    /** @return iterable<string, array{string, string}> address and a sentence that tells it has arrived */
    public static function all(): iterable
    {
        yield 'Shelf' => ['/shelf', 'Coats it takes'];
        yield 'First steps' => ['/start', 'steps done'];
        yield 'Add paints by words' => ['/add-paints/words', 'Type or paste your paints'];
        yield 'Add paints by ticking' => ['/add-paints/common', 'Browns and skin'];
        yield 'Add paints from a picture' => ['/add-paints/picture', 'Click on a picture of your paints'];
        yield 'Account' => ['/account', 'Simulated devices'];
        yield 'Simulated devices' => ['/devices', 'flat battery'];
        yield 'What to buy' => ['/buy', 'Enough?'];
        yield 'A paint' => ['/shelf/3', 'Nearest relatives'];
        yield 'A metallic' => ['/shelf/80', 'Nearest relatives'];
        yield 'Figures' => ['/figures', 'A few questions'];
        yield 'Scheme' => ['/scheme', 'To fix'];
        yield 'Undercoat' => ['/undercoat', 'Before you start'];
        yield 'Tables, weather' => ['/tables/weather', 'In this order'];
        yield 'Tables, primer cost' => ['/tables/primer-cost', 'Can or airbrush?'];
        yield 'Recipe' => ['/recipe', 'Left out, and why'];
        yield 'Recipe of a part that follows another' => ['/recipe/21', 'except:'];
        yield 'Recipe not drafted yet' => ['/recipe/29', 'Type it in your own words'];
        yield 'Scheme beside a company it matches' => ['/scheme/2', 'Together with'];
        yield 'Compare' => ['/compare/1', 'Per figure it takes'];
        yield 'Compare one area' => ['/compare/1?area=8', 'Difference on the plane'];
        yield 'Recipe book' => ['/book', 'Use on a figure'];
        yield 'Running order' => ['/order', 'colour of a block'];
        yield 'Tonight' => ['/tonight', 'Nothing is drying'];
        yield 'Bench' => ['/bench', 'Next after this'];
        yield 'Bench, one figure' => ['/bench/1/4', 'Next after this'];
        yield 'Ledger' => ['/ledger', 'Painting log'];
        yield 'Tables, thin' => ['/tables/thin', 'Under varnish'];
        yield 'Tables, glaze' => ['/tables/glaze', 'off to begin with'];
        yield 'Tables, between' => ['/tables/between', 'Equal drops instead'];
        yield 'Tables, match' => ['/tables/match', 'paints looked through'];
        yield 'Tables, coats' => ['/tables/coats', 'Another paint beside it'];
    }
}
