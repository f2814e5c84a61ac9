package scree.core.judge;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import scree.core.colour.Lab;
import scree.core.mix.KitGaps;
import scree.core.shade.Role;
import scree.core.shade.UsualCoat;
import scree.core.skin.ReferenceCurve;

/**
 * Which skins a kit can serve in a role: a grid of depth and undertone, each cell with the best product of the kit and what one would
 * see of it. A corrector is tried on the three zones that the craft names most.
 *
 * @param <T> a product, however the caller keeps it
 */
public final class RoleGaps<T> {
    /** Roles that can be asked, in the order of the work. */
    public static final List<Role> ASKED = List.of(
            Role.CORRECTOR,
            Role.CONCEALER,
            Role.BRIGHTENER,
            Role.CONTOUR,
            Role.BRONZER,
            Role.BLUSH,
            Role.HIGHLIGHT,
            Role.POWDER,
            Role.LIP,
            Role.LID);

    /** From here down a zone parts from its surround by less. House choice: what is seen on deep skin. */
    private static final double DEEP = 45;

    private static final double DEEP_SHARE = .7;
    /** A usual mark under a concealer. */
    private static final Lab MARK = Lab.of(4, -3, 1.5);

    private final Role role;
    private final List<T> products;
    private final Function<T, LaidProduct> laid;
    private final List<T> concealers;

    /**
     * @param products of the role
     * @param concealers of the kit, that a corrector is tried with
     */
    public RoleGaps(Role role, List<T> products, List<T> concealers, Function<T, LaidProduct> laid) {
        this.role = role;
        this.products = List.copyOf(products);
        this.concealers = List.copyOf(concealers);
        this.laid = laid;
    }

    /** A zone of another colour that artists correct. */
    public enum Mark {
        BLUE_PURPLE(-7, 1, -5),
        REDNESS(-3, 7, -1),
        BROWN(-8, 2, 1);

        private final double lightness;
        private final double a;
        private final double b;

        Mark(double lightness, double a, double b) {
            this.lightness = lightness;
            this.a = a;
            this.b = b;
        }

        /** Returns the zone on a skin. */
        public Lab on(Lab skin) {
            double share = skin.lightness() > DEEP ? 1 : DEEP_SHARE;
            return Lab.ofClamped(skin.lightness() + share * lightness, skin.a() + share * a, skin.b() + share * b);
        }
    }

    /**
     * One skin.
     *
     * @param best product of the kit, empty when the kit has none in the role
     * @param looks what one would see of it
     * @param just whether it fits, but only just
     * @param mark the zone that is not solved, null when all are or none was asked
     */
    public record Cell<T>(
            KitGaps.Lean lean, int lightness, Lab skin, Optional<T> best, Looks looks, boolean just, Mark mark) {
        public boolean served() {
            return best.isPresent() && looks == Looks.FITS;
        }
    }

    /** Returns all cells, fairest first, and by lean within a depth. */
    public List<Cell<T>> cells() {
        Map<T, LaidProduct> all = new HashMap<>();
        products.forEach(p -> all.put(p, laid.apply(p)));
        concealers.forEach(p -> all.computeIfAbsent(p, laid));
        return KitGaps.grid()
                .parallel()
                .map(at -> role == Role.CORRECTOR ? corrected(at, all) : judged(at, all))
                .sorted(Comparator.comparingInt((Cell<T> c) -> -c.lightness()).thenComparing(Cell::lean))
                .toList();
    }

    /** Under these depths the reference curve is greyer than people are. House choice, docs/method.md. */
    private static final double GREY_CURVE = 36;

    private static final double LEAST_CHROMA = 10.5;
    private static final double REDDISH_CURVE = 34;
    private static final double LEAST_HUE = 49;
    private static final double MOST_HUE = 54;

