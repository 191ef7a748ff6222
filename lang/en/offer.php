<?php

declare(strict_types=1);

// What a customer reads of an offer.
return [
    'offer' => 'Offer {number}',
    'valid' => 'Good until {date}',
    'for' => 'for {customer}',
    'what' => 'What', 'count' => 'How much', 'each' => 'Each', 'sum' => 'Sum',
    'labour' => 'Labour: {what}',
    'sundries' => 'Cables, lugs, fuses and small parts',
    'open-price' => 'price to follow',
    'net' => 'Net', 'tax' => 'Tax {percent}', 'gross' => 'To pay',
    'gives' => 'What it gives',
    'usable' => '{energy} usable', 'days' => '{days} days without any charge', 'sun' => '{power} of panels',
    'choices' => 'Choices',
    'choose' => 'Tick what you want besides. Each price is with tax, against the offer as it stands.',
    'one-of' => 'one of: {group}',
    'some-open' => 'some prices follow',
    'accept' => 'Accept',
    'your-name' => 'Your name',
    'agree' => 'I accept this offer with what is ticked above.',
    'accepted' => 'Accepted by {name} on {date}.',
    'seal' => 'Seal: {hash}',
    'over' => 'This offer is no longer good; ask for a new one.',
    'thanks' => 'Thank you. The workshop sees it now, and asks if something is unclear.',
    'name-missing' => 'Please write your name.',
    'agree-missing' => 'Please tick that you accept.',
    'choice-gone' => 'One of the choices is no longer offered.',
    'one-of-each' => 'Please tick one of each group only.',
    'mains' => 'Work on mains and gas is done by licensed people, under the local rules.',
    'later' => [
        'head' => 'What may be added later',
        'battery' => 'More batteries of the same model: room for {left}.',
        'until' => 'They join well until about {month}.',
        'ways' => 'Circuits: {left} ways are free.',
        'panel' => 'Panels: these regulators take {left} more.',
        'roof' => 'Roof: {left} are free.',
        'laid' => 'Panels of this size: the roof holds {left} more.',
    ],
];
