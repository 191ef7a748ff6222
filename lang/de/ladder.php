<?php

declare(strict_types=1);

// Die Spannungsleiter: was jede Schwelle tut.
return [
    'unsure' => 'Beides kann zuerst kommen: „{upper}“ und „{lower}“. Leitungen und Messfehler (je {share}) lassen zu wenig dazwischen.',
    'down' => 'abwärts',
    'up' => 'aufwärts',
    'several' => 'alle {count}',
    'absorption_v' => 'Absorption',
    'float_v' => 'Erhaltung',
    'equalise_v' => 'Ausgleich',
    'rebulk_v' => 'zurück zu Bulk',
    'charge_limit_v' => 'Ladegrenze',
    'warning_v' => 'warnt',
    'cutoff_v' => 'schaltet ab',
    'restart_v' => 'läuft wieder an',
    'disconnect_v' => 'wirft ab',
    'reconnect_v' => 'schaltet zu',
];
