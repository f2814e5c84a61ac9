package scree.app.skin;

import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import scree.core.colour.Lab;
import scree.core.colour.Pressed;
import scree.core.image.Calibration;
import scree.core.image.ZoneSample;
import scree.core.light.LightFigures;
import scree.core.light.LightJudge;
import scree.core.light.LightVerdict;
import scree.core.light.MeteredLight;
import scree.core.skin.FreeSpot;
import scree.core.skin.SkinReading;
import scree.core.skin.SpotReading;
import scree.core.skin.Testimony;
import scree.core.skin.UndertoneBench;
import scree.core.skin.Witness;
import scree.core.skin.Zone;
import scree.core.skin.ZoneReading;
import tools.jackson.databind.json.JsonMapper;

/** All that is stored of a reading, as rows; what follows from it is worked out from here alone. */
record StoredReading(
        ReadingRow row,
        List<ZoneRow> zones,
        List<SpotRow> spots,
        List<TestimonyRow> said,
        Optional<MeteredLight> metered,
        Map<Zone, Pressed> pressed) {

    static Map<Witness, Testimony> testimony(List<TestimonyRow> rows) {
        Map<Witness, Testimony> said = new EnumMap<>(Witness.class);
        rows.forEach(t -> said.put(t.witness(), new Testimony(t.answer(), t.struck())));
        return said;
    }

    static List<ZoneRow> zones(long id, SkinReading r) {
        return r.zones().stream().map(z -> row(id, z)).toList();
    }

    private static ZoneRow row(long id, ZoneReading z) {
        Lab c = z.colour();
        ZoneSample s = z.sample();
        return new ZoneRow(
                id,
                z.zone().name(),
                c.lightness(),
                c.a(),
                c.b(),
                z.spread(),
                s.used(),
                s.shine(),
                s.shadow(),
                s.clipped(),
                s.feature());
    }

    static List<SpotRow> spots(long id, SkinReading r) {
        return r.spots().stream().map(s -> row(id, s)).toList();
    }

    private static SpotRow row(long id, SpotReading s) {
        return new SpotRow(
                id,
                s.spot().id(),
                s.colour().lightness(),
                s.colour().a(),
                s.colour().b(),
                s.surround().lightness(),
                s.surround().a(),
                s.surround().b());
    }

    /**
     * Returns what was taken: read back, weighed with what meters and witnesses say.
     *
     * @throws tools.jackson.core.JacksonException when a stored part cannot be read
     * @throws IllegalArgumentException when a stored figure or name is none
     */
    TakenReading taken(JsonMapper json) {
        FaceState face = json.readValue(row.face(), FaceState.class);
        LightFigures figures = row.light() == null
                ? new LightFigures(
                        LightFigures.Card.COLOUR, null, row.sideLight(), null, null, null, null, null, 0, 0, null)
                : json.readValue(row.light(), LightFigures.class);
        LightVerdict light = LightJudge.judge(figures, metered.orElse(null));
        SkinReading read = new SkinReading(
                light.grade() == LightVerdict.Grade.UNFIT
                        ? SkinReading.Trust.PROVISIONAL
                        : SkinReading.Trust.valueOf(row.trust()),
                new Calibration.Quality(row.cardFields(), row.cardLost(), row.cardResidual(), 1, figures.halo()),
                zones.stream()
                        .map(StoredReading::zone)
                        .sorted(Comparator.comparing(ZoneReading::zone))
                        .toList(),
                List.of(),
                spots.stream().flatMap(s -> spot(s, face).stream()).toList(),
                figures,
                List.of());
        Set<Zone> byMeter = EnumSet.noneOf(Zone.class);
        for (var pressed : pressed.entrySet()) {
            if (pressed.getValue().agree()) {
                byMeter.add(pressed.getKey());
                read = read.with(pressed(pressed.getKey(), pressed.getValue()));
            }
        }
        Map<Witness, Testimony> testimony = Collections.unmodifiableMap(testimony(said));
        return new TakenReading(
                row.sittingId(),
                row.pictureId(),
                face,
                read,
                Collections.unmodifiableSet(byMeter),
                light,
                metered,
                testimony,
                UndertoneBench.weigh(read, testimony.values()),
                row.printName(),
                row.keptAt(),
                row.version());
    }

    private static ZoneReading zone(ZoneRow z) {
        return new ZoneReading(
                Zone.valueOf(z.zone()),
                Lab.of(z.labL(), z.labA(), z.labB()),
                z.spread(),
                new ZoneSample(new double[3], 0, z.used(), z.shine(), z.shadow(), z.clipped(), z.feature()));
    }

    private static Optional<SpotReading> spot(SpotRow row, FaceState face) {
        return face.spots().stream()
                .filter(s -> s.id() == row.spot())
                .findFirst()
                .map((FreeSpot s) -> new SpotReading(
                        s,
                        Lab.of(row.labL(), row.labA(), row.labB()),
                        Lab.of(row.roundL(), row.roundA(), row.roundB())));
    }

    private static ZoneReading pressed(Zone zone, Pressed pressed) {
        Lab mean = pressed.mean().orElseThrow();
        return new ZoneReading(
                zone, mean, pressed.spread(), new ZoneSample(new double[3], 0, Pressed.NEEDED, 0, 0, 0, 0), true);
    }
}
