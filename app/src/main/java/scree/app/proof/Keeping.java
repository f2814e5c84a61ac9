package scree.app.proof;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import scree.app.base.BaseChoice;
import scree.app.base.Bases;
import scree.app.base.Worn;
import scree.app.place.Placements;
import scree.app.place.TakenPlan;
import scree.app.place.WorkedZone;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.skin.Readings;
import scree.app.skin.SkinWords;
import scree.app.skin.TakenReading;
import scree.app.studio.StudioId;
import scree.core.colour.Lab;
import scree.core.image.Point;
import scree.core.placement.Piece;
import scree.core.skin.Zone;
import scree.core.skin.ZoneReading;

/** Gathers what a sitting is at a moment, to be kept. */
@Component
class Keeping {
    private final Sittings sittings;
    private final Readings readings;
    private final Bases bases;
    private final Placements placements;
    private final SkinWords skinWords;

    Keeping(Sittings sittings, Readings readings, Bases bases, Placements placements, SkinWords skinWords) {
        this.sittings = sittings;
        this.readings = readings;
        this.bases = bases;
        this.placements = placements;
        this.skinWords = skinWords;
    }

    Kept now(StudioId studio, long id) {
        Sitting sitting = sittings.get(studio, id);
        Optional<TakenReading> reading = readings.of(studio, id);
        String careful = Stream.of(
                        sitting.client().allergies(), sitting.intake().reactions())
                .filter(t -> t != null && !t.isBlank())
                .collect(Collectors.joining("; "));
        return new Kept(
                careful.isEmpty() ? null : careful,
                reading.map(r -> r.light().grade()).orElse(null),
                reading.map(r -> r.skin().trust()).orElse(null),
                reading.map(r -> colours(r.skin().zones())).orElse(Map.of()),
                reading.map(skinWords::verdict).orElse(null),
                bases.choice(studio, id).map(Keeping::base).orElse(null),
                placements.unreadable(studio, id)
                        ? List.of()
                        : placements.inOrder(studio, id).map(Keeping::zones).orElse(List.of()));
    }

    static Map<Zone, Lab> colours(List<ZoneReading> zones) {
        Map<Zone, Lab> colours = new EnumMap<>(Zone.class);
        zones.forEach(z -> colours.put(z.zone(), z.colour()));
        return colours;
    }

    private static Kept.Base base(BaseChoice choice) {
        Worn.Shade shade = choice.worn().shade();
        List<String> parts = choice.worn() instanceof Worn.Mix mix
                ? mix.parts().stream()
                        .map(p -> p.count() + " " + p.line() + " " + p.name())
                        .toList()
                : List.of();
        return new Kept.Base(
                shade.product(),
                choice.fullName(),
                choice.stoneId(),
                choice.settled(),
                choice.target(),
                choice.difference(),
                parts,
                choice.note(),
                choice.standing().overruled());
    }

    private static List<Kept.Drawn> zones(TakenPlan plan) {
        List<Kept.Drawn> drawn = new ArrayList<>();
        for (WorkedZone z : plan.zones()) {
            drawn.add(new Kept.Drawn(
                    z.number(),
                    z.zone().area(),
                    z.zone().side(),
                    z.zone().area().family(),
                    z.zone().strength(),
                    z.zone().pieces().stream().map(p -> outline(plan, p)).toList(),
                    z.product() == null ? null : z.product().fullName(),
                    z.product() == null ? null : z.product().settled()));
        }
        return drawn;
    }

    private static List<Double> outline(TakenPlan plan, Piece piece) {
        List<Double> flat = new ArrayList<>();
        piece.edge().forEach(v -> {
            Point at = plan.level().toPicture(v);
            flat.add((double) Math.round(at.x()));
            flat.add((double) Math.round(at.y()));
        });
        return flat;
    }
}
