package scree.core.judge;

import scree.core.colour.CieDe2000;
import scree.core.colour.Lab;
import scree.core.colour.Xyz;
import scree.core.shade.Role;
import scree.core.skin.ReferenceCurve;

/** The colour that a role should make of its ground. Figures and their reasons: docs/method.md, "Colour by role". */
final class RoleTarget {
    private RoleTarget() {}

    /** @throws IllegalArgumentException for a role that no colour is laid in */
    static Lab of(Role role, RoleSkin s, RoleWish wish) {
        return switch (role) {
            case CONCEALER -> s.skin();
            case POWDER, CORRECTOR -> s.ground();
            case BRIGHTENER -> brightener(s, wish);
            case CONTOUR -> contour(s, wish);
            case BRONZER -> bronzer(s, wish);
            case BLUSH -> blush(s, wish);
            case HIGHLIGHT -> highlight(s, wish);
            case LIP, LIP_STAIN, LIP_LINER, LIP_GLOSS -> lip(s, wish);
            case LID -> lid(s, wish);
            case BROW -> brow(wish);
            case SKIN_CARE, PRIMER, BASE, MIXER, LINER, MASCARA, SPRAY, TOOL ->
                throw new IllegalArgumentException(role + " is not judged by its colour");
        };
    }

    /** Returns how many L* a brightener of this strength lifts: steps of three, less near white. */
    static double lightStep(Lab ground, double strength) {
        return strength * Math.min(6, .35 * (95 - ground.lightness()));
    }

    private static Lab brightener(RoleSkin s, RoleWish wish) {
        Lab g = s.ground();
        Lab own = RoleSkin.own(g, g.lightness() + lightStep(g, wish.strength()));
        return Lab.ofLch(own.lightness(), 1.05 * own.chroma(), own.hueDegrees());
    }

    /** Returns the luminance that the own shadow leaves: 0.70 on deep, 0.64 between, 0.72 on very fair. */
    private static double shadow(RoleSkin s, double strength) {
        double full = .64 + .06 * RoleSkin.clamp((50 - s.skin().lightness()) / 20) + .08 * s.fair();
        return 1 - strength * (1 - full);
    }

    private static Lab contour(RoleSkin s, RoleWish wish) {
        Lab g = s.ground();
        if (wish.stepsSchool()) {
            double l = g.lightness() - 7.5 * wish.strength();
            double chroma = g.chroma() * ((l + 16) / (g.lightness() + 16)) * (1 + .1 * s.deep());
            return Lab.ofLch(l, chroma, g.hueDegrees() - 3);
        }
        double k = shadow(s, wish.strength());
        RoleWish.Tint tint = wish.shadowTint() == null ? RoleWish.Tint.NONE : wish.shadowTint();
        Xyz lit = g.toXyz();
        Lab own = new Xyz(lit.x() * k * tint.x(), lit.y() * k * tint.y(), lit.z() * k * tint.z()).toLab(Xyz.D65);
        double turn = wish.shadowTint() == null ? 2 : 0;
        return Lab.ofLch(own.lightness(), own.chroma() * (1.05 + .10 * s.deep()), own.hueDegrees() - turn);
    }

    private static Lab bronzer(RoleSkin s, RoleWish wish) {
        Lab g = s.ground();
        double l = g.lightness() - 4.5 * wish.strength();
        double tan =
                ReferenceCurve.at(l).chroma() / ReferenceCurve.at(g.lightness()).chroma();
        double chroma = Math.max(1.08 * g.chroma(), g.chroma() * Math.max(.8, Math.min(1.25, tan)));
        return Lab.ofLch(l, chroma, g.hueDegrees() + (1.5 - 2.5 * s.deep()) + 1.5 * s.warm() - s.cool());
    }

    private static Lab blush(RoleSkin s, RoleWish wish) {
        Lab g = s.ground();
        double wanted = blushStrength(s, wish);
        double usual = -8 * s.cool() + 12 * s.neutral() + 32 * s.warm();
        double push = Math.toRadians((1 - s.olive()) * usual + s.olive() * 12);
        double darkening = .40 - .25 * s.deep();
        double low = 0;
        double high = 30;
        for (int i = 0; i < 40; i++) {
            double middle = (low + high) / 2;
            if (CieDe2000.between(pushed(g, middle, push, darkening), g) < wanted) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return pushed(g, low, push, darkening);
    }

    private static Lab pushed(Lab g, double by, double direction, double darkening) {
        return Lab.of(
                g.lightness() - darkening * by, g.a() + by * Math.cos(direction), g.b() + by * Math.sin(direction));
    }

    private static double blushStrength(RoleSkin s, RoleWish wish) {
        double k = s.contrast();
        double face = !s.contrastKnown() ? 1 : k < 22 ? .85 : k > 42 ? 1.12 : 1;
        return (6.2 - .9 * s.fair()) * wish.strength() * face * (wish.muted() ? .7 : 1);
    }

    private static Lab highlight(RoleSkin s, RoleWish wish) {
        Lab g = s.ground();
        double chroma = g.chroma() * (.84 + .10 * s.warm() - .04 * s.cool() + .26 * s.deep());
        return Lab.ofLch(
                g.lightness() + 8 * wish.strength(),
                chroma,
                g.hueDegrees() + 4 * s.warm() - 4 * s.cool() + 2 * s.deep());
    }

    /** Returns the least L* of a lip that does not look heavy on this face. */
    static double lipFloor(RoleSkin s, RoleWish wish) {
        return s.skin().lightness() - (wish.evening() ? 24 + .55 * s.contrast() : 14 + .45 * s.contrast());
    }

    /** Returns the least L* of a lid that does not look heavy on this face. */
    static double lidFloor(RoleSkin s, RoleWish wish) {
        return s.skin().lightness() - (wish.evening() ? 16 + .50 * s.contrast() : 8 + .35 * s.contrast());
    }

    private static Lab lip(RoleSkin s, RoleWish wish) {
        Lab g = s.ground();
        double usual = 8 * s.cool() + 20 * s.neutral() + 36 * s.warm();
        double wanted = (1 - s.olive()) * usual + s.olive() * 18;
        double hue = g.hueDegrees() + .6 * Angles.wrap(wanted - g.hueDegrees());
        return Lab.ofLch(
                Math.max(lipFloor(s, wish), g.lightness() - wish.look().deeper()),
                g.chroma() + wish.look().chroma() * (1 - .25 * s.deep()),
                hue);
    }

    private static Lab lid(RoleSkin s, RoleWish wish) {
        Lab g = s.ground();
        Lab own = RoleSkin.own(g, Math.max(lidFloor(s, wish), g.lightness() - 9 * wish.strength()));
        return Lab.ofLch(own.lightness(), .95 * own.chroma(), own.hueDegrees() - 4);
    }

    private static Lab brow(RoleWish wish) {
        Lab hair = hairOf(wish);
        double by = hair.lightness() < 30 ? 7 : hair.lightness() > 50 ? -6 : 0;
        return Lab.of(hair.lightness() + by, .85 * hair.a(), .85 * hair.b());
    }

    static Lab hairOf(RoleWish wish) {
        if (wish.hair() == null) {
            throw new IllegalArgumentException("a brow is judged beside the hair: read its colour first");
        }
        return wish.hair();
    }
}
