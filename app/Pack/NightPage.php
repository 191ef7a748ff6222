<?php

declare(strict_types=1);

namespace App\Pack;

use Pebblefell\Stage\Handover\Night;
use Pebblefell\System\Part;
use Pebblefell\System\Photo;

/** The page for two in the morning, in its customer's language. */
final readonly class NightPage
{
    private Night $night;

    public function __construct(private PackDocument $pack)
    {
        $this->night = Night::of($pack->assessment->study);
    }

    /**
     * @param array<string, mixed> $args
     */
    public function word(string $key, array $args = []): string
    {
        return $this->pack->say()->word("night.$key", $args);
    }

    /**
     * @return list<array{trouble: string, title: string, steps: list<array{says: string, where: string, pictures: list<string>}>}>
     */
    public function pages(): array
    {
        return array_map(fn(array $page): array => [
            'trouble' => $page['trouble'],
            'title' => $this->word("troubles.$page[trouble]"),
            'steps' => array_map(fn(array $step): array => [
                'says' => $this->word("steps.$step[does]", $step['args']),
                'where' => $step['args']['at'] === '' ? '' : $this->word('where', $step['args']),
                'pictures' => array_slice(array_merge(...array_map(
                    static fn(Part $p): array => array_column(array_filter(
                        $p->photos,
                        static fn(Photo $photo): bool => in_array($photo->shows, ['', Photo::PLACE], true),
                    ), 'sha256'),
                    $step['parts'],
                )), 0, 2),
            ], $page['steps']),
        ], $this->night->pages);
    }

    public function phone(): string
    {
        return (string) $this->pack->workshop->phone;
    }

    public function who(): string
    {
        return $this->pack->workshop->name;
    }

    public function works(): string
    {
        return $this->word('works', ['title' => $this->pack->system->title]);
    }

    public function say(): string
    {
        return $this->word('say', [
            'number' => (string) $this->pack->handover->number,
            'date' => $this->pack->handover->issuedOn(),
        ]);
    }

    /** A picture within the page, so that it is there without a signal. */
    public function photo(string $sha256): string
    {
        return $this->pack->photoUri($sha256);
    }
}
