package scree.app.place;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import scree.app.correct.Pot;
import scree.app.correct.TakenCorrections;
import scree.core.cover.Mark;
import scree.core.cover.Place;
import scree.core.cover.SpotLast;
import scree.core.cover.Treatment;
import scree.core.cover.Ware;
import scree.core.face.LevelledFace;
import scree.core.placement.Family;
import scree.core.placement.Patch;
import scree.core.plane.Vec;
import scree.core.shade.Role;

/** Plans spots after all else is on: mixed from what lies there, so that none shows as a light dot. */
final class SpotsLast {
    private SpotsLast() {}

    /**
     * A spot.
     *
     * @param under names of what lies over it
     */
    record Spot(Mark mark, SpotLast<Pot> answer, List<String> under) {}

    /** Returns the face's spots that lie under something placed; broken skin and what is left as it is are none. */
    static List<Spot> of(TakenCorrections taken, TakenPlan plan) {
        if (taken.reading().pictureId() != plan.face().sheet().pictureId()) {
            return List.of();
        }
        return taken.marks().stream()
                .filter(m -> m.mark().spot() != null && !m.broken() && !m.left())
                .filter(m -> m.mark().spot().y() < Treatment.bodyFrom())
                .flatMap(m -> spot(taken, m, plan).stream())
                .toList();
    }

    private static Optional<Spot> spot(TakenCorrections t, TakenCorrections.Treated treated, TakenPlan plan) {
        Mark mark = treated.mark();
        LevelledFace face = plan.level();
        Vec at = face.fromPicture(t.reading()
                .face()
                .frame()
                .toPicture(mark.spot().x(), mark.spot().y()));
        List<SpotLast.Over<Pot>> over = new ArrayList<>();
        List<String> names = new ArrayList<>();
        for (WorkedZone z : plan.zones()) {
            Family family = z.zone().area().family();
            boolean colours = family == Family.SHADOW || family == Family.SUN || family == Family.COLOUR;
            boolean lifted = treated.keptClear() && family.lifted();
            if (z.dose() != null && colours && !lifted) {
                double amount = Patch.of(z.zone(), z.laid()).amountAt(at);
                if (SpotLast.colours(amount)) {
                    over.add(over(z, amount));
                    names.add(z.product().fullName());
                }
            }
        }
        if (over.isEmpty()) {
            return Optional.empty();
        }
        Place<Pot> place = treated.answer().plan().place();
        List<Ware<Pot>> concealers =
                t.wares().stream().filter(w -> w.role() == Role.CONCEALER).toList();
        return Optional.of(new Spot(mark, SpotLast.of(place, over, concealers), names));
    }

    private static SpotLast.Over<Pot> over(WorkedZone z, double amount) {
        Pot pot = Pot.of(z.product());
        Ware<Pot> ware = new Ware<>(
                pot,
                pot.stone(),
                z.product().role(),
                z.product().form(),
                z.laid().coat());
        return new SpotLast.Over<>(
                ware,
                z.laid().coat().onChart(z.dose().coats() * amount),
                z.product().powder());
    }
}
