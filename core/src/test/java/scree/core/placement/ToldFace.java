package scree.core.placement;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import scree.core.face.FacePoints;
import scree.core.face.FaceReading;
import scree.core.face.Shape;
import scree.core.face.Tick;
import scree.core.face.Trait;
import scree.core.image.Point;
import scree.core.method.Aim;
import scree.core.method.PlacementMethod;
import scree.core.skin.SkinType;

/**
 * The template's face told in words, for tests: {@code "SQUARE LIFT JOWL -NOSE_LENGTH age=60 skin=OILY"}; + and − mark traits high
 * and low, and no others stand out.
 */
record ToldFace(FaceBrief brief, PlacementMethod method) {
    static final FacePoints POINTS = FacePoints.template(new Point(500, 500), new Point(700, 500), new Point(600, 872));

    static ToldFace of(String told) {
        return of(told, POINTS);
    }

    static ToldFace of(String told, FacePoints points) {
        Shape shape = Shape.OVAL;
        PlacementMethod method = PlacementMethod.usual();
        Set<Tick> ticks = EnumSet.noneOf(Tick.class);
        Map<Trait, Optional<Boolean>> traits = new EnumMap<>(Trait.class);
        for (Trait t : Trait.values()) {
            traits.put(t, Optional.empty());
        }
        int age = 30;
        SkinType skin = SkinType.NORMAL;
        for (String word : told.split(" ")) {
            String name = word.substring(1);
            if (word.startsWith("+") || word.startsWith("-")) {
                traits.put(Trait.valueOf(name), Optional.of(word.startsWith("+")));
            } else if (word.startsWith("age=")) {
                age = Integer.parseInt(word.substring(4));
            } else if (word.startsWith("skin=")) {
                skin = SkinType.valueOf(word.substring(5));
            } else if (is(Shape.class, word)) {
                shape = Shape.valueOf(word);
            } else if (is(Aim.class, word)) {
                method = method.withAim(Aim.valueOf(word));
            } else {
                ticks.add(Tick.valueOf(word));
            }
        }
        return new ToldFace(FaceBrief.of(points, FaceReading.of(points), shape, traits, ticks, age, skin), method);
    }

    private static <E extends Enum<E>> boolean is(Class<E> type, String word) {
        return EnumSet.allOf(type).stream().anyMatch(e -> e.name().equals(word));
    }

    Plan plan() {
        return Planner.plan(brief, method);
    }

    Draft draft() {
        return new Draft(brief, method);
    }
}
