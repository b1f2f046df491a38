<?php

declare(strict_types=1);

namespace Kalokroma\Film;

/**
 * Every constant of the film model, with its unit and what it was fitted to.
 */
final class Constants
{
    /**
     * Scattering of a covering paint per undiluted coat, uniform over the bands:
     * S = S_WHITE · (L* / 100)^S_LIGHTNESS_POWER / (1 + (C*ab / S_CHROMA)²), at least S_LEAST.
     *
     * Fitted to the usual numbers of coats to within 2.0 (CIEDE2000) of full hide over dark (#1c1b1a), middle grey
     * (#7a7a7a) and light (#f0ece2) grounds, undiluted and thinned 1:1: earths, dark blues and blacks 1–2, bone 1–3,
     * warm red 2–4, strong yellow and white up to 6. Four colours of each of the seven rows were fitted, four more kept
     * for checking; benchmarks/coats prints how many cases are met.
     */
    public const S_WHITE = 2.0;
    public const S_LIGHTNESS_POWER = 1.56;
    public const S_CHROMA = 130.0;

    /** No covering paint scatters less than this per coat: dark and vivid paints have a body too. */
    public const S_LEAST = 0.51;

    /** Share of the light that the surface of a film sends back, {@see Boundary}; fitted together with S and the strength. */
    public const SURFACE = 0.055;

    /**
     * How strongly a paint counts in a mix, beside its share: e^(STRENGTH_CHROMA · C*ab / 100 + STRENGTH_LIGHTNESS · (L* / 100 − ½)).
     * Vivid and light paints hold more pigment than dull and dark ones. Fitted with the surface and S on mixes of typed colours;
     * benchmarks/mixes prints how they come out.
     */
    public const STRENGTH_CHROMA = 0.43;
    public const STRENGTH_LIGHTNESS = 0.52;

    /** Hiding of a semi-opaque paint as a share of an opaque one's: it "needs more coats", about 1.7 times as many. */
    public const SEMI_OPAQUE = 0.6;

    /** Metal flakes hide better than pigment: light metals cover in two to three coats. */
    public const METALLIC = 2.0;

    /** Scattering per coat of stains, washes and inks: transparent, with just enough body to haze a dark ground. */
    public const S_TRANSPARENT = 0.03;

    /** A transparent paint has all of that haze where one coat over white is this dark or darker: minus the logarithm of its luminance. */
    public const TRANSPARENT_FULL = 1.4;

    /** The palest has this share of it. */
    public const TRANSPARENT_LEAST = 0.05;

    /**
     * Scattering per coat of a white ink, about a third of a white paint's: fine white pigment in much binder. It fades in over so much
     * lightness (L*, one coat over white) from here on, and out with chroma.
     */
    public const S_LIGHT_INK = 0.35;
    public const INK_LIGHT_FROM = 84.0;
    public const INK_LIGHT_OVER = 10.0;
    public const INK_LIGHT_CHROMA = 30.0;

    /** By how much a stain, wash or ink may haze more or less than that. */
    public const S_TRANSPARENT_SPREAD = 2.0;

    /** A coat counts as hiding when it is this near to full hide (CIEDE2000). */
    public const HIDDEN_WITHIN = 2.0;

    /** More coats than this are not proposed. */
    public const MOST_COATS = 12;

    /**
     * Certainty of a colour (CIEDE2000, ±) by where it comes from: words leave ±6 open, a dab on a picture whose white was shown ±4
     * (our own estimates; tests hold the words against 60 paints whose colour is known), a typed-in swatch is no better than about ±2.
     * Read and calibrated
     * ones follow a reader's noise of 0.5 and the errors that tests find on made paints (median below 1 for two and three coats).
     */
    public const GUESSED_SINGLE = 6.0;
    public const PICTURED_SINGLE = 4.0;
    public const TYPED_SINGLE = 2.0;
    public const READ_SINGLE = 1.0;
    public const CALIBRATED_SINGLE = 0.8;

    /** By how much a paint may count more strongly in a mix than taken: guessed from its colour, or solved from a test swatch. */
    public const GUESSED_STRENGTH = 1.8;
    public const CALIBRATED_STRENGTH = 1.25;

    /**
     * The spread of a mix is so many times the root mean square by which its variants differ from it (CIEDE2000), and at least
     * SPREAD_LEAST. Set so that of a table of mixes less than nine in ten lie within, and of mixes of paints made outside the model more
     * than two in three; benchmarks/mixes prints how many.
     */
    public const SPREAD = 2.2;
    public const SPREAD_LEAST = 1.5;

    /** Share by which the hiding of a coat may be off: the spread of the usual numbers of coats; a test swatch's error. */
    public const GUESSED_THICKNESS = 0.3;
    public const CALIBRATED_THICKNESS = 0.08;

    /**
     * Light that a dry surface scatters before it reaches the paint, as a share of all light: none from gloss, a little
     * from satin, most from matt. Matt varnish is a little matter than matt paint, so that it lightens darks.
     */
    public const HAZE_SATIN = 0.004;
    public const HAZE_MATT = 0.010;
    public const HAZE_MATT_VARNISH = 0.013;

    /** The haze makes up at most this share of the darkest band, whatever the sheen: blacks keep a body of their own. */
    public const HAZE_MOST = 0.35;

    /**
     * The binder of an opaque acrylic is milky while wet: the reflectance below the surface is raised to this power.
     * Set so that middle tones dry about 2 in L* darker, as painters tell.
     */
    public const MILKY = 0.92;

    /** Luminance of metal flakes turned away from the light and toward it, as multiples of the base colour's. */
    public const METAL_AWAY = 0.4;
    public const METAL_TOWARD = 2.4;

    /** Mixes of flakes with matt paint follow no film of this model: they are a guess (CIEDE2000, ±). */
    public const METAL_MIX = 8.0;
}
