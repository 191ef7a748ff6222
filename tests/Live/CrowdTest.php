<?php

declare(strict_types=1);

namespace Tests\Live;

use DOMElement;

/** Many people at once: one row has one winner and everybody else is told; what is added is all there. */
final class CrowdTest extends TestCase
{
    private const PEOPLE = 50;

    public function testFiftyPeopleAtOneRow(): void
    {
        $person = self::person('Crowd One', 'planner');
        $other = self::person('Crowd Two', 'technician');
        [$path, $form] = $this->aLoad($person);
        $other->page('/');
        $answers = self::atOnce(
            array_map(
                static fn(int $i): array => [$i % 2 === 0 ? $person : $other, 'PUT', $path, [...$form, 'watts' => (string) (100 + $i)]],
                range(1, self::PEOPLE),
            ),
        );
        $status = array_count_values(array_map(static fn($a): int => $a?->getStatusCode() ?? 0, $answers));
        self::assertSame(
            [302 => 1, 409 => self::PEOPLE - 1],
            [302 => $status[302] ?? 0, 409 => $status[409] ?? 0],
            (string) json_encode($status),
        );
        foreach ($answers as $answer) {
            if ($answer?->getStatusCode() === 409) {
                self::assertMatchesRegularExpression('/Changed by Crowd (One|Two) meanwhile/', (string) $answer->getBody());
            }
        }
    }

    public function testFiftyAdditionsAtOnce(): void
    {
        $person = self::person('Crowd Three', 'planner');
        [$path] = $this->aLoad($person);
        $add = (string) preg_replace('~/\d+$~', '', $path);
        $answers = self::atOnce(
            array_map(
                static fn(int $i): array => [$person, 'POST', $add, ['name' => "Crowd lamp $i", 'side' => 'dc', 'watts' => '5']],
                range(1, self::PEOPLE),
            ),
        );
        self::assertSame([302 => self::PEOPLE], array_count_values(array_map(static fn($a): int => $a?->getStatusCode() ?? 0, $answers)));
        $csv = (string) $person->get((string) preg_replace('~/appliances$~', '/loads.csv', $add))->getBody();
        self::assertSame(self::PEOPLE, preg_match_all('/^"?Crowd lamp \d+"?,/m', $csv));
    }

    /**
     * @return array{string, array<string, string>} where a load of the cinema caravan is written to, and its form
     */
    private function aLoad(Person $person): array
    {
        $yard = $person->page('/');
        $job = $yard->evaluate('string(//table//a[contains(., "Cinema caravan")]/@href)');
        $loads = $person->page((string) parse_url($job, PHP_URL_PATH) . '/loads');
        $form = ($loads->query(
            '//form[contains(@action, "/appliances/") and .//input[@name="lock_version"] and .//input[@name="name"]]',
        ) ?: null)?->item(0);
        self::assertInstanceOf(DOMElement::class, $form);
        $value = static fn(string $name): string => $loads->evaluate("string(.//input[@name=\"$name\"]/@value)", $form);

        return [
            (string) parse_url($loads->evaluate('string(@action)', $form), PHP_URL_PATH),
            ['name' => $value('name'), 'side' => 'dc', 'lock_version' => $value('lock_version')],
        ];
    }
}
