<?php

declare(strict_types=1);

namespace App\Cluster;

use Illuminate\Database\Connectors\MariaDbConnector;
use PDO;
use PDOException;

/**
 * Connects to the first node of a cluster that is ready.
 *
 * On a cluster the first read waits until the node has applied what any other node had acknowledged before (`wsrep_sync_wait`): whoever is
 * sent on after saving sees what was saved, through whichever server. Later reads of the same connection need not wait again. While the
 * nodes find out that one of them is gone nobody can say what was acknowledged last; then a page is shown as this node has it.
 */
final class NodeConnector extends MariaDbConnector
{
    /** A node that takes longer to answer is as good as away, s. Chosen. */
    private const PATIENCE_S = 2;

    /** So long all of them may be busy with finding a new majority, s: longer than `evs.inactive_timeout` of deploy/cluster/galera.cnf. */
    private const TOGETHER_S = 8.0;

    private const PAUSE_US = 100_000;

    /** MariaDB's number of an error: what a node answers that cannot tell in time whether it is in step. */
    private const LOCK_WAIT_TIMEOUT = 1205;

    /**
     * @param array<string, mixed> $config with `nodes`, a list of "host:port"
     *
     * @throws PDOException of the last node, when none is ready
     */
    public function connect(array $config): PDO
    {
        /** @var list<string> $nodes */
        $nodes = $config['nodes'] ?? [];
        $config['options'] = [PDO::ATTR_TIMEOUT => self::PATIENCE_S] + ($config['options'] ?? []);
        $until = microtime(true) + self::TOGETHER_S;
        while (true) {
            foreach (Nodes::inOrder($nodes) as $node) {
                try {
                    $pdo = $this->open($node, $config);
                    Nodes::answers($node);

                    return $pdo;
                } catch (PDOException $e) {
                    Nodes::passOver($node);
                    if (microtime(true) > $until) {
                        throw $e;
                    }
                }
            }
            usleep(self::PAUSE_US);
        }
    }

    /**
     * @param array<string, mixed> $config
     *
     * @throws PDOException
     */
    private function open(string $node, array $config): PDO
    {
        [$host, $port] = [...explode(':', $node), $config['port']];
        $pdo = parent::connect([...$config, 'host' => $host, 'port' => $port, 'unix_socket' => '']);
        $pdo->exec('SET SESSION wsrep_sync_wait = 1');
        try {
            // A node that is cut off from the others refuses.
            self::read($pdo);
        } catch (PDOException $e) {
            if (($e->errorInfo[1] ?? 0) !== self::LOCK_WAIT_TIMEOUT) {
                throw $e;
            }
            $pdo->exec('SET SESSION wsrep_sync_wait = 0');
            self::read($pdo);
        }
        $pdo->exec('SET SESSION wsrep_sync_wait = 0');

        return $pdo;
    }

    /**
     * @throws PDOException
     */
    private static function read(PDO $pdo): void
    {
        $answer = $pdo->query('SELECT 1');
        if ($answer !== false) {
            $answer->closeCursor();
        }
    }
}
