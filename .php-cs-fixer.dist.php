<?php

declare(strict_types=1);

$finder = PhpCsFixer\Finder::create()
    ->in([__DIR__ . '/app', __DIR__ . '/core', __DIR__ . '/config', __DIR__ . '/database', __DIR__ . '/routes', __DIR__ . '/tests', __DIR__ . '/bench', __DIR__ . '/bootstrap'])
    ->notPath('cache');

return (new PhpCsFixer\Config())
    ->setFinder($finder)
    ->setRiskyAllowed(true)
    ->setUsingCache(false)
    ->setParallelConfig(new PhpCsFixer\Runner\Parallel\ParallelConfig(2, 20))
    ->setRules([
        '@PER-CS' => true,
        'declare_strict_types' => true,
        'no_unused_imports' => true,
        'ordered_imports' => true,
        'single_quote' => true,
        'strict_comparison' => false,
        'concat_space' => ['spacing' => 'one'],
        'trailing_comma_in_multiline' => ['elements' => ['arrays', 'arguments', 'parameters', 'match']],
        'phpdoc_trim' => true,
        'class_definition' => ['space_before_parenthesis' => false],
        'braces_position' => ['anonymous_classes_opening_brace' => 'same_line'],
        'single_line_empty_body' => false,
    ]);
