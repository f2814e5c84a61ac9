package scree.core.placement;

import java.util.List;
import java.util.Optional;
import scree.core.colour.Check;
import scree.core.colour.Illuminant;
import scree.core.colour.KubelkaMunk;
import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.colour.Spectrum;
import scree.core.colour.Xyz;
import scree.core.reason.Reason;
import scree.core.reason.Severity;

/**
 * How much of a product a zone takes on this skin, and what it then looks like: a Kubelka–Munk film over the skin. Shadow and
 * light are dosed by the slope that they imitate: a plane turned by θ from a light at φ returns cos(φ + θ) / cos φ of it
 * (Lambert), so a film that multiplies luminance by k reads as θ = arccos(k cos φ) − φ.
 *
 * @param coats of one usual coat each, at the zone's peak
 * @param result colour of skin and film there
 * @param degrees that the plane seems turned: back is plus, forward minus
 * @param judgement orange, grey and the like, strongest first
 * @param reached whether the wanted slope can be had within {@link #MOST_COATS}
 */
public record Dose(double coats, Lab result, double degrees, List<Reason> judgement, boolean reached) {
    /** Direction of the window against the face. House choice: light from a little above and aside. */
    static final double LIGHT_DEGREES = 40;
    /** Luminance left by a shadow of strength 1. Cited in the craft's own-shadow rule: 0.55 to 0.7. */
    private static final double SHADOW_FAIR = .64;

    private static final double SHADOW_DEEP = .70;
    /** Luminance gained by a light of strength 1 on fair and on deep skin. House choice: one to two steps lighter. */
    private static final double LIGHT_FAIR = 1.22;

    private static final double LIGHT_DEEP = 1.45;
    static final double MOST_COATS = 3;
    /** Strength at which products are compared. House choice: near the most that a plan asks for, so that the chosen one reaches it. */
    public static final double COMPARED_AT = 0.95;

    /** A film thinner than this share of a coat is hard to lay evenly: a softer product serves better. House choice. */
    private static final double EVEN_FROM = .5;

    private static final double UNEVEN_WEIGHT = 12;
    /** A shadow that is redder or yellower than the skin by more than this looks orange. From the colour notes. */
    private static final double ORANGE_FROM = 4;
    /** A shadow with less chroma than this share of the skin's looks grey. */
    private static final double GREY_UNDER = .70;
    /** A shadow loses chroma with its light; one that gains this much looks painted. House choice. */
    private static final double VIVID_OVER = 1.12;

    /** Deep skin takes a rich shadow, never an ashy one. House choice after the craft. */
    private static final double VIVID_MORE_ON_DEEP = .2;

    /** Skin counts as wholly fair this much over where fairness fades out, as wholly deep this much under where depth begins, L*. */
    private static final double FAIR_FADES_AT = 30;

    private static final double FAIR_OVER = 40;
    private static final double DEEP_BEGINS_AT = 60;
    private static final double DEEP_OVER = 30;
    /** A film that leaves more luminance than this is no shadow; one that gains less than this is no light. */
    private static final double NO_SHADOW_OVER = .97;

    private static final double NO_LIGHT_UNDER = 1.03;
    /** Share of a usual coat at strength 1 where colour, not slope, is wanted. House choice, tried on portraits. */
    private static final double COLOUR_COAT = .40;

    private static final double SUN_COAT = .5;
    private static final double SHEEN_COAT = .6;
    private static final double POWDER_COAT = .35;
    /** What a caution, a painted look and a slope that is not reached weigh beside a colour difference. House choice. */
    private static final double CAUTION_WEIGHT = 8;

    private static final double VIVID_WEIGHT = 5;
    private static final double WEAK_WEIGHT = 4;
    /** Steps in L*a*b* that read as blood, sun and shine. House choices after the craft, tried on portraits. */
    private static final double BLUSH_DARKER = 5;

    private static final double BLUSH_LIGHTER_ON_DEEP = 2;
    private static final double BLUSH_REDDER = 11;
    private static final double BLUSH_YELLOWER = 1;
    private static final double RICHER_ON_DEEP = 3;
    private static final double SUN_DARKER = 5;
    private static final double SUN_REDDER = 3;
    private static final double SUN_YELLOWER = 5;
    private static final double SHEEN_LIGHTER = 6;
    private static final double SHEEN_YELLOWER = 2;
    /** No surface is lighter than white: the reference white of daylight, rounded down. */
    private static final double MOST_X = .95;

