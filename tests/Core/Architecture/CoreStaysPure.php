<?php

declare(strict_types=1);

namespace Tests\Core\Architecture;

use PhpParser\Node;
use PhpParser\Node\Expr;
use PhpParser\Node\Stmt;
use PHPStan\Analyser\Scope;
use PHPStan\Rules\IdentifierRuleError;
use PHPStan\Rules\Rule;
use PHPStan\Rules\RuleErrorBuilder;

/**
 * core/ reads nothing, writes nothing, knows no time and throws no dice: the same input always gives the same answer.
 *
 * @implements Rule<Node>
 */
final class CoreStaysPure implements Rule
{
    private const FORBIDDEN = '/^(f(open|read|write|puts|gets|close|scanf|printf|putcsv|getcsv|ile.*)|readfile|unlink|mkdir|rmdir|rename|copy|touch|tempnam|tmpfile|glob|scandir|opendir|is_(file|dir|readable|writable)'
        . '|stream_.*|socket_.*|curl_.*|exec|shell_exec|system|passthru|popen|proc_open|mail|header|setcookie|session_.*|ob_.*|printf|vprintf|print_r|var_dump|error_log|syslog'
        . '|time|microtime|hrtime|date|gmdate|mktime|gmmktime|strtotime|getdate|localtime|idate|date_(create|default).*|sleep|usleep'
        . '|rand|mt_.*|random_.*|lcg_value|uniqid|shuffle|array_rand|str_shuffle|getenv|putenv|ini_set|set_error_handler|get_cfg_var|gethostname|php_uname|phpversion|memory_.*)$/';

    private const CLOCKS = '/^(DateTime|DateTimeImmutable|DatePeriod|Random\\\\.*|SplFileObject|SplFileInfo|PDO|mysqli)$/';

    public function getNodeType(): string
    {
        return Node::class;
    }

    /**
     * @return list<IdentifierRuleError>
     */
    public function processNode(Node $node, Scope $scope): array
    {
        if (!str_starts_with((string) $scope->getNamespace(), 'Pebblefell')) {
            return [];
        }
        $what = match (true) {
            $node instanceof Expr\FuncCall && $node->name instanceof Node\Name && preg_match(
                self::FORBIDDEN,
                $node->name->toLowerString(),
            ) === 1 => $node->name->toString() . '()',
            $node instanceof Expr\New_ && $node->class instanceof Node\Name && preg_match(
                self::CLOCKS,
                $node->class->toString(),
            ) === 1 => 'new ' . $node->class->toString(),
            $node instanceof Stmt\Echo_, $node instanceof Expr\Print_, $node instanceof Stmt\InlineHTML => 'output',
            $node instanceof Expr\Exit_, $node instanceof Expr\Eval_, $node instanceof Expr\Include_,
            $node instanceof Expr\ShellExec => 'exit, eval, include or a shell',
            $node instanceof Stmt\Global_, $node instanceof Stmt\Static_ => 'global or static state',
            $node instanceof Expr\Variable && is_string($node->name) && preg_match(
                '/^(_GET|_POST|_SERVER|_ENV|_COOKIE|_SESSION|_FILES|_REQUEST|GLOBALS)$/',
                $node->name,
            ) === 1 => '$' . $node->name,
            default => null,
        };

        return $what === null ? [] : [
            RuleErrorBuilder::message("core/ must stay pure: no $what.")->identifier('pebblefell.corePure')->build(),
        ];
    }
}
