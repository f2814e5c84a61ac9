package scree.core.judge;

import static scree.core.judge.Looks.ASHY;
import static scree.core.judge.Looks.CHALKY;
import static scree.core.judge.Looks.DIRTY;
import static scree.core.judge.Looks.FLASHBACK;
import static scree.core.judge.Looks.GREY;
import static scree.core.judge.Looks.INVISIBLE;
import static scree.core.judge.Looks.NOT_REACHED;
import static scree.core.judge.Looks.ORANGE;
import static scree.core.judge.Looks.PINK;
import static scree.core.judge.Looks.TOO_DARK;
import static scree.core.judge.Looks.TOO_LIGHT;
import static scree.core.judge.Looks.TOO_STRONG;
import static scree.core.judge.Looks.YELLOW;
import static scree.core.judge.Measure.ABSOLUTE_CHROMA;
import static scree.core.judge.Measure.CHROMA;
import static scree.core.judge.Measure.CONTROL;
import static scree.core.judge.Measure.DARKENING;
import static scree.core.judge.Measure.DIFFERENCE;
import static scree.core.judge.Measure.FLASH_DIFFERENCE;
import static scree.core.judge.Measure.HUE;
import static scree.core.judge.Measure.HUE_TURN;
import static scree.core.judge.Measure.LIGHTER;
import static scree.core.judge.Measure.LIGHTNESS;
import static scree.core.judge.Measure.LUMINANCE;
import static scree.core.judge.Measure.OWN_CHROMA;
import static scree.core.judge.Measure.PUSH;
import static scree.core.judge.Measure.REDDER;
import static scree.core.judge.Measure.REST_DIFFERENCE;
import static scree.core.judge.Measure.REST_OWN_CHROMA;

import java.util.ArrayList;
import java.util.List;
import scree.core.colour.Lab;
import scree.core.shade.Role;

/** The region in which a role looks right, as a table for each. Figures and their reasons: docs/method.md, "Colour by role". */
final class RoleBounds {
    /** ΔE00 that a tenth of a coat may make: beyond it left and right will differ to the eye. */
    static final double MOST_CONTROL = 2;

    private RoleBounds() {}

    static List<Bound> of(Role role, RoleSkin s, RoleWish wish) {
        List<Bound> bounds = new ArrayList<>(region(role, s, wish));
        if (role != Role.POWDER && role != Role.CONCEALER) {
            bounds.add(Bound.atMost(CONTROL, MOST_CONTROL, TOO_STRONG));
        }
        return bounds;
    }

    /** Least share of the ground's chroma that a brightener may leave. */
    static double leastChromaOfLight(RoleSkin s) {
        return .62 + .38 * s.deep();
    }

    /** Least share of the own chroma at the reached lightness that a brightener may leave. */
    static final double LEAST_OWN_OF_LIGHT = .87;

    static double leastChromaOfSheen(RoleSkin s) {
        return .60 + .05 * s.warm() - .06 * s.cool() + .20 * s.deep();
    }

    static double leastOwnOfSheen(RoleSkin s) {
        return .78 + .1 * s.deep();
    }

    private static List<Bound> region(Role role, RoleSkin s, RoleWish wish) {
        return switch (role) {
            case CONCEALER ->
                List.of(
                        Bound.between(LIGHTER, -2.4, 2.4, TOO_DARK, TOO_LIGHT),
                        Bound.between(CHROMA, .85 + .05 * s.deep(), 1.22, ASHY, ORANGE),
                        Bound.between(HUE_TURN, -7, 7, PINK, YELLOW),
                        Bound.atMost(DIFFERENCE, 3, NOT_REACHED));
            case BRIGHTENER ->
                List.of(
                        Bound.between(
                                LIGHTER, 2, Math.min(9.5, .5 * (97 - s.ground().lightness())), INVISIBLE, TOO_LIGHT),
                        Bound.between(OWN_CHROMA, LEAST_OWN_OF_LIGHT, 1.35, ASHY, ORANGE),
                        Bound.between(HUE_TURN, -5, 6, PINK, YELLOW),
                        Bound.atLeast(CHROMA, leastChromaOfLight(s), ASHY));
            case CONTOUR ->
                List.of(
                        Bound.between(LUMINANCE, .50, .93, TOO_STRONG, INVISIBLE),
                        Bound.between(HUE_TURN, -7, warmest(wish), PINK, ORANGE),
                        Bound.between(CHROMA, .82 + .06 * s.deep(), 1.15 + .17 * s.deep(), GREY, ORANGE));
            case BRONZER ->
                List.of(
                        Bound.between(LIGHTER, -9 + s.fair(), -1.5, TOO_STRONG, INVISIBLE),
                        Bound.between(CHROMA, 1 - .03 * s.deep(), 1.5 - .15 * s.deep(), GREY, ORANGE),
                        Bound.between(
                                REDDER,
                                -2 - s.deep(),
                                5 - 1.2 * s.olive() - s.fair() * (.8 + .7 * s.cool()),
                                DIRTY,
                                ORANGE),
                        Bound.between(HUE_TURN, -7, 6 - 3 * s.cool(), PINK, YELLOW),
                        Bound.between(DIFFERENCE, 1.5, 7, INVISIBLE, TOO_STRONG));
            case BLUSH -> blush(s, wish);
            case HIGHLIGHT ->
                List.of(
                        Bound.between(LIGHTER, 4, 14, INVISIBLE, TOO_STRONG),
                        Bound.between(CHROMA, leastChromaOfSheen(s), 1.45, ASHY, YELLOW),
                        Bound.between(HUE_TURN, -10, 7 + 4 * s.deep() + 3 * s.warm(), PINK, YELLOW),
                        Bound.atMost(REST_DIFFERENCE, 3.5, TOO_STRONG),
                        Bound.atLeast(REST_OWN_CHROMA, leastOwnOfSheen(s), ASHY));
            case POWDER -> powder(s, wish);
            case LIP, LIP_STAIN, LIP_LINER, LIP_GLOSS -> lip(s, wish);
            case LID ->
                List.of(
                        Bound.between(
                                LIGHTNESS,
                                RoleTarget.lidFloor(s, wish),
                                s.skin().lightness() + 6,
                                TOO_STRONG,
                                CHALKY),
                        Bound.between(CHROMA, .60 + .15 * s.deep(), 1.6, GREY, ORANGE),
                        Bound.atLeast(DIFFERENCE, 2.2, INVISIBLE),
                        Bound.between(HUE_TURN, -30, 12, PINK, YELLOW));
            case BROW -> brow(s, wish);
            case SKIN_CARE, PRIMER, BASE, CORRECTOR, MIXER, LINER, MASCARA, SPRAY, TOOL ->
                throw new IllegalArgumentException(role + " is not judged by bounds");
        };
    }

