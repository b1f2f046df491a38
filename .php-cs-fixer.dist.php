<?php

declare(strict_types=1);
use PhpCsFixer\Config;
use PhpCsFixer\Finder;

$files = Finder::create()
    ->in(__DIR__)
    ->exclude(['vendor', 'node_modules', 'storage', 'bootstrap/cache', 'public/build'])
    ->append([__FILE__, __DIR__.'/artisan']);

return (new Config())
    ->setRiskyAllowed(true)
    ->setCacheFile(__DIR__.'/storage/php-cs-fixer.cache')
    ->setFinder($files)
    ->setRules([
        '@PSR12' => true,
        '@PHP82Migration' => true,
        'declare_strict_types' => true,
        'no_unused_imports' => true,
        'ordered_imports' => true,
        'single_quote' => true,
        'trailing_comma_in_multiline' => ['elements' => ['arrays', 'arguments', 'parameters', 'match']],
        'array_syntax' => true,
        'no_superfluous_phpdoc_tags' => ['allow_mixed' => true],
        'static_lambda' => true,
        'native_function_casing' => true,
        'no_extra_blank_lines' => true,
        'no_trailing_comma_in_singleline' => true,
        'fully_qualified_strict_types' => ['import_symbols' => true],
        'class_attributes_separation' => ['elements' => ['method' => 'one']],
    ]);
