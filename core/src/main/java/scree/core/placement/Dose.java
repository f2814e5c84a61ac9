package scree.core.placement;

import java.util.OptionalDouble;
import scree.core.colour.Lab;
import scree.core.judge.LaidProduct;
import scree.core.judge.RoleJudge;
import scree.core.judge.RoleSkin;
import scree.core.judge.RoleWish;
import scree.core.judge.Verdict;
import scree.core.shade.Role;

/**
 * How much of a product a zone takes on this skin, and what it then looks like. The dose is the judge's: the one that comes nearest to the
 * colour that the zone's strength asks for. Shadow and light also imitate a slope: a plane turned by θ from a light at φ returns
 * cos(φ + θ) / cos φ of it (Lambert), so a film that multiplies luminance by k reads as θ = arccos(k cos φ) − φ.
 *
 * @param coats of one usual coat each, at the zone's peak
 * @param ground what it lies on
 * @param result colour of ground and film there
 * @param verdict what one would see
 * @param degrees that the plane seems turned, back is plus, forward minus; empty where no plane could return so much light
 */
public record Dose(double coats, Lab ground, Lab result, Verdict verdict, OptionalDouble degrees) {
    /** Direction of the window against the face. House choice: light from a little above and aside. */
    static final double LIGHT_DEGREES = 40;
    /** No plane returns more than this of the most; above it there is lightness, no slope. */
    private static final double MOST_OF_LIGHT = .98;
    /** ΔE00 of a patch's peak that each pupil distance of its softness bears: steeper, its edge reads as a line. House choice. */
    private static final double PEAK_PER_SOFTNESS = 80;

    private static final double STEP = .05;
    private static final double HARDLY = .02;

    /** Returns the slope that a change of luminance imitates, in degrees; back is plus; empty where none does. */
    static OptionalDouble degrees(double k) {
        double phi = Math.toRadians(LIGHT_DEGREES);
        double c = k * Math.cos(phi);
        return c > MOST_OF_LIGHT ? OptionalDouble.empty() : OptionalDouble.of(Math.toDegrees(Math.acos(c) - phi));
    }

    /** Returns how soft a zone lies in a form: a powder's edge melts by itself, a cream is tapped out. House choice. */
    public static double softness(PlacedZone zone, LaidProduct product) {
        return zone.blur()
                * switch (product.form()) {
                    case POWDER, MIST -> 1.15;
                    case PENCIL, STICK -> .95;
                    default -> 1;
                };
    }

    /**
     * Doses a product for a zone.
     *
     * @param wish its strength is not asked; the zone's is
     */
    public static Dose of(LaidProduct product, RoleSkin skin, RoleWish wish, PlacedZone zone) {
        Role role = zone.area().family().wants();
        double strength = zone.strength();
        if (strength < HARDLY) {
            return none(skin);
        }
        if (role == Role.POWDER) {
            return lightly(product, skin, wish, Math.min(1, strength));
        }
        Dose dose = at(role, product, skin, wish, strength);
        if (role != Role.BLUSH) {
            return dose;
        }
        double most = PEAK_PER_SOFTNESS * softness(zone, product);
        double least = RoleJudge.leastLayable(product.form());
        RoleJudge judge = RoleJudge.ofHint(role, skin, wish.at(strength));
        double coats = dose.coats();
        while (dose.result().differenceFrom(skin.ground()) > most
                && coats - STEP >= least) { // a steep edge is answered by less colour
            coats -= STEP;
            dose = of(judge.judge(product, coats), skin);
        }
        return dose;
    }

    private static Dose none(RoleSkin skin) {
        Lab bare = skin.ground();
        Verdict nothing = new Verdict(0, bare, bare, bare, scree.core.judge.Looks.FITS, 0, 0, 0, 0);
        return new Dose(0, bare, bare, nothing, OptionalDouble.of(0));
    }

    private static Dose lightly(LaidProduct product, RoleSkin skin, RoleWish wish, double coats) {
        return of(new RoleJudge(Role.POWDER, skin, wish).judge(product, coats), skin);
    }

    private static Dose at(Role role, LaidProduct product, RoleSkin skin, RoleWish wish, double strength) {
        return of(RoleJudge.ofHint(role, skin, wish.at(strength)).judge(product), skin);
    }

    private static Dose of(Verdict v, RoleSkin skin) {
        double k = Math.pow((v.result().lightness() + 16) / (skin.ground().lightness() + 16), 3);
        return new Dose(v.coats(), skin.ground(), v.result(), v, degrees(k));
    }
}
