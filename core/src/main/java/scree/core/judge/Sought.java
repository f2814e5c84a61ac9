package scree.core.judge;

import scree.core.colour.KubelkaMunk;
import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.colour.Spectrum;
import scree.core.reason.Reason;
import scree.core.shade.Role;

/**
 * What to look for when a kit has nothing for a role: the colour of a product whose usual coat would do what is wanted on this skin.
 *
 * @param colour of the product; of its glint where it is a sheen
 * @param ground what it would lie on
 */
public record Sought(Role role, Lab colour, Lab ground) {
    private static final int ROUNDS = 80;
    private static final double SHARE = .5;
    /** A colour that moves by less in a round is found, ΔE00. */
    private static final double STILL = 1e-6;

    private static final double MOST_CHROMA = 50;
    private static final double LIGHTEST = 92;
    private static final double DARKEST = 10;
    /** L* of one step, as shades are told apart. House choice, as in the craft's "one to two steps". */
    private static final double STEP = 3;

    private static final double OWN_HUE = 6;
    private static final double MUTED = .8;
    private static final double RICH = 1.25;
    private static final double BERRY = 5;
    private static final double ROSE = 25;
    private static final double BRICK = 42;

    /** How deep it is beside what it lies on. */
    public enum Beside {
        /** Args: steps of three L*. */
        LIGHTER,
        SAME,
        DEEPER
    }

    /** Its hue: beside the skin's own where it imitates skin, by name where it is colour. */
    public enum Hue {
        PINKER,
        OWN,
        MORE_GOLDEN,
        BERRY,
        ROSE,
        BRICK,
        PEACH
    }

    /** How much colour it has beside what it lies on. */
    public enum Colour {
        MUTED,
        CLEAR,
        RICH
    }

    /** Code of {@link #words}. */
    public enum Code {
        /** Args: {@link Beside}, steps, {@link Hue}, {@link Colour}. */
        LOOK_FOR
    }

    /** Inverts the film by a fixed point, within what products can be. */
    public static Sought of(Role role, RoleSkin skin, RoleWish wish) {
        Lab target = RoleTarget.of(role, skin, wish);
        if (role == Role.HIGHLIGHT) {
            return new Sought(role, target, skin.ground());
        }
        Spectrum ground = skin.groundSpectrum();
        Lab product = target;
        for (int i = 0; i < ROUNDS; i++) {
            Lab laid = LeastSlope.spectrumOf(product)
                    .map(p -> KubelkaMunk.film(p, ground, KubelkaMunk.thicknessFor(p, role.usualContrast()))
                            .toLab())
                    .orElse(target);
            Lab before = product;
            product = held(
                    product.lightness() + SHARE * (target.lightness() - laid.lightness()),
                    product.a() + SHARE * (target.a() - laid.a()),
                    product.b() + SHARE * (target.b() - laid.b()));
            if (before.differenceFrom(product) < STILL) {
                break;
            }
        }
        return new Sought(role, product, skin.ground());
    }

    private static Lab held(double lightness, double a, double b) {
        double chroma = Math.hypot(a, b);
        double share = chroma > MOST_CHROMA ? MOST_CHROMA / chroma : 1;
        return Lab.ofClamped(Math.max(DARKEST, Math.min(LIGHTEST, lightness)), share * a, share * b);
    }

    /** Returns the region in codes that have words. */
    public Reason words() {
        double off = colour.lightness() - ground.lightness();
        int steps = (int) Math.round(Math.abs(off) / STEP);
        Beside beside = steps == 0 ? Beside.SAME : off > 0 ? Beside.LIGHTER : Beside.DEEPER;
        double share = colour.chroma() / Math.max(1, ground.chroma());
        Colour colourful = share < MUTED ? Colour.MUTED : share > RICH ? Colour.RICH : Colour.CLEAR;
        return Reason.note(Code.LOOK_FOR, beside, steps, hue(), colourful);
    }

    private Hue hue() {
        double h = Angles.hue(colour);
        boolean colours = switch (role) {
            case BLUSH, LIP, LIP_STAIN, LIP_LINER, LIP_GLOSS -> true;
            default -> false;
        };
        if (colours) {
            return h < BERRY ? Hue.BERRY : h < ROSE ? Hue.ROSE : h < BRICK ? Hue.BRICK : Hue.PEACH;
        }
        double turn = Angles.wrap(h - Angles.hue(ground));
        return turn < -OWN_HUE ? Hue.PINKER : turn > OWN_HUE ? Hue.MORE_GOLDEN : Hue.OWN;
    }
}
