package scree.core.skin;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import scree.core.colour.Lab;

/**
 * A client's skin on one day, for the season line.
 *
 * @param skin where a base is matched, jaw to neck
 * @param lean hue against usual skin at that depth in degrees, above 0 more golden
 * @param tan of the face over sheltered skin as optical density; null when either was not read
 * @param trust how far the reading is to be trusted
 */
public record SeasonPoint(LocalDate day, Lab skin, double lean, Double tan, SkinReading.Trust trust) {
    /** How much lighter a skin is than before, with what two readings together may be off; both in L*. */
    public record Change(double lighter, double doubt) {
        /** Returns whether it is more than doubt. */
        public boolean told() {
            return Math.abs(lighter) > doubt;
        }
    }

    /** Returns the point of a reading, or empty when there is nothing to match on. */
    public static Optional<SeasonPoint> of(LocalDate day, SkinReading reading) {
        return MatchTarget.from(reading, MatchTarget.School.JAW_TO_NECK).map(target -> {
            Optional<Lab> cheek =
                    reading.tellingColourOf(Zone.OUTER_CHEEK).or(() -> reading.tellingColourOf(Zone.CHEEK));
            Optional<Lab> rest = reading.tellingColourOf(Zone.FOREARM).or(() -> reading.tellingColourOf(Zone.NECK));
            Double tan = cheek.isPresent() && rest.isPresent()
                    ? Double.valueOf(Overtone.between(cheek.get(), rest.get()).tan())
                    : null;
            return new SeasonPoint(day, target.colour(), ReferenceCurve.hueLean(target.colour()), tan, reading.trust());
        });
    }

    /** Returns what may stand on a line through the year: of what can be trusted one a day, the best and of these the last, by day. */
    public static <T> List<T> trusted(Collection<T> sittings, Function<T, SeasonPoint> point) {
        Map<LocalDate, T> days = new TreeMap<>();
        for (T sitting : sittings) {
            SeasonPoint p = point.apply(sitting);
            if (!p.provisional()) {
                days.merge(
                        p.day(),
                        sitting,
                        (before, now) ->
                                point.apply(before).trust().within() < p.trust().within() ? before : now);
            }
        }
        return new ArrayList<>(days.values());
    }

    /** Returns whether the picture's colours were taken on the camera's word. */
    public boolean provisional() {
        return trust == SkinReading.Trust.PROVISIONAL;
    }

    /** Returns what changed since an earlier day. Two readings err by themselves, so their doubts add up as squares do. */
    public Change since(SeasonPoint earlier) {
        return new Change(
                skin.lightness() - earlier.skin.lightness(), Math.hypot(trust.within(), earlier.trust.within()));
    }

    /** Returns whether the face is tanned beyond what is seen at all. */
    public boolean tanned() {
        return tan != null && tan > Overtone.TAN_SEEN;
    }
}
