<?php

declare(strict_types=1);

return (new PhpCsFixer\Config())
    ->setRiskyAllowed(true)
    ->setUnsupportedPhpVersionAllowed(true)
    ->setRules([
        '@Symfony' => true,
        '@Symfony:risky' => true,
        'declare_strict_types' => true,
        'native_function_invocation' => false,
        'phpdoc_to_comment' => false,
        'single_line_throw' => false,
        'no_superfluous_phpdoc_tags' => ['allow_mixed' => true, 'remove_inheritdoc' => true],
        'nullable_type_declaration_for_default_null_value' => true,
        'fully_qualified_strict_types' => false,
        'single_line_empty_body' => false,
        'braces_position' => ['allow_single_line_empty_anonymous_classes' => true],
    ])
    ->setFinder((new PhpCsFixer\Finder())->in([__DIR__.'/core/src', __DIR__.'/core/tests', __DIR__.'/src', __DIR__.'/tests', __DIR__.'/migrations', __DIR__.'/config'])->notName(['polyfill85.php', 'reference.php']))
    ->setCacheFile(__DIR__.'/var/php-cs-fixer.cache');
