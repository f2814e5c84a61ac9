package scree.core.placement;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import scree.core.face.Balance;
import scree.core.face.FacePoints;
import scree.core.face.FaceReading;
import scree.core.face.Finding;
import scree.core.face.LevelledFace;
import scree.core.face.Shape;
import scree.core.face.Tick;
import scree.core.face.Trait;
import scree.core.skin.SkinType;

/**
 * What a placement needs to know of a face: its points, its shape and findings as read or as the artist overruled them, and
 * what the artist ticked.
 *
 * @param shares over all shapes; an overruled shape has share 1
 * @param traits that stand out, true when high
 * @param ticks seen or felt by the artist
 * @param age in years, 0 when unknown
 * @param matureFrom the age from which a face gets the care of older ones
 * @param skinType null when unknown
 */
public record FaceBrief(
        LevelledFace face,
        Map<Shape, Double> shares,
        Map<Trait, Boolean> traits,
        Balance balance,
        Set<Tick> ticks,
        int age,
        int matureFrom,
        SkinType skinType) {
    public FaceBrief {
        shares = Map.copyOf(shares);
        traits = Map.copyOf(traits);
        ticks = Set.copyOf(ticks);
    }

    /** Takes a reading as it is. */
    public static FaceBrief of(FacePoints points, FaceReading reading, Set<Tick> ticks, int age, SkinType skin) {
        return of(points, reading, null, Map.of(), ticks, age, skin);
    }

    /**
     * Takes a reading with the artist's word over it.
     *
     * @param overruledShape or null
     * @param overruled traits: empty means "not so", a value means high or low
     */
    public static FaceBrief of(
            FacePoints points,
            FaceReading reading,
            Shape overruledShape,
            Map<Trait, Optional<Boolean>> overruled,
            Set<Tick> ticks,
            int age,
            SkinType skin) {
        Map<Shape, Double> shares = new EnumMap<>(Shape.class);
        for (Shape s : Shape.values()) {
            double read = reading.shape().share(s);
            shares.put(s, overruledShape == null ? read : s == overruledShape ? 1.0 : 0.0);
        }
        Map<Trait, Boolean> traits = new EnumMap<>(Trait.class);
        for (Finding f : reading.findings()) {
            if (f.told() && f.strength() != Finding.Strength.TOUCH) {
                traits.put(f.trait(), f.high());
            }
        }
        overruled.forEach(
                (trait, say) -> say.ifPresentOrElse(high -> traits.put(trait, high), () -> traits.remove(trait)));
        return new FaceBrief(
                LevelledFace.of(points), shares, traits, reading.balance(), ticks, age, Tick.matureFrom(), skin);
    }

    /** Returns the same with another age from which a face gets the care of older ones. */
    public FaceBrief matureFrom(int years) {
        return new FaceBrief(face, shares, traits, balance, ticks, age, years, skinType);
    }

    /** Returns whether age asks for the care of older faces. */
    boolean old() {
        return age >= matureFrom;
    }

    boolean is(Trait trait, boolean high) {
        return Boolean.valueOf(high).equals(traits.get(trait));
    }

    boolean has(Tick tick) {
        return ticks.contains(tick);
    }

    /** Returns whether age or lines ask for care under the eye. */
    boolean mature() {
        return old() || has(Tick.UNDER_EYE_LINES);
    }

    /** Returns whether a heart's outline is round: its jaw wants shadow too and no light. */
    boolean roundedHeart() {
        return lead() == Shape.HEART && (second() == Shape.ROUND || has(Tick.ROUND_OUTLINE));
    }

    Shape lead() {
        return ranked(0);
    }

    Shape second() {
        return ranked(1);
    }

    private Shape ranked(int place) {
        return shares.entrySet().stream()
                .sorted(Map.Entry.<Shape, Double>comparingByValue()
                        .reversed()
                        .thenComparing(Map.Entry.comparingByKey()))
                .skip(place)
                .findFirst()
                .orElseThrow()
                .getKey();
    }
}
