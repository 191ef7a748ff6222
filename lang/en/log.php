<?php

declare(strict_types=1);

// A monitor's log beside the plan.
return [
    'says' => [
        'few-days' => 'Fewer than {days} days were logged nearly whole: nothing is said of so few.',
        'fits' => 'What was logged is what was planned.',
        'more-used' => 'More is used than was listed: {out} a day, {planned} planned. Either live as planned, or plan as they live: Loads.',
        'less-used' => 'Less is used than was listed: {out} a day, {planned} planned. There is more in hand than the plan says.',
        'was-sun' => 'It ran short for want of sources: {out} a day went out, {in} came in; it came down to {low}, on {times} days below a fifth. More battery would only put it off.',
        'was-battery' => 'It ran short for want of battery: what went out ({out} a day) was put back ({in}), and yet it came down to {low}, on {times} days below a fifth.',
        'sun-short' => 'The sun brought {measured} a day, {promised} was promised for those months: shade, dirt, heat, a loose string, or a regulator that goes to float too early. On Test each array is read alone.',
        'sun-never-came' => 'The sun never came: {measured} a day of {promised} promised. An open switch, a tripped breaker, a plug, or a regulator that does not see the battery.',
        'unlisted' => 'By night {measured} is drawn where {planned} is planned: something runs that nobody listed, {day} a day. An inverter left on, a gauge, a fridge.',
        'never-full' => 'It was not full for {days} days on end: the monitor loses count, and cells are not balanced. Charge it full once.',
        'shrunk' => 'The bank holds less than the monitor was told: it showed {says} and more, and yet stood at {volts} with hardly anything flowing, as one with {like} left. Test its capacity, and look at each battery alone.',
        'held-full' => 'It stands full for {hours} a day: lithium ages so. Long life, on Settings, or the charger off.',
    ],
];
