package scree.app.base;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import scree.app.Sentences;
import scree.app.kit.Opened;
import scree.app.kit.Product;
import scree.app.kit.Stock;
import scree.app.kit.Swatch;
import scree.core.colour.Lab;
import scree.core.light.LightVerdict;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.shade.RankBases;
import scree.core.shade.Role;
import scree.core.shade.ShadeReason;
import scree.core.shade.Traits;
import scree.core.shade.Wear;
import scree.core.skin.MatchTarget;
import scree.core.skin.ReferenceCurve;
import scree.core.skin.SkinReading;
import scree.core.skin.Undertone;

/** Shortlists for one medium skin, for tests of what is shown of them. */
final class SampleLists {
    private SampleLists() {}

    static final Instant NOW = Instant.parse("2026-06-20T12:00:00Z");
    static final Lab SKIN = ReferenceCurve.at(62);
    static final MatchTarget TARGET =
            new MatchTarget(SKIN, ReferenceCurve.at(61), SKIN, ReferenceCurve.at(63.5), MatchTarget.School.JAW_TO_NECK);
    static final BaseWords WORDS = words();

    static BaseWords words() {
        return new BaseWords(Sentences.all());
    }

    static Product product(long id, double settledL, Form form) {
        Lab settled = ReferenceCurve.at(settledL);
        return new Product(
                id,
                "Marl",
                "N" + id,
                Role.BASE,
                form,
                Finish.SATIN,
                .8,
                Swatch.of(Lab.of(settledL + 2, settled.a(), settled.b()), Lab.of(settledL, settled.a(), settled.b())),
                Traits.UNTOLD,
                Opened.UNKNOWN,
                null,
                Stock.ENOUGH,
                0);
    }

    static Shortlist.Ranked ranked(Product p, int rank) {
        Lab on = p.settled();
        return new Shortlist.Ranked(
                p,
                rank,
                new RankBases.Placed((int) p.id(), on, on.differenceFrom(SKIN), 0, List.of(), List.of()),
                ShadeReason.of(on, TARGET),
                List.of());
    }

    static Shortlist list(double... depths) {
        List<Shortlist.Ranked> ranked = new ArrayList<>();
        for (double l : depths) {
            ranked.add(ranked(product(ranked.size() + 1, l, Form.LIQUID), ranked.size() + 1));
        }
        return new Shortlist(
                TARGET,
                List.of(),
                SkinReading.Trust.COLOUR_CARD,
                Undertone.Family.NEUTRAL,
                Wear.Wish.none(),
                BaseSetting.usual().or(false, false),
                ranked,
                List.of(),
                ranked.subList(0, Math.min(3, ranked.size())),
                depths.length,
                depths.length,
                new LightVerdict(LightVerdict.Grade.GOOD, List.of()));
    }
}