    /** A shadow is at most so much warmer than the skin, less where the own one was seen in warm light and was cooler still. */
    private static double warmest(RoleWish wish) {
        return wish.warmest() == null ? WARMEST : Math.max(COOLEST_LIMIT, Math.min(WARMEST, wish.warmest()));
    }

    private static final double WARMEST = 4;
    /** A limit cooler than this would leave nothing. House choice. */
    private static final double COOLEST_LIMIT = -2;

    private static List<Bound> blush(RoleSkin s, RoleWish wish) {
        double most = (8.5 - 1.5 * s.fair() - .5 * s.deep()) * (wish.muted() ? .75 : 1) * (wish.evening() ? 1.15 : 1);
        double golden = 58 - 14 * s.fair() - 10 * s.fair() * s.cool();
        golden += (38 - golden) * s.olive();
        return List.of(
                Bound.between(DIFFERENCE, 2.2, most, INVISIBLE, TOO_STRONG),
                Bound.between(PUSH, -32 - 8 * s.cool(), golden, PINK, ORANGE),
                Bound.between(DARKENING, -.45 + .35 * s.deep() + .2 * s.olive(), .95, CHALKY, DIRTY),
                Bound.atLeast(CHROMA, .92, DIRTY));
    }

    private static List<Bound> powder(RoleSkin s, RoleWish wish) {
        List<Bound> bounds = new ArrayList<>(List.of(
                Bound.between(LIGHTER, s.underEye() ? -.9 : -1.6, 1.5 - .3 * s.deep(), TOO_DARK, CHALKY),
                Bound.atMost(DIFFERENCE, 2, CHALKY),
                Bound.between(CHROMA, .88, 1.15, CHALKY, ORANGE)));
        if (wish.flash()) {
            bounds.add(Bound.atMost(FLASH_DIFFERENCE, 3, FLASHBACK));
        }
        return bounds;
    }

    private static List<Bound> lip(RoleSkin s, RoleWish wish) {
        double orange = 34 * s.cool() + 46 * s.neutral() + 54 * s.warm() + 8 * s.deep();
        orange += (42 - orange) * s.olive();
        double light = s.skin().lightness();
        return List.of(
                Bound.between(LIGHTNESS, RoleTarget.lipFloor(s, wish), light - 2 + s.deep(), TOO_STRONG, CHALKY),
                Bound.between(HUE, -25 + 15 * s.olive(), orange, PINK, ORANGE),
                Bound.atLeast(DIFFERENCE, 2.5, INVISIBLE),
                Bound.between(ABSOLUTE_CHROMA, .95 * s.skin().chroma(), 60, GREY, TOO_STRONG),
                Bound.atMost(LIGHTER, 4 - 2 * s.deep(), CHALKY));
    }

    private static List<Bound> brow(RoleSkin s, RoleWish wish) {
        Lab hair = RoleTarget.hairOf(wish);
        double l = hair.lightness();
        double chroma = hair.chroma();
        return List.of(
                Bound.atLeast(DIFFERENCE, 4, INVISIBLE),
                Bound.between(
                        LIGHTNESS,
                        l > 30 ? l - 10 : l - 4,
                        Math.min(l + 14, s.skin().lightness() - 8),
                        TOO_STRONG,
                        INVISIBLE),
                Bound.between(ABSOLUTE_CHROMA, .3 * chroma, chroma + 7, GREY, ORANGE));
    }
}
