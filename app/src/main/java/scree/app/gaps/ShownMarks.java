package scree.app.gaps;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.correct.Corrections;
import scree.app.correct.Pot;
import scree.app.correct.TakenCorrections;
import scree.app.skin.Readings;
import scree.app.studio.StudioId;
import scree.core.cover.OneCorrector;
import scree.core.cover.Place;
import scree.core.cover.Ware;
import scree.core.shade.Role;

/** What a studio's clients show, and the single corrector that would do most for it. */
@Service
public class ShownMarks {
    /** The latest clients that are looked at, and covers nearest to each place: enough to tell, and answered in a second. House choices. */
    private static final int CLIENTS = 40;

    private static final int COVERS = 8;

    private final Readings readings;
    private final Corrections corrections;

    ShownMarks(Readings readings, Corrections corrections) {
        this.readings = readings;
        this.corrections = corrections;
    }

    /** Returns the corrector, empty when nothing would be gained by one. */
    @Transactional(readOnly = true)
    public Optional<OneCorrector> corrector(StudioId studio) {
        List<OneCorrector.Case<Pot>> cases = new ArrayList<>();
        readings.known(studio).stream()
                .limit(CLIENTS)
                .flatMap(k -> corrections.of(studio, k.sitting()).stream())
                .forEach(t -> t.marks().stream()
                        .filter(m -> !m.broken())
                        .map(m -> m.answer().plan().place())
                        .forEach(p -> cases.add(new OneCorrector.Case<>(p, near(t, p)))));
        return OneCorrector.of(cases);
    }

    private static List<Ware<Pot>> near(TakenCorrections t, Place<Pot> place) {
        var target = place.target().toLab();
        List<Ware<Pot>> all = new ArrayList<>(
                t.wares().stream().filter(w -> w.role() == Role.CORRECTOR).toList());
        t.wares().stream()
                .filter(w -> w.role() == Role.CONCEALER || w.role() == Role.BASE)
                .sorted(Comparator.comparingDouble((Ware<Pot> w) -> w.colour().differenceFrom(target))
                        .thenComparing(Ware::key))
                .limit(COVERS)
                .forEach(all::add);
        return all;
    }
}