    /** Returns skin as people have it: an olive cast takes a third of the red, at most three. */
    public static Lab skin(KitGaps.Lean lean, double lightness) {
        Lab usual = ReferenceCurve.at(lightness);
        double chroma = lightness < GREY_CURVE ? Math.max(LEAST_CHROMA, usual.chroma()) : usual.chroma();
        double hue = usual.hueDegrees();
        hue = lightness < REDDISH_CURVE ? Math.max(LEAST_HUE, Math.min(MOST_HUE, hue)) : hue;
        Lab people = Lab.ofLch(lightness, chroma, hue + lean.degrees());
        return lean == KitGaps.Lean.OLIVE
                ? Lab.of(lightness, people.a() - Math.min(3, .35 * people.a()), people.b() + 1)
                : people;
    }

    private Cell<T> judged(KitGaps.At at, Map<T, LaidProduct> all) {
        Lab skin = skin(at.lean(), at.lightness());
        RoleJudge judge = new RoleJudge(role, RoleSkin.bare(skin).on(ground(skin)), RoleWish.usual(role));
        return judge.best(products, all::get)
                .map(j -> new Cell<>(
                        at.lean(),
                        at.lightness(),
                        skin,
                        Optional.of(j.what()),
                        j.verdict().looks(),
                        j.verdict().just(),
                        null))
                .orElseGet(() -> none(at, skin));
    }

    private Cell<T> none(KitGaps.At at, Lab skin) {
        return new Cell<>(at.lean(), at.lightness(), skin, Optional.empty(), Looks.NOT_REACHED, false, null);
    }

    private Lab ground(Lab skin) {
        return switch (role) {
            case CONCEALER ->
                Lab.ofClamped(skin.lightness() - MARK.lightness(), skin.a() - MARK.a(), skin.b() - MARK.b());
            case LIP -> RoleSkin.bare(skin).guessedLip();
            default -> skin;
        };
    }

    /** Every zone by the concealer alone or with the best corrector; the product named is the one that most zones take. */
    private Cell<T> corrected(KitGaps.At at, Map<T, LaidProduct> all) {
        Lab skin = skin(at.lean(), at.lightness());
        Optional<T> concealer = concealers.stream()
                .min(Comparator.comparingDouble(
                        c -> all.get(c).coat().product().toLab().differenceFrom(skin)));
        if (concealer.isEmpty() || products.isEmpty()) {
            return none(at, skin);
        }
        UsualCoat cover = all.get(concealer.get()).coat();
        Map<Mark, T> by = new EnumMap<>(Mark.class);
        for (Mark mark : Mark.values()) {
            Solved<T> solved = solved(mark.on(skin), skin, cover, all);
            if (solved.looks != Looks.FITS) {
                return new Cell<>(
                        at.lean(), at.lightness(), skin, Optional.ofNullable(solved.by), solved.looks, false, mark);
            }
            if (solved.by != null) {
                by.put(mark, solved.by);
            }
        }
        T named = by.values().stream().findFirst().orElse(concealer.get());
        return new Cell<>(at.lean(), at.lightness(), skin, Optional.of(named), Looks.FITS, false, null);
    }

    /** @param by null when the concealer does it alone */
    private record Solved<T>(T by, Looks looks) {}

    private Solved<T> solved(Lab zone, Lab skin, UsualCoat cover, Map<T, LaidProduct> all) {
        if (Correction.of(zone, skin, null, cover).looks() == Looks.FITS) {
            return new Solved<>(null, Looks.FITS);
        }
        T best = null;
        Correction least = null;
        for (T p : products) {
            Correction c = Correction.of(zone, skin, all.get(p).coat(), cover);
            boolean better = least == null
                    || (c.looks() == Looks.FITS && least.looks() != Looks.FITS)
                    || (c.looks() == Looks.FITS) == (least.looks() == Looks.FITS) && c.score() < least.score();
            if (better) {
                least = c;
                best = p;
            }
        }
        return new Solved<>(best, least.looks());
    }
}
