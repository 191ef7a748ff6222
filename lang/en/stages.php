<?php

declare(strict_types=1);

// The stages of a job: what each is called, the question that its page answers, and what to do there next.
return [
    'names' => ['survey' => 'Survey', 'loads' => 'Loads', 'size' => 'Size', 'sources' => 'Sources', 'bank' => 'Bank', 'wiring' => 'Wiring', 'day-plan' => 'Day plan', 'balance' => 'Balance', 'settings' => 'Settings', 'test' => 'Test', 'handover' => 'Handover', 'aftercare' => 'Aftercare'],
    'questions' => [
        'survey' => 'What is there, what becomes of it?',
        'loads' => 'What is used, and when?',
        'size' => 'How long does it last?',
        'sources' => 'What charges it, and is it enough?',
        'bank' => 'Does every battery carry its share?',
        'wiring' => 'Which cable, which fuse, what if it opens?',
        'day-plan' => 'In what order, when is it done?',
        'balance' => 'May they be joined yet?',
        'settings' => 'What do I type into each box?',
        'test' => 'Is it as promised?',
        'handover' => 'What does the customer keep?',
        'aftercare' => 'Is it still as we left it?',
    ],
    'next' => [
        'survey' => 'List what is there and where it travels',
        'loads' => 'Enter what is used, and when',
        'size' => 'Choose the new bank',
        'sources' => 'Settle what charges it',
        'bank' => 'Draw the links of the bank, with sizes',
        'wiring' => 'Draw what hangs on the bank, with sizes and lengths',
        'day-plan' => 'Work through the run sheet',
        'balance' => 'Balance the batteries before they are joined',
        'settings' => 'Program the chargers and note what was set',
        'test' => 'Prove it, line by line',
        'handover' => 'Issue the handover pack',
        'aftercare' => 'Visit it: a year has passed',
    ],
    'handed_over' => 'Handed over',
    'stops' => '{count, plural, one {# stop} other {# stops}}',
    'fixes' => '{count, plural, one {# fix} other {# fixes}}',
];
