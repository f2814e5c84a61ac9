package scree.core.placement;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import scree.core.face.Side;
import scree.core.method.PlacementMethod;

/** Plans a placement. Pure: equal arguments give an equal plan. */
public final class Planner {
    private static final List<Rule> RULES = Stream.of(
                    ShadowRules.ALL, LightRules.ALL, ColourRules.ALL, SunRules.ALL, SheenRules.ALL, PowderRules.ALL)
            .flatMap(List::stream)
            .toList();

    private Planner() {}

    /** Plans without edits. */
    public static Plan plan(FaceBrief brief, PlacementMethod method) {
        return plan(brief, method, List.of());
    }

    /** Plans, then lays the artist's edits over it, then looks for what should not be. */
    public static Plan plan(FaceBrief brief, PlacementMethod method, List<ZoneEdit> edits) {
        Draft draft = new Draft(brief, method);
        RULES.forEach(rule -> rule.place(draft));
        Checks checks = new Checks(draft);
        List<Caution> withheld = new ArrayList<>();
        List<PlacedZone> sound = new ArrayList<>();
        for (PlacedZone zone : draft.zones()) {
            List<Caution> faults = checks.geometry(zone);
            if (faults.isEmpty()) {
                sound.add(zone);
            } else {
                withheld.addAll(faults);
            }
        }
        sound.sort(Comparator.comparing((PlacedZone z) -> z.area().ordinal()).thenComparing(PlacedZone::side));
        List<PlacedZone> zones = new ArrayList<>();
        List<PlacedZone> leftOut = new ArrayList<>();
        for (PlacedZone zone : sound) {
            Optional<ZoneEdit> edit = edit(edits, zone.area(), zone.side());
            if (edit.map(ZoneEdit::leftOut).orElse(false)) {
                leftOut.add(zone);
            } else {
                zones.add(edit.filter(e -> !e.changesNothing())
                        .map(e -> Handles.drawn(zone, e.moves(), e.strength() == null ? zone.strength() : e.strength()))
                        .orElse(zone));
            }
        }
        return new Plan(zones, leftOut, checks.all(zones), withheld, draft.keptOff());
    }

    private static Optional<ZoneEdit> edit(List<ZoneEdit> edits, Area area, Side side) {
        return edits.stream().filter(e -> e.area() == area && e.side() == side).findFirst();
    }
}
