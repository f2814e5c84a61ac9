package scree.app.correct;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import scree.app.skin.TakenReading;
import scree.core.cover.CoverPlan;
import scree.core.cover.Mark;
import scree.core.cover.Place;
import scree.core.cover.Treatment;
import scree.core.cover.Ware;
import scree.core.placement.Covered;
import scree.core.skin.FreeSpot;
import scree.core.skin.Zone;

/**
 * Correction as it stands.
 *
 * @param base what is worn or stands first on the shortlist, or null
 * @param baseTaken whether the artist took it
 * @param warmLight whether the event's light is another than daylight: what matches by day may part there
 * @param unread spots that tell nothing: too small, dark, on hair or beside the face
 * @param wares what of the kit may be used for this client
 */
public record TakenCorrections(
        CorrectSheet sheet,
        int seq,
        boolean undoable,
        boolean redoable,
        TakenReading reading,
        Ware<Pot> base,
        boolean baseTaken,
        boolean warmLight,
        List<Treated> marks,
        List<FreeSpot> unread,
        List<Ware<Pot>> wares) {
    /**
     * A mark and what is done about it.
     *
     * @param answer of the kit
     * @param plan that is laid: by hand, by the table or as computed; null where nothing is
     * @param byHand whether the artist changed it
     * @param byTable whether it is what the craft's table would lay
     * @param gone names of products of a plan by hand that the kit no longer has
     * @param left whether it stays as it is
     * @param note the artist's own, on broken skin
     */
    public record Treated(
            Mark mark,
            Treatment<Pot> answer,
            CoverPlan<Pot> plan,
            boolean byHand,
            boolean byTable,
            List<String> gone,
            boolean left,
            String note) {
        /** Returns the plan, empty where nothing is laid. */
        public Optional<CoverPlan<Pot>> laid() {
            return left ? Optional.empty() : Optional.ofNullable(plan);
        }

        public boolean broken() {
            return answer.plan() == null;
        }

        /** Returns whether it is covered so heavily on the face that red, pink and sheen stay away from it. */
        public boolean keptClear() {
            return mark.seen().heavy()
                    && laid().isPresent()
                    && mark.spot() != null
                    && mark.spot().y() < Treatment.bodyFrom();
        }
    }

    /** Returns what is covered on the picture: zones first, spots over them. */
    public List<Covered> covered() {
        List<Covered> all = new ArrayList<>();
        for (Treated t : marks) {
            if (t.mark().spot() == null) {
                t.laid()
                        .ifPresent(plan -> reading.face().outlines().stream()
                                .filter(o -> o.zone() == t.mark().zone())
                                .forEach(o -> all.add(
                                        new Covered(o.polygon(reading.face().frame()), Covered.ZONE, false, plan))));
            }
        }
        for (Treated t : marks) {
            if (t.mark().spot() != null) {
                t.laid()
                        .ifPresent(plan -> all.add(new Covered(
                                t.mark().spot().polygon(reading.face().frame(), 1),
                                Covered.SPOT,
                                t.keptClear(),
                                plan)));
            }
        }
        return all;
    }

    /** Returns the spots that red, pink and sheen stay away from. */
    public List<FreeSpot> keptClear() {
        return marks.stream()
                .filter(Treated::keptClear)
                .map(m -> m.mark().spot())
                .toList();
    }

    /** Returns whether the skin under the eyes parts from its surround and nothing brings it back: a brightener turns grey there. */
    public boolean darkUnderEyes() {
        return marks.stream()
                .filter(m -> m.mark().zone() == Zone.UNDER_EYE && m.mark().spot() == null)
                .anyMatch(m -> m.laid().map(p -> p.left() > Place.TARGET).orElse(true));
    }

    /** Returns a mark by its key. */
    public Optional<Treated> mark(String key) {
        return marks.stream().filter(m -> m.mark().key().equals(key)).findFirst();
    }
}
