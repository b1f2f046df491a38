<?php

declare(strict_types=1);

namespace Kalokroma\Order\Rule;

use Kalokroma\Figure\Material;
use Kalokroma\Order\Job\Job;
use Kalokroma\Recipe\Technique\Position;
use Kalokroma\Recipe\Technique\Stage;
use Kalokroma\Recipe\Technique\Technique;

/** Sorts of work that rules speak of. */
enum Sort: string
{
    case Undercoat = 'undercoat';
    case OverUndercoat = 'all over the undercoat';
    case Base = 'base coats';
    case BrushedBase = 'base coats by brush';
    case Sprayed = 'sprays';
    case Messy = 'sprays, drybrushing and washes all over';
    case Grit = 'paste and grit';
    case Fine = 'highlights, lines and tidying';
    case LastLights = 'edges, dots, lines and tidying';
    case MetalWash = 'washes on metal';
    case Unreachable = 'what a brush no longer reaches later';
    case Painting = 'painting';
    case Closing = 'matt or satin varnish';
    case GlossSpot = 'gloss spots';
    case Powder = 'powder';
    case Tuft = 'tufts';
    case Marking = 'markings';
    case Weathering = 'weathering';
    case Gluing = 'gluing';
    case OfThePart = 'painting on both sides of the joint';
    case Rim = 'base rim';
    case BeforeRim = 'everything else';
    case Any = 'every step';

    private const LAST_LIGHTS = [
        Position::Edge, Position::Dot, Position::Accent, Position::Freehand, Position::TidyUp, Position::LineTidying,
    ];

    public function has(Job $job): bool
    {
        return match ($this) {
            self::Undercoat => $job->isAt(Position::Stripping, Position::Preparing, Position::Undercoat),
            self::OverUndercoat => !$job->isBefore(Position::Repair),
            self::Base, self::BrushedBase, self::Grit, self::Unreachable => $this->isGround($job),
            self::Sprayed, self::Messy => $this->isMessy($job),
            self::Fine => $job->isAt(Position::Highlight, ...self::LAST_LIGHTS),
            self::LastLights => $job->isAt(...self::LAST_LIGHTS),
            self::MetalWash => $job->area?->material === Material::Metal && $job->isAt(Position::Wash, Position::Pin, Position::Line),
            self::Painting => $job->isBefore(Position::Satin) && !$job->isAt(Position::Gluing),
            self::Closing => $job->isAt(Position::Satin, Position::Matt),
            self::GlossSpot => $job->isAt(Position::GlossSpot),
            self::Powder => $job->isAt(Position::Powder),
            self::Tuft => $job->isAt(Position::Tuft),
            self::Marking => $job->isAt(Position::Marking, Position::Softener),
            self::Weathering => $job->isAt(Position::SolventWash, Position::Streak, Position::Powder),
            self::Gluing => $job->isAt(Position::Gluing),
            self::OfThePart => $job->isBefore(Position::Gluing),
            self::Rim => $job->isAt(Position::Rim),
            self::BeforeRim => $job->isBefore(Position::Rim),
            self::Any => true,
        };
    }

    private function isGround(Job $job): bool
    {
        $isBase = $job->planned()->stage === Stage::Basecoat && $job->area !== null && !$job->isAt(Position::Mask, Position::Testing);

        return match ($this) {
            self::Base => $isBase,
            self::BrushedBase => $isBase && !$job->isSprayed(),
            self::Grit => $job->isAt(Position::Paste, Position::Grit),
            default => $job->area?->reachable === false && $job->isBefore(Position::Gloss),
        };
    }

    /** Dust, mist and puddles: as long as it is not meant for the finished figure. */
    private function isMessy(Job $job): bool
    {
        $isEarly = $job->isBefore(Position::Effect) && !$job->isBefore(Position::Repair);
        $technique = $job->planned()->technique;

        return $isEarly && ($job->isSprayed() || ($this === self::Messy
            && in_array($technique, [Technique::Drybrush, Technique::WashAllOver], true)));
    }
}
