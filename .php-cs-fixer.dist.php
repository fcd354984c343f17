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
        'phpdoc_align' => false,
        'no_useless_concat_operator' => false,
        // Where lines break and what stands between signs is Prettier's (.prettierrc.json).
        'braces_position' => false,
        'concat_space' => ['spacing' => 'one'],
        'operator_linebreak' => false,
        'function_declaration' => ['closure_fn_spacing' => 'none'],
        'method_argument_space' => false,
        'space_after_semicolon' => false,
        'no_unneeded_control_parentheses' => false,
        'class_definition' => false,
        'types_spaces' => false,
        'single_space_around_construct' => false,
        'no_multiline_whitespace_around_double_arrow' => false,
        'attribute_block_no_spaces' => false,
        'statement_indentation' => false,
        'spaces_inside_parentheses' => false,
    ])
    ->setParallelConfig(PhpCsFixer\Runner\Parallel\ParallelConfigFactory::detect())
    ->setFinder(
        (new PhpCsFixer\Finder())
            ->in([
                __DIR__ . '/core/src',
                __DIR__ . '/judge',
                __DIR__ . '/core/tests',
                __DIR__ . '/src',
                __DIR__ . '/tests',
                __DIR__ . '/migrations',
                __DIR__ . '/config',
            ])
            ->notName(['polyfill85.php', 'reference.php']),
    )
    ->setCacheFile(__DIR__ . '/var/php-cs-fixer.cache');
