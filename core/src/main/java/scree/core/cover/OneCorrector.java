package scree.core.cover;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import scree.core.colour.Lab;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.UsualCoat;

/**
 * The single corrector to buy that would do most for the places that people show: tried by adding what each place asks for and planning all
 * of them again.
 *
 * @param colour it would have to be
 * @param helped places that it brings back safely, or with a coat less, or clearly thinner
 * @param asked places that ask for more than the base
 */
public record OneCorrector(Lab colour, Leaning leaning, int helped, int asked) {
    /** Colours nearer than this are one product. House choice, ΔE00. */
    private static final double ALIKE = 3;

    private static final int MOST_CANDIDATES = 10;
    /** What it has to save to be called thinner, µm. House choice: a quarter of a coat. */
    private static final double THINNER = 2.5;

    private static final double CONTRAST = .80;

    /** A place with what of the kit may be used there. */
    public record Case<T>(Place<T> place, List<Ware<T>> kit) {
        private CoverPlan<T> with(List<Ware<T>> more) {
            return CoverSearch.of(place, more).best();
        }
    }

    /** Returns the best, empty when no place asks for more than the base or none is helped. */
    public static <T> Optional<OneCorrector> of(List<Case<T>> cases) {
        List<Case<T>> asking = new ArrayList<>();
        List<CoverPlan<T>> now = new ArrayList<>();
        for (Case<T> c : cases) {
            CoverPlan<T> plan = c.with(c.kit());
            if (!plan.baseAlone()) {
                asking.add(c);
                now.add(plan);
            }
        }
        List<OneCorrector> all = new ArrayList<>();
        for (Ideal candidate : candidates(asking)) {
            int helped = 0;
            for (int i = 0; i < asking.size(); i++) {
                helped += helps(candidate, asking.get(i), now.get(i)) ? 1 : 0;
            }
            all.add(new OneCorrector(candidate.colour(), candidate.leaning(), helped, asking.size()));
        }
        return all.stream().filter(o -> o.helped() > 0).max(Comparator.comparingInt(OneCorrector::helped));
    }

    private static <T> List<Ideal> candidates(List<Case<T>> asking) {
        List<Ideal> kept = new ArrayList<>();
        for (Case<T> c : asking) {
            Ideal ideal = Ideal.of(c.place());
            boolean fresh = kept.stream().allMatch(k -> k.colour().differenceFrom(ideal.colour()) > ALIKE);
            if (fresh && kept.size() < MOST_CANDIDATES) {
                kept.add(ideal);
            }
        }
        return kept;
    }

    private static <T> boolean helps(Ideal candidate, Case<T> c, CoverPlan<T> now) {
        List<Ware<T>> more = new ArrayList<>(c.kit());
        more.add(new Ware<>(
                null, "", Role.CORRECTOR, Form.CREAM, UsualCoat.of(Form.CREAM, candidate.colour(), CONTRAST)));
        CoverPlan<T> then = c.with(more);
        return then.level().compareTo(now.level()) < 0
                || then.level() == now.level()
                        && (then.coats() < now.coats() || then.microns() <= now.microns() - THINNER);
    }
}