    private static final double MOST_Z = 1.05;

    /** How a product behaves as shadow or light on this skin. */
    public enum Judgement {
        /** Args: degrees of hue over the skin's. */
        ORANGE,
        /** Args: percent of the skin's chroma. */
        GREY,
        /** Args: percent of the skin's chroma. */
        VIVID,
        OWN_SHADOW,
        /** Args: coats. */
        TOO_THIN,
        /** It is lighter where a shadow is wanted. */
        NO_SHADOW,
        NO_LIGHT,
        ASHY_LIGHT
    }

    /** A product as a film. */
    public record Film(Spectrum material, double coat) {
        /**
         * Takes a product's colour at full opacity and the contrast ratio of one usual coat; empty when no surface has the
         * colour.
         */
        public static Optional<Film> of(Lab colour, double contrastRatio) {
            return LeastSlope.spectrumOf(colour).map(s -> new Film(s, KubelkaMunk.thicknessFor(s, contrastRatio)));
        }

        Spectrum over(Spectrum skin, double coats) {
            return KubelkaMunk.film(material, skin, coat * coats);
        }
    }

    /** Returns the slope that a change of luminance imitates, in degrees; back is plus. */
    public static double degrees(double k) {
        double phi = Math.toRadians(LIGHT_DEGREES);
        double c = Math.max(-1, Math.min(1, k * Math.cos(phi)));
        return Math.toDegrees(Math.acos(c) - phi);
    }

    /** Returns the luminance ratio that a zone of this family and strength wants, 1 where it is dosed by eye. */
    static double wantedRatio(Family family, double strength, Lab skin) {
        double fair = Math.max(0, Math.min(1, (skin.lightness() - FAIR_FADES_AT) / FAIR_OVER));
        return switch (family) {
            case SHADOW -> 1 - strength * (1 - (SHADOW_DEEP + (SHADOW_FAIR - SHADOW_DEEP) * fair));
            case LIGHT -> 1 + strength * (LIGHT_DEEP + (LIGHT_FAIR - LIGHT_DEEP) * fair - 1);
            default -> 1;
        };
    }

    /** Doses a product for a zone. */
    public static Dose of(Film film, Spectrum skin, Family family, double strength) {
        Lab bare = skin.toLab();
        double coats = switch (family) {
            case SHADOW, LIGHT -> coatsFor(film, skin, wantedRatio(family, strength, bare));
            default -> byEye(family) * strength;
        };
        boolean reached = coats <= MOST_COATS;
        double used = Math.min(coats, MOST_COATS);
        Lab result = film.over(skin, used).toLab();
        double k = luminance(film.over(skin, used)) / luminance(skin);
        return new Dose(used, result, degrees(k), judge(family, bare, result, k, used, reached), reached);
    }

    private static double byEye(Family family) {
        return switch (family) {
            case COLOUR -> COLOUR_COAT;
            case SUN -> SUN_COAT;
            case SHEEN -> SHEEN_COAT;
            default -> POWDER_COAT;
        };
    }

