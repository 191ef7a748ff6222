<?php

declare(strict_types=1);

// What Laravel's own list does not say.
return [
    'one_value' => 'The :attribute is one value, not a list.',
    'too_large' => 'The :attribute is larger than anything in a vehicle.',
    'unreadable' => 'This field holds characters that cannot be read; they were taken out. Look it over and send it again.',
];
