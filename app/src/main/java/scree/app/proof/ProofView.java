package scree.app.proof;

import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import scree.app.chair.ChairLog;
import scree.app.look.Stones;
import scree.core.colour.Srgb;
import scree.core.face.FacePoints;
import scree.core.face.Overlay;
import scree.core.image.Point;
import scree.core.placement.Area;
import scree.core.skin.SkinChange;

/**
 * The record of a sitting as it is shown.
 *
 * @param kept since when it is kept, or that it is the sitting as it stands
 * @param slider before and after over each other, or null where one is missing
 * @param changes what the work changed, zone by zone, in words
 * @param flash what the flash pair says, or null
 */
record ProofView(
        String kept,
        Slider slider,
        List<Shot> shots,
        List<String> changes,
        String flash,
        Facts facts,
        Work work,
        List<Told> wore,
        List<String> learned) {
    /**
     * Two pictures in one frame.
     *
     * @param after null where there is none yet
     * @param matrix that lays the second on the first, or null where no face was found in one of them
     * @param apart what keeps the two from being compared edge by edge, or null
     * @param outlines of the placement as it was drawn
     */
    record Slider(
            long before,
            Long after,
            int width,
            int height,
            String box,
            String matrix,
            String apart,
            List<Outline> outlines) {}

    /** An outline of a zone. */
    record Outline(String path, String family, String name) {}

    /** A picture of the sitting. */
    record Shot(long id, String words) {}

    /** A product in a list. */
    record Pot(String name, String path, String colour) {}

    /** What was decided, in words; null where nothing was. */
    record Facts(
            String careful,
            String light,
            String trust,
            String skin,
            Pot base,
            String figure,
            String parts,
            String note,
            String against,
            List<String> zones) {}

    /** What was done at the chair. */
    record Work(String summary, List<Row> rows) {}

    /** One step. */
    record Row(
            String step,
            boolean done,
            String took,
            String planned,
            boolean slow,
            List<Pot> with,
            String amount,
            List<String> different) {}

    /** How it wore. */
    record Told(String head, String seen, String reaction, String words) {}

    private static final Stones STONES = new Stones();
    /** Room about the face in the frame, in pupil distances. */
    private static final double ROOM = .55;
    /** Over the plan by so much is shown as slow. */
    private static final double SLOW = 1.25;

    private static final int MINUTE = 60;

    static ProofView of(Proofs.Told told, List<Proofs.ToldBefore> before, ZoneId zone, ProofWords words) {
        After plain = told.after().stream().filter(a -> !a.flash()).findFirst().orElse(null);
        After flash = told.after().stream().filter(After::flash).findFirst().orElse(null);
        After shown = plain == null ? flash : plain;
        return new ProofView(
                stand(told.sitting().done(), told.madeAt(), zone, words),
                told.before().isEmpty() ? null : slider(told, shown, words),
                shots(told, words),
                changes(told.kept(), shown, words),
                cast(plain, flash, words),
                facts(told.kept(), words),
                told.work().map(w -> work(w, words)).orElse(null),
                told.wore().stream().map(w -> wore(w, zone, words)).toList(),
                words.learned(before));
    }

    /** A record is made right after the end is stored: between the two nobody is told that the sitting goes on. */
    static String stand(boolean ended, OffsetDateTime madeAt, ZoneId zone, ProofWords words) {
        if (madeAt == null) {
            return words.say(ended ? "proof.ended" : "proof.stands");
        }
        return words.say("proof.kept", words.date("date.moment", madeAt.atZoneSameInstant(zone)));
    }

    private static Slider slider(Proofs.Told told, After shown, ProofWords words) {
        var before = told.before().orElseThrow();
        int width = before.width();
        int height = before.height();
        FacePoints below = told.below().orElse(null);
        Overlay over = below == null || shown == null
                ? null
                : shown.face().map(f -> Overlay.of(f.facePoints(), below)).orElse(null);
        String apart = shown == null || over != null && over.samePose()
                ? null
                : words.say(over == null ? "proof.apart.noFace" : "proof.apart.pose");
        return new Slider(
                before.id(),
                shown == null ? null : shown.picture(),
                width,
                height,
                below == null ? "0 0 " + width + " " + height : box(below, width, height),
                over == null ? null : matrix(over),
                apart,
                below == null ? List.of() : outlines(told.kept(), words));
    }

    private static String matrix(Overlay over) {
        return String.format(
                Locale.ROOT,
                "matrix(%.5f %.5f %.5f %.5f %.2f %.2f)",
                over.along(),
                over.across(),
                -over.across(),
                over.along(),
                over.right(),
                over.down());
    }

    private static List<Outline> outlines(Kept kept, ProofWords words) {
        List<Outline> outlines = new ArrayList<>();
        for (Kept.Drawn z : kept.zones()) {
            for (List<Double> flat : z.outlines()) {
                StringBuilder path = new StringBuilder();
                for (int i = 0; i + 1 < flat.size(); i += 2) {
                    path.append(i == 0 ? "M" : "L")
                            .append(Math.round(flat.get(i)))
                            .append(' ')
                            .append(Math.round(flat.get(i + 1)));
                }
                outlines.add(new Outline(
                        path.append('Z').toString(), z.family().name().toLowerCase(Locale.ROOT), words.zone(z)));
            }
        }
        return outlines;
    }

    /** The face with room around it, within the picture. */
    private static String box(FacePoints points, int width, int height) {
        double room = ROOM * points.unit();
        List<Point> at = points.marks().stream().map(FacePoints.Mark::at).toList();
        double left = Math.max(0, at.stream().mapToDouble(Point::x).min().orElse(0) - room);
        double top = Math.max(0, at.stream().mapToDouble(Point::y).min().orElse(0) - room);
        double right = Math.min(width, at.stream().mapToDouble(Point::x).max().orElse(width) + room);
        double bottom = Math.min(height, at.stream().mapToDouble(Point::y).max().orElse(height) + room);
        return String.format(Locale.ROOT, "%.0f %.0f %.0f %.0f", left, top, right - left, bottom - top);
    }

    private static List<Shot> shots(Proofs.Told told, ProofWords words) {
        List<Shot> shots = new ArrayList<>();
        told.before().ifPresent(p -> shots.add(new Shot(p.id(), words.say("proof.shot.before"))));
        told.after()
                .forEach(a -> shots.add(
                        new Shot(a.picture(), words.say(a.flash() ? "proof.shot.flash" : "proof.shot.after"))));
        Set<Long> known = new TreeSet<>(shots.stream().map(Shot::id).toList());
        told.work()
                .ifPresent(w -> w.pictures().stream()
                        .filter(known::add)
                        .forEach(id -> shots.add(new Shot(id, words.say("proof.shot.chair")))));
        return shots;
    }

    private static List<String> changes(Kept kept, After shown, ProofWords words) {
        if (shown == null || shown.skin().isEmpty() || !kept.measured()) {
            return shown == null ? List.of() : List.of(words.say("proof.change.unmeasured"));
        }
        List<String> said = words.changes(SkinChange.between(kept.skin(), shown.skin()));
        return said.isEmpty() ? List.of(words.say("proof.change.none")) : said;
    }

    private static String cast(After plain, After flash, ProofWords words) {
        if (plain == null || flash == null) {
            return null;
        }
        OptionalDouble cast = SkinChange.cast(plain.skin(), flash.skin());
        if (cast.isEmpty()) {
            return words.say("proof.flash.unmeasured");
        }
        return words.say(
                SkinChange.shows(cast.getAsDouble()) ? "proof.flash.cast" : "proof.flash.clean",
                String.format(Locale.ROOT, "%.1f", cast.getAsDouble()));
    }

    private static Facts facts(Kept kept, ProofWords words) {
        Kept.Base base = kept.base();
        Set<String> zones = new java.util.LinkedHashSet<>();
        kept.zones().forEach(z -> zones.add(words.zone(z)));
        return new Facts(
                kept.careful(),
                kept.light() == null ? null : words.say("light.grade." + kept.light()),
                kept.trust() == null ? null : words.say("proof.trust." + kept.trust()),
                kept.skinWords(),
                base == null
                        ? null
                        : new Pot(base.name(), STONES.pebble(base.stone(), 24, 20, 16), Srgb.hex(base.settled())),
                base == null ? null : String.format(Locale.ROOT, "ΔE %.1f", base.difference()),
                base == null || base.parts().isEmpty() ? null : String.join(" + ", base.parts()),
                base == null ? null : base.note(),
                base == null ? null : base.against(),
                List.copyOf(zones));
    }

    private static Work work(ChairLog log, ProofWords words) {
        List<Row> rows = new ArrayList<>();
        long taken = 0;
        for (ChairLog.Done d : log.steps()) {
            taken += d.seconds();
            rows.add(new Row(
                    d.step(),
                    d.done(),
                    d.seconds() == 0 ? null : words.time(d.seconds()),
                    words.time(d.plannedSeconds()),
                    d.seconds() > SLOW * d.plannedSeconds(),
                    d.with().stream()
                            .map(w -> new Pot(w.name(), STONES.pebble(w.stone(), 14, 12, 9), w.colour()))
                            .toList(),
                    d.amount(),
                    d.different()));
        }
        long planned =
                log.steps().stream().mapToLong(ChairLog.Done::plannedSeconds).sum();
        return new Work(words.say("proof.work", (taken + MINUTE / 2) / MINUTE, (planned + MINUTE / 2) / MINUTE), rows);
    }

    private static Told wore(Wore w, ZoneId zone, ProofWords words) {
        String seen = String.join(
                ", ", w.seen().stream().map(s -> words.say("proof.seen." + s)).toList());
        return new Told(
                words.say(
                        "proof.wore.head",
                        w.hours(),
                        w.by().split(" ")[0],
                        words.date(
                                "date.moment",
                                LocalDateTime.ofInstant(w.toldAt().toInstant(), zone))),
                w.place() == null ? seen : seen.isEmpty() ? w.place() : words.say("proof.seen.at", seen, w.place()),
                w.reaction(),
                w.words());
    }

    /**
     * What two sittings differ by.
     *
     * @param wasOther what was done otherwise than planned then, step by step
     * @param isOther the same of now
     */
    record Against(
            String then,
            String now,
            Long thenPicture,
            Long nowPicture,
            Facts was,
            Facts is,
            List<String> wasOther,
            List<String> isOther,
            List<String> differs) {}

    /** Returns what was not done as it was planned. */
    static List<String> otherwise(Optional<ChairLog> work, ProofWords words) {
        List<String> other = new ArrayList<>();
        for (ChairLog.Done d : work.map(ChairLog::steps).orElse(List.of())) {
            if (!d.different().isEmpty()) {
                other.add(words.say("proof.otherwise.step", d.step(), String.join("; ", d.different())));
            } else if (!d.done() && work.get().finished() != null) {
                other.add(words.say(
                        "proof.otherwise.step",
                        d.step(),
                        words.say("proof.work.undone").toLowerCase(words.locale())));
            }
        }
        return other;
    }

    static Against against(
            Proofs.Told then,
            Proofs.Told now,
            Map<String, String> days,
            Long thenPicture,
            Long nowPicture,
            List<String> differs,
            ProofWords words) {
        return new Against(
                days.get("then"),
                days.get("now"),
                thenPicture,
                nowPicture,
                facts(then.kept(), words),
                facts(now.kept(), words),
                otherwise(then.work(), words),
                otherwise(now.work(), words),
                differs);
    }

    static String areas(Set<Area> areas, ProofWords words) {
        return String.join(", ", areas.stream().map(words::area).toList());
    }
}