    /** Returns the coats that give a luminance ratio: bisection, since luminance changes one way with thickness. */
    private static double coatsFor(Film film, Spectrum skin, double wanted) {
        double bare = luminance(skin);
        boolean darker = wanted < 1;
        double most = luminance(film.over(skin, MOST_COATS)) / bare;
        if (darker ? most > wanted : most < wanted) {
            return MOST_COATS + 1e-6;
        }
        double low = 0;
        double high = MOST_COATS;
        for (int i = 0; i < 40; i++) {
            double middle = (low + high) / 2;
            double k = luminance(film.over(skin, middle)) / bare;
            if (darker ? k > wanted : k < wanted) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    private static double luminance(Spectrum s) {
        return s.toXyz(Illuminant.D65).y();
    }

    private static List<Reason> judge(Family family, Lab bare, Lab result, double k, double coats, boolean reached) {
        if (family == Family.SHADOW) {
            if (k > NO_SHADOW_OVER) {
                return List.of(Reason.caution(Judgement.NO_SHADOW));
            }
            double hue = hueOver(bare, result);
            double chroma = result.chroma() / Math.max(1, bare.chroma());
            if (hue > ORANGE_FROM) {
                return List.of(Reason.caution(Judgement.ORANGE, (int) Math.round(hue)));
            }
            if (chroma < GREY_UNDER) {
                return List.of(Reason.caution(Judgement.GREY, (int) Math.round(100 * chroma)));
            }
            double deep = Math.max(0, Math.min(1, (DEEP_BEGINS_AT - bare.lightness()) / DEEP_OVER));
            if (chroma > VIVID_OVER + VIVID_MORE_ON_DEEP * deep) {
                return List.of(Reason.check(Judgement.VIVID, (int) Math.round(100 * chroma)));
            }
            return List.of(reached ? Reason.note(Judgement.OWN_SHADOW) : Reason.check(Judgement.TOO_THIN, coats));
        }
        if (family == Family.LIGHT) {
            if (k < NO_LIGHT_UNDER) {
                return List.of(Reason.caution(Judgement.NO_LIGHT));
            }
            if (result.chroma() < GREY_UNDER * bare.chroma()) {
                return List.of(Reason.check(Judgement.ASHY_LIGHT));
            }
        }
        return List.of();
    }

    /** Returns how far the result's hue lies towards orange from the skin's, degrees. */
    private static double hueOver(Lab bare, Lab result) {
        double d = Math.toDegrees(Math.atan2(result.b(), result.a()) - Math.atan2(bare.b(), bare.a()));
        return d - 360 * Math.round(d / 360);
    }

    /**
     * Returns how well a product serves, less is better: the difference to the wanted colour, with orange, grey and weakness
     * weighing more.
     */
    public double badness(Spectrum skin, Family family, double strength) {
        Check.inRange("strength", strength, 0, Draft.MOST_STRENGTH, "draw the knob within the wedge");
        Lab wanted = wanted(family, skin, strength);
        double off = result.differenceFrom(wanted);
        boolean caution = judgement.stream().anyMatch(r -> r.severity() == Severity.CAUTION);
        boolean vivid = judgement.stream().anyMatch(r -> r.code() == Judgement.VIVID);
        double uneven = Math.max(0, EVEN_FROM - coats) * UNEVEN_WEIGHT;
        return off
                + (caution ? CAUTION_WEIGHT : 0)
                + (vivid ? VIVID_WEIGHT : 0)
                + (reached ? 0 : WEAK_WEIGHT)
                + Math.max(0, coats - 1)
                + uneven;
    }

    /**
     * The colour that a zone is to show: the person's own shadow or light; for the others a step of colour that reads as blood,
     * sun or shine on this depth. House choices after the craft: deep skin takes rich colour, fair skin a light hand.
     */
    private static Lab wanted(Family family, Spectrum skin, double strength) {
        Lab bare = skin.toLab();
        double deep = Math.max(0, Math.min(1, (DEEP_BEGINS_AT - bare.lightness()) / DEEP_OVER));
        return switch (family) {
            case SHADOW, LIGHT -> ownColour(skin, wantedRatio(family, strength, bare));
            case COLOUR ->
                Lab.ofClamped(
                        bare.lightness() - BLUSH_DARKER + BLUSH_LIGHTER_ON_DEEP * deep,
                        bare.a() + BLUSH_REDDER,
                        bare.b() + BLUSH_YELLOWER + RICHER_ON_DEEP * deep);
            case SUN -> Lab.ofClamped(bare.lightness() - SUN_DARKER, bare.a() + SUN_REDDER, bare.b() + SUN_YELLOWER);
            case SHEEN ->
                Lab.ofClamped(
                        bare.lightness() + SHEEN_LIGHTER, bare.a(), bare.b() + SHEEN_YELLOWER + RICHER_ON_DEEP * deep);
            case POWDER -> bare;
        };
    }

    /** The skin's XYZ times k: the person's own shadow, or the same skin nearer the light. */
    static Lab ownColour(Spectrum skin, double k) {
        var xyz = skin.toXyz(Illuminant.D65);
        return new Xyz(Math.min(MOST_X, xyz.x() * k), Math.min(1, xyz.y() * k), Math.min(MOST_Z, xyz.z() * k))
                .toLab(Illuminant.D65.white());
    }
}
