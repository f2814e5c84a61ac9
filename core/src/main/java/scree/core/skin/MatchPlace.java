package scree.core.skin;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import scree.core.colour.Lab;
import scree.core.reason.Reason;

/**
 * One place that a base could be matched on, what it is good for in a school, and why.
 *
 * @param zone null for the hand, which is never read
 * @param colour null when it was not read
 */
public record MatchPlace(Zone zone, Lab colour, Use use, Reason reason) {
    /** What a place is good for. */
    public enum Use {
        /** The base has to meet it. */
        MATCHED,
        /** Tells the undertone, not the depth. */
        UNDERTONE,
        /** Looked at beside, not met. */
        REFERENCE,
        /** Never, and why. */
        REFUSED
    }

    /** Reasons. */
    public enum Code {
        /** One colour over face and neck. */
        IN_THE_RUN,
        OUTER_FACE_LEADS,
        /** The neck is evened up to the face. */
        NECK_FOLLOWS,
        /** The face is brought to the body. */
        BODY_LEADS,
        FACE_FOLLOWS,
        /** Args: how much deeper in L*, how much redder in a*. */
        CHEST_SUN_MARKED,
        /** The chest is matched only when shoulders show. */
        CHEST_NOT_ASKED,
        CHEST_NOT_READ,
        FOREARM_TELLS_UNDERTONE,
        FOREARM_NOT_ASKED,
        FOREARM_NOT_READ,
        /** Args: how much deeper in L*. Less base there, none at the hairline. */
        FOREHEAD_DEEPER,
        FOREHEAD_ALIKE,
        HAND_NEVER
    }

    static boolean markedBySun(SkinReading reading) {
        return sunMark(reading).isPresent();
    }

    private static Optional<SkinFinding> sunMark(SkinReading reading) {
        return found(reading, SkinFinding.Code.CHEST_MARKED_BY_SUN);
    }

    private static Optional<SkinFinding> found(SkinReading reading, SkinFinding.Code code) {
        return SkinFindings.of(reading).stream().filter(f -> f.code() == code).findFirst();
    }

    /** Returns every place in the order of the face downwards, the hand last. Places that were not read stand only where asked. */
    public static List<MatchPlace> of(SkinReading reading, MatchTarget.School school) {
        List<MatchPlace> places = new ArrayList<>();
        forehead(reading).ifPresent(places::add);
        boolean outer = school == MatchTarget.School.OUTER_FACE;
        boolean body = school == MatchTarget.School.FACE_TO_BODY;
        Code face = outer ? Code.OUTER_FACE_LEADS : body ? Code.FACE_FOLLOWS : Code.IN_THE_RUN;
        add(places, reading, Zone.OUTER_CHEEK, body ? Use.REFERENCE : Use.MATCHED, face);
        boolean run = !outer && !body;
        Code jaw = outer ? Code.NECK_FOLLOWS : body ? Code.FACE_FOLLOWS : Code.IN_THE_RUN;
        add(places, reading, Zone.JAW, run ? Use.MATCHED : Use.REFERENCE, jaw);
        Code neck = outer ? Code.NECK_FOLLOWS : body ? Code.BODY_LEADS : Code.IN_THE_RUN;
        add(places, reading, Zone.NECK, outer ? Use.REFERENCE : Use.MATCHED, neck);
        chest(reading, body).ifPresent(places::add);
        forearm(reading, school == MatchTarget.School.FOREARM).ifPresent(places::add);
        places.add(new MatchPlace(null, null, Use.REFUSED, Reason.check(Code.HAND_NEVER)));
        return places;
    }

    private static void add(List<MatchPlace> places, SkinReading reading, Zone zone, Use use, Code code) {
        reading.tellingColourOf(zone)
                .ifPresent(colour -> places.add(new MatchPlace(zone, colour, use, Reason.note(code))));
    }

    private static Optional<MatchPlace> forehead(SkinReading reading) {
        return reading.tellingColourOf(Zone.FOREHEAD)
                .map(colour -> new MatchPlace(
                        Zone.FOREHEAD,
                        colour,
                        Use.REFERENCE,
                        found(reading, SkinFinding.Code.FOREHEAD_DEEPER)
                                .map(f -> Reason.check(Code.FOREHEAD_DEEPER, -f.deltaL()))
                                .orElse(Reason.note(Code.FOREHEAD_ALIKE))));
    }

    private static Optional<MatchPlace> chest(SkinReading reading, boolean asked) {
        Optional<Lab> colour = reading.tellingColourOf(Zone.CHEST);
        if (colour.isEmpty()) {
            return asked
                    ? Optional.of(new MatchPlace(Zone.CHEST, null, Use.REFERENCE, Reason.check(Code.CHEST_NOT_READ)))
                    : Optional.empty();
        }
        Optional<SkinFinding> marked = sunMark(reading);
        if (marked.isPresent()) {
            Reason why = Reason.check(
                    Code.CHEST_SUN_MARKED, -marked.get().deltaL(), marked.get().deltaA());
            return Optional.of(new MatchPlace(Zone.CHEST, colour.get(), Use.REFUSED, why));
        }
        return Optional.of(new MatchPlace(
                Zone.CHEST,
                colour.get(),
                asked ? Use.MATCHED : Use.REFERENCE,
                Reason.note(asked ? Code.BODY_LEADS : Code.CHEST_NOT_ASKED)));
    }

    private static Optional<MatchPlace> forearm(SkinReading reading, boolean asked) {
        Optional<Lab> colour = reading.tellingColourOf(Zone.FOREARM);
        if (colour.isEmpty()) {
            return asked
                    ? Optional.of(
                            new MatchPlace(Zone.FOREARM, null, Use.UNDERTONE, Reason.check(Code.FOREARM_NOT_READ)))
                    : Optional.empty();
        }
        return Optional.of(new MatchPlace(
                Zone.FOREARM,
                colour.get(),
                asked ? Use.UNDERTONE : Use.REFERENCE,
                Reason.note(asked ? Code.FOREARM_TELLS_UNDERTONE : Code.FOREARM_NOT_ASKED)));
    }
}
