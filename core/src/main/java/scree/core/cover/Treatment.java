package scree.core.cover;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import scree.core.colour.Lab;
import scree.core.reason.Reason;
import scree.core.shade.Role;
import scree.core.skin.Texture;

/**
 * The question what to do about a mark: the computed plan, what the craft's table would do, what the short cuts would, and why.
 *
 * @param plan the one proposed; null for broken skin, where nothing is
 * @param reaches whether it comes within the target
 * @param ideal corrector for it, null for broken skin
 * @param table what the craft's habit would do
 * @param stirred a mix instead of a light cover under a deeper one, if any
 * @param wanting what to buy where the kit does not bring it back safely
 */
public record Treatment<T>(
        Mark mark,
        CoverPlan<T> plan,
        boolean reaches,
        Ideal ideal,
        ByTable<T> table,
        List<ShortCut<T>> shortCuts,
        Optional<Stirred<T>> stirred,
        Optional<Wanting> wanting,
        List<Reason> why,
        List<Reason> care) {
    /** What a corrector saves is said from here, µm. House choice. */
    private static final double SAID_MICRONS = .5;

    /** Returns the answer of a kit. */
    public static <T> Treatment<T> of(Mark mark, Place<T> place, List<Ware<T>> kit) {
        List<Reason> care = new ArrayList<>(Care.of(mark));
        if (mark.bears() == Bears.BROKEN) {
            return new Treatment<>(
                    mark, null, false, null, null, List.of(), Optional.empty(), Optional.empty(), List.of(), care);
        }
        CoverSearch.Found<T> found = CoverSearch.of(place, kit);
        CoverPlan<T> plan = found.best();
        boolean safe = found.plan().map(CoverPlan::level).orElse(null) == CoverPlan.Level.SAFE;
        ByTable<T> table = ByTable.of(place, mark.seen(), kit);
        care.addAll(Care.of(plan));
        return new Treatment<>(
                mark,
                plan,
                found.plan().isPresent(),
                Ideal.of(place),
                table,
                ShortCut.of(place, kit),
                Stirred.of(plan),
                safe ? Optional.empty() : Wanting.of(place, kit),
                why(place, kit, found, table),
                care);
    }

    /** On the face base and powder lie once, thin under the eyes and on the lids. House choices. */
    private static final double ON_THE_FACE = 1;

    private static final double ON_THIN_SKIN = .5;
    /** Below the chin no base is worn, in pupil distances under the eyes. House choice. */
    private static final double BODY_FROM = 1.9;

    /** Returns how far down the face goes, in pupil distances under the eyes: below it no base and no colour is planned. */
    public static double bodyFrom() {
        return BODY_FROM;
    }

    /** Returns how much base lies on a mark, in usual coats: none on broken skin and on the body. */
    public static double baseCoats(Mark mark) {
        Bears bears = mark.bears();
        if (bears == Bears.BROKEN || mark.spot() != null && mark.spot().y() > BODY_FROM) {
            return 0;
        }
        return thin(bears) ? ON_THIN_SKIN : ON_THE_FACE;
    }

    /** Returns how much powder goes over a mark at last, in usual coats: none on broken and on dry skin, little where skin folds. */
    public static double powderCoats(Mark mark) {
        if (mark.bears() == Bears.BROKEN || mark.feel().contains(Texture.DRY_PATCH)) {
            return 0;
        }
        return thin(mark.bears()) ? ON_THIN_SKIN : ON_THE_FACE;
    }

    private static boolean thin(Bears bears) {
        return bears == Bears.UNDER_EYE
                || bears == Bears.LID
                || bears == Bears.CREPE
                || bears == Bears.FINE_LINES
                || bears == Bears.BAG;
    }

    /** Returns a place as a mark stands on a face with this base. */
    public static <T> Place<T> place(Mark mark, Ware<T> base, double baseCoats) {
        return Place.of(mark.colour(), mark.surround(), base, baseCoats, mark.bears());
    }

    private static <T> List<Reason> why(
            Place<T> place, List<Ware<T>> kit, CoverSearch.Found<T> found, ByTable<T> table) {
        CoverPlan<T> plan = found.best();
        List<Reason> why = new ArrayList<>();
        if (found.plan().isEmpty()) {
            why.add(outOfReach(plan));
        } else if (plan.baseAlone()) {
            why.add(Reason.note(CoverCode.BASE_ALONE));
        } else if (plan.corrects()) {
            why.add(corrected(place, kit, plan));
        } else if (plan.over().stream().allMatch(l -> l.ware().role() == Role.BASE)
                && plan.under().isEmpty()) {
            why.add(Reason.note(CoverCode.MORE_BASE));
        } else {
            why.add(Reason.note(CoverCode.COVER_ALONE));
        }
        if (plan.level() == CoverPlan.Level.JUST) {
            why.add(Reason.check(CoverCode.JUST));
        }
        double alone = CoverPlan.of(place, List.of(), List.of()).left();
        table.plan()
                .filter(t -> new Stack<>(place, t.under(), List.of()).left() > alone)
                .ifPresent(t -> why.add(Reason.check(
                        CoverCode.TABLE_HARMS, table.asked(), new Stack<>(place, t.under(), List.of()).left(), alone)));
        return why;
    }

    private static <T> Reason corrected(Place<T> place, List<Ware<T>> kit, CoverPlan<T> plan) {
        Leaning leaning = plan.under().stream()
                .filter(l -> l.ware().corrects())
                .map(l -> Leaning.of(l.ware().colour()))
                .findFirst()
                .orElse(Leaning.SKIN);
        List<Ware<T>> without =
                kit.stream().filter(w -> w.role() != Role.CORRECTOR).toList();
        Optional<CoverPlan<T>> other = CoverSearch.of(place, without).plan();
        if (other.isEmpty()) {
            return Reason.note(CoverCode.ONLY_CORRECTED, leaning);
        }
        double saved = Math.max(0, other.get().microns() - plan.microns());
        return Reason.note(
                CoverCode.CORRECTED,
                leaning,
                saved < SAID_MICRONS ? 0 : saved,
                other.get().coats() - plan.coats());
    }

    /** Which way the rest parts most. */
    public enum Way {
        DEEPER,
        LIGHTER,
        REDDER,
        GREENER,
        YELLOWER,
        BLUER
    }

    private static <T> Reason outOfReach(CoverPlan<T> plan) {
        Lab seen = new Stack<>(plan.place(), plan.under(), plan.over()).seen().toLab();
        Lab target = plan.place().target().toLab();
        double l = seen.lightness() - target.lightness();
        double a = seen.a() - target.a();
        double b = seen.b() - target.b();
        Way way = Math.abs(l) >= Math.abs(a) && Math.abs(l) >= Math.abs(b)
                ? l < 0 ? Way.DEEPER : Way.LIGHTER
                : Math.abs(a) >= Math.abs(b) ? a > 0 ? Way.REDDER : Way.GREENER : b > 0 ? Way.YELLOWER : Way.BLUER;
        double far = Math.max(Math.abs(l), Math.max(Math.abs(a), Math.abs(b)));
        return Reason.caution(CoverCode.OUT_OF_REACH, plan.left(), way, far);
    }
}
