package scree.core.judge;

import scree.core.shade.Role;

/** A second look at the chosen dose, so that the word says what is seen, not which bound was broken furthest. */
final class Refined {
    private Refined() {}

    /** @param atMost whether more coats than these are not laid in the role */
    static Fault of(Fault fault, Role role, RoleSkin s, Dosed d, boolean atMost) {
        if (fault == Fault.FITS) {
            return fault;
        }
        Fault byRole = switch (role) {
            case CONTOUR -> contour(fault, d);
            case BRONZER -> bronzer(fault, d);
            case BRIGHTENER -> brightener(fault, s, d);
            case HIGHLIGHT -> highlight(fault, s, d);
            case POWDER -> powder(fault, d);
            case CONCEALER -> fault == Fault.TOO_LIGHT && d.of(Measure.CHROMA) < .85 ? Fault.ASHY : fault;
            default -> fault;
        };
        return byRole == Fault.INVISIBLE && atMost && onTheWay(role, d) ? Fault.NOT_REACHED : byRole;
    }

    private static Fault contour(Fault fault, Dosed d) {
        if (fault == Fault.ORANGE && d.of(Measure.CHROMA) < .95) {
            return Fault.DIRTY; // hue up and chroma down is greenish
        }
        return d.of(Measure.LIGHTER) > 1 ? Fault.TOO_LIGHT : fault;
    }

    private static Fault bronzer(Fault fault, Dosed d) {
        if (d.of(Measure.LIGHTER) > 1) {
            return Fault.TOO_LIGHT;
        }
        return fault == Fault.YELLOW && d.of(Measure.CHROMA) > 1.2 ? Fault.ORANGE : fault;
    }

    private static Fault brightener(Fault fault, RoleSkin s, Dosed d) {
        double own = d.of(Measure.OWN_CHROMA);
        double chroma = d.of(Measure.CHROMA);
        if (d.of(Measure.LIGHTER) < -1) {
            return Fault.TOO_DARK;
        }
        boolean tooMuch = fault == Fault.TOO_LIGHT || fault == Fault.TOO_STRONG;
        if (tooMuch && (own < RoleBounds.LEAST_OWN_OF_LIGHT || chroma < RoleBounds.leastChromaOfLight(s))) {
            return Fault.ASHY;
        }
        if (fault == Fault.PINK && own < .9) {
            return Fault.ASHY;
        }
        return fault == Fault.YELLOW && d.of(Measure.REDDER) > 0 && chroma > 1.3 ? Fault.ORANGE : fault;
    }

    private static Fault highlight(Fault fault, RoleSkin s, Dosed d) {
        boolean pale = d.of(Measure.CHROMA) < RoleBounds.leastChromaOfSheen(s)
                || d.of(Measure.REST_OWN_CHROMA) < RoleBounds.leastOwnOfSheen(s);
        return fault == Fault.TOO_STRONG && pale ? Fault.ASHY : fault;
    }

    private static Fault powder(Fault fault, Dosed d) {
        if (d.of(Measure.LIGHTER) < -.9) {
            return Fault.TOO_DARK;
        }
        if (fault == Fault.CHALKY && d.of(Measure.CHROMA) > 1 && d.of(Measure.LIGHTER) < .5) {
            double turn = d.of(Measure.HUE_TURN);
            return turn < -3 ? Fault.PINK : turn > 3 ? Fault.YELLOW : Fault.ORANGE;
        }
        return fault;
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
