package scree.core.judge;

import scree.core.shade.Role;

/** A second look at the chosen dose, so that the word says what is seen, not which bound was broken furthest. */
final class Refined {
    private Refined() {}

    /** @param atMost whether more coats than these are not laid in the role */
    static Looks of(Looks looks, Role role, RoleSkin s, Dosed d, boolean atMost) {
        if (looks == Looks.FITS) {
            return looks;
        }
        Looks byRole = switch (role) {
            case CONTOUR -> contour(looks, d);
            case BRONZER -> bronzer(looks, d);
            case BRIGHTENER -> brightener(looks, s, d);
            case HIGHLIGHT -> highlight(looks, s, d);
            case POWDER -> powder(looks, d);
            case CONCEALER -> looks == Looks.TOO_LIGHT && d.of(Measure.CHROMA) < .85 ? Looks.ASHY : looks;
            default -> looks;
        };
        return byRole == Looks.INVISIBLE && atMost && onTheWay(role, d) ? Looks.NOT_REACHED : byRole;
    }

    private static Looks contour(Looks looks, Dosed d) {
        if (looks == Looks.ORANGE && d.of(Measure.CHROMA) < .95) {
            return Looks.DIRTY; // hue up and chroma down is greenish
        }
        return d.of(Measure.LIGHTER) > 1 ? Looks.TOO_LIGHT : looks;
    }

    private static Looks bronzer(Looks looks, Dosed d) {
        if (d.of(Measure.LIGHTER) > 1) {
            return Looks.TOO_LIGHT;
        }
        return looks == Looks.YELLOW && d.of(Measure.CHROMA) > 1.2 ? Looks.ORANGE : looks;
    }

    private static Looks brightener(Looks looks, RoleSkin s, Dosed d) {
        double own = d.of(Measure.OWN_CHROMA);
        double chroma = d.of(Measure.CHROMA);
        if (d.of(Measure.LIGHTER) < -1) {
            return Looks.TOO_DARK;
        }
        boolean tooMuch = looks == Looks.TOO_LIGHT || looks == Looks.TOO_STRONG;
        if (tooMuch && (own < RoleBounds.LEAST_OWN_OF_LIGHT || chroma < RoleBounds.leastChromaOfLight(s))) {
            return Looks.ASHY;
        }
        if (looks == Looks.PINK && own < .9) {
            return Looks.ASHY;
        }
        return looks == Looks.YELLOW && d.of(Measure.REDDER) > 0 && chroma > 1.3 ? Looks.ORANGE : looks;
    }

    private static Looks highlight(Looks looks, RoleSkin s, Dosed d) {
        boolean pale = d.of(Measure.CHROMA) < RoleBounds.leastChromaOfSheen(s)
                || d.of(Measure.REST_OWN_CHROMA) < RoleBounds.leastOwnOfSheen(s);
        return looks == Looks.TOO_STRONG && pale ? Looks.ASHY : looks;
    }

    private static Looks powder(Looks looks, Dosed d) {
        if (d.of(Measure.LIGHTER) < -.9) {
            return Looks.TOO_DARK;
        }
        if (looks == Looks.CHALKY && d.of(Measure.CHROMA) > 1 && d.of(Measure.LIGHTER) < .5) {
            double turn = d.of(Measure.HUE_TURN);
            return turn < -3 ? Looks.PINK : turn > 3 ? Looks.YELLOW : Looks.ORANGE;
        }
        return looks;
    }

    private static boolean onTheWay(Role role, Dosed d) {
        return switch (role) {
            case BRIGHTENER, HIGHLIGHT -> d.of(Measure.LIGHTER) > .5;
            case CONTOUR, BRONZER -> d.of(Measure.LIGHTER) < -.5;
            case BLUSH -> d.of(Measure.DIFFERENCE) > 1;
            default -> false;
        };
    }
}
